package waypost.app.note;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/**
 * What is written at the end of a visit.
 *
 * @param visitedOn the day of the visit; empty for today
 * @param amends id of the note that this one amends; empty for a first note
 */
public record NoteForm(
        @Nullable String noteId,
        @Nullable String visitedOn,
        @Nullable String painNow,
        @Nullable String response,
        @Nullable String ownWords,
        @Nullable String nextOn,
        @Nullable String nextAt,
        @Nullable String amends,
        @Nullable String why,
        @Nullable String shown,
        @Nullable String password) {

    private static final int LONGEST = 8000;
    private static final int LONGEST_RESPONSE = 900;

    UUID readId() {
        return Entered.id("noteId", text(noteId));
    }

    Optional<LocalDate> readVisitedOn() {
        return text(visitedOn).isEmpty() ? Optional.empty() : Optional.of(Entered.date("visitedOn", text(visitedOn)));
    }

    String readOwnWords() {
        return Entered.words("ownWords", ownWords, LONGEST);
    }

    /** How it went: pain at the end and what was seen. */
    String readResponse() {
        String pain = text(painNow);
        if (!pain.isEmpty() && (!pain.matches("\\d{1,2}") || Integer.parseInt(pain) > 10)) {
            throw new FormProblem("painNow", "Found '" + pain + "', allowed: 0 to 10.");
        }
        String said = Entered.words("response", response, LONGEST_RESPONSE);
        return ((pain.isEmpty() ? "" : "Pain at the end " + pain + " of 10. ") + said).strip();
    }

    Optional<LocalDate> readNextOn() {
        return text(nextOn).isEmpty() ? Optional.empty() : Optional.of(Entered.date("nextOn", text(nextOn)));
    }

    Optional<UUID> readAmends() {
        return text(amends).isEmpty() ? Optional.empty() : Optional.of(Entered.id("amends", text(amends)));
    }

    String readWhy() {
        String said = text(why);
        if (readAmends().isPresent() && (said.length() < 3 || said.length() > 300)) {
            throw new FormProblem("why", "Found " + said.length() + " characters, allowed: a reason of 3 to 300.");
        }
        return readAmends().isPresent() ? said : "";
    }

    static String text(@Nullable String entered) {
        return entered == null ? "" : entered.strip();
    }
}
