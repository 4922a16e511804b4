package waypost.app.report;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.library.words.Dates;

/**
 * A report as it was signed.
 *
 * @param answer what the surgeon answered; blank for "seen"; absent while nobody has
 */
public record Report(
        UUID id,
        UUID courseId,
        LocalDate reportedOn,
        String words,
        String asked,
        String writtenBy,
        @Nullable String answer,
        @Nullable String answeredBy,
        @Nullable LocalDate answeredOn) {

    public boolean isAnswered() {
        return answer != null;
    }

    /** "Seen by Dr Halloway on Thu 3 Apr 2031." and what was written with it. */
    public String answered() {
        if (answer == null || answeredOn == null) {
            return "Not answered yet.";
        }
        return "Seen by " + answeredBy + " on " + Dates.say(answeredOn) + "." + (answer.isBlank() ? "" : " " + answer);
    }

    public String said() {
        return Dates.say(reportedOn);
    }
}
