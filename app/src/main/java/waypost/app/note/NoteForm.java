package waypost.app.note;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/**
 * What is written at the end of a visit.
 *
 * @param visitedOn the day of the visit; empty for today
 * @param home roles of the list for home, activity/role
 * @param homeDose the dose of each, in the same order as {@code homeRole}
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
        @Nullable List<String> home,
        @Nullable List<String> homeRole,
        @Nullable List<String> homeDose,
        @Nullable List<String> homeOften,
        @Nullable String amends,
        @Nullable String why,
        @Nullable String shown,
        @Nullable String password) {

    private static final int LONGEST = 8000;
    private static final int LONGEST_RESPONSE = 900;

    /** One line of the list for home. */
    record Home(String role, String dose, String often) {}

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

    /** The lines that were ticked, in their order. */
    List<Home> readHome() {
        List<Home> lines = new ArrayList<>();
        List<String> roles = homeRole == null ? List.of() : homeRole;
        for (int nth = 0; nth < roles.size(); nth++) {
            if (home != null && home.contains(roles.get(nth))) {
                lines.add(new Home(roles.get(nth), at(homeDose, nth), at(homeOften, nth)));
            }
        }
        return lines;
    }

    private static String at(@Nullable List<String> list, int nth) {
        String said = list == null || nth >= list.size() ? "" : list.get(nth).strip();
        return said.length() <= 200 ? said : said.substring(0, 200);
    }

    static String text(@Nullable String entered) {
        return entered == null ? "" : entered.strip();
    }
}
