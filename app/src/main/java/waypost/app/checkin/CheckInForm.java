package waypost.app.checkin;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.log.Response;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;

/**
 * A check-in as it was entered; blank is not asked.
 *
 * @param flag ids of the flags that were ticked
 * @param sleep how the night was
 * @param soreness when the joint was sore after the last session
 * @param asked "none" when every flag was asked and none applies, "true" when only those ticked do; else nobody said
 */
public record CheckInForm(
        @Nullable String checkInId,
        @Nullable String painNow,
        @Nullable String painAfter,
        @Nullable String painMorning,
        @Nullable String swelling,
        @Nullable String homeSessions,
        @Nullable String words,
        @Nullable String sleep,
        @Nullable String soreness,
        @Nullable List<String> flag,
        @Nullable String asked) {

    private static final int MOST_SESSIONS = 170;
    private static final int LONGEST = 2000;

    static CheckInForm blank() {
        return new CheckInForm(
                UUID.randomUUID().toString(), null, null, null, null, null, null, null, null, null, null);
    }

    UUID readId() {
        return Entered.id("checkInId", text(checkInId));
    }

    /** What was said, or a refusal at each field. Flags are never taken as "no" for not being asked. */
    CheckIn read(List<RedFlag> flags) {
        Set<String> known = new HashSet<>();
        flags.forEach(each -> known.add(each.id()));
        Set<String> ticked = Set.copyOf(flag == null ? List.of() : flag);
        if (!known.containsAll(ticked)) {
            throw new FormProblem("flag", "A question that is not among those shown was ticked. Open the page again.");
        }
        boolean none = text(asked).equals("none");
        if (!none && !text(asked).equals("true")) {
            throw new FormProblem("asked", "Ask every question, then tap that none was left out.");
        }
        if (none && !ticked.isEmpty()) {
            throw new FormProblem(
                    "asked",
                    "Found " + ticked.size() + " ticked though none applies. Take it back, or tap that only what is"
                            + " ticked applies.");
        }
        return new CheckIn(
                pain("painNow", painNow)
                        .orElseThrow(
                                () -> new FormProblem("painNow", "Ask for the pain now: it is the day's baseline.")),
                pain("painAfter", painAfter),
                pain("painMorning", painMorning),
                Entered.choice(CheckIn.Swelling.class, "swelling", text(swelling)),
                ticked);
    }

    private static Optional<Integer> pain(String field, @Nullable String entered) {
        return Entered.whole(field, text(entered), 10);
    }

    Optional<Integer> readHomeSessions() {
        return Entered.whole("homeSessions", text(homeSessions), MOST_SESSIONS);
    }

    String readWords() {
        return Entered.words("words", words, LONGEST);
    }

    /** How a night was. */
    enum Sleep {
        WELL,
        WOKE,
        HARDLY
    }

    @Nullable
    String readSleep() {
        return text(sleep).isEmpty()
                ? null
                : Entered.choice(Sleep.class, "sleep", text(sleep)).name();
    }

    Response.Soreness readSoreness() {
        return text(soreness).isEmpty()
                ? Response.Soreness.NONE
                : Entered.choice(Response.Soreness.class, "soreness", text(soreness));
    }

    /** Whether a flag was ticked. */
    public boolean ticks(String id) {
        return flag != null && flag.contains(id);
    }

    static String text(@Nullable String entered) {
        return entered == null ? "" : entered.strip();
    }
}
