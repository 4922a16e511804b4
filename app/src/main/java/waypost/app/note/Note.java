package waypost.app.note;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A note as it is kept, in the clinic's time. */
public record Note(
        UUID id,
        LocalDate visitedOn,
        String subjective,
        String objective,
        String assessment,
        String plan,
        String ownWords,
        String response,
        @Nullable LocalDate nextOn,
        @Nullable UUID amends,
        String why,
        String writtenBy,
        LocalDateTime writtenAt,
        boolean signed,
        @Nullable String countersignedBy,
        boolean amended) {

    /** Whether somebody who may sign still has to. */
    public boolean waits() {
        return !signed && countersignedBy == null;
    }

    /** The whole note as plain text. */
    public String text(String patient, String operation) {
        StringBuilder text = new StringBuilder();
        text.append("Visit of ")
                .append(visitedOn)
                .append('\n')
                .append(patient)
                .append('\n')
                .append(operation)
                .append('\n');
        if (amends != null) {
            text.append("Amends an earlier note: ").append(why).append('\n');
        }
        text.append(body());
        text.append('\n').append(standing()).append('\n');
        return text.toString();
    }

    /** Its parts under their titles, without who it is about and who wrote it. */
    String body() {
        StringBuilder text = new StringBuilder();
        part(text, "Subjective", subjective);
        part(text, "Objective", objective);
        part(text, "Response", response);
        part(text, "Assessment", assessment);
        part(text, "Plan", plan + (nextOn == null ? "" : "\nNext visit: " + nextOn));
        part(text, "In the therapist's own words", ownWords);
        return text.toString();
    }

    /** Who wrote and signed it. */
    public String standing() {
        String at = " on " + writtenAt.toLocalDate() + " at "
                + writtenAt.toLocalTime().withSecond(0).withNano(0);
        if (signed) {
            return "Signed by " + writtenBy + at + ".";
        }
        return "Written by " + writtenBy + at + ", "
                + (countersignedBy == null ? "not countersigned yet." : "countersigned by " + countersignedBy + ".");
    }

    private static void part(StringBuilder text, String title, String words) {
        if (!words.isBlank()) {
            text.append('\n').append(title).append('\n').append(words).append('\n');
        }
    }
}
