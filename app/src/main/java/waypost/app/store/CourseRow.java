package waypost.app.store;

import java.time.LocalDate;
import java.util.UUID;

/** A course with its patient and its current referral statement. {@code answers} is JSON. */
public record CourseRow(
        UUID id,
        UUID clinicId,
        String bundleHash,
        String protocolId,
        String patientName,
        String patientNumber,
        LocalDate birthDate,
        UUID statementId,
        String operation,
        LocalDate dayZero,
        String side,
        String surgeon,
        String answers) {}
