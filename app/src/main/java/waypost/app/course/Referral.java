package waypost.app.course;

import java.time.LocalDate;
import java.util.UUID;
import waypost.core.body.Side;
import waypost.core.question.Answers;

/**
 * A referral that was read and checked.
 *
 * @param courseId the id that the course will have: sending the form twice makes one course
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
        String why) {}
