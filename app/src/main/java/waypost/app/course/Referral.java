package waypost.app.course;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import waypost.core.body.Side;
import waypost.core.question.Answers;

/**
 * A referral that was read and checked.
 *
 * @param courseId the id that the course will have: sending the form twice makes one course
 * @param revises the course of the same patient that this one revises or repairs anew
 */
record Referral(
        UUID courseId,
        String patientName,
        LocalDate birthDate,
        String number,
        String protocol,
        String operation,
        Side side,
        LocalDate dayZero,
        String surgeon,
        Answers answers,
        Optional<UUID> revises,
        String why) {

    /** The same of this course. */
    Referral of(UUID course) {
        return copy(course, answers, why);
    }

    /** The same with other answers, and why. */
    Referral answering(Answers other, String reason) {
        return copy(courseId, other, reason);
    }

    private Referral copy(UUID course, Answers answered, String reason) {
        return new Referral(
                course,
                patientName,
                birthDate,
                number,
                protocol,
                operation,
                side,
                dayZero,
                surgeon,
                answered,
                revises,
                reason);
    }
}
