package waypost.app.store;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A course with its patient and its current referral statement.
 *
 * @param answers as JSON
 * @param revises the course of the same patient that this one revises, if one
 * @param endedOn the first day on which it no longer runs; absent while it does
 * @param lastReading the number of its last reading, whatever became of it; absent where there is none
 * @param readings how many there are, whatever became of them
 * @param ownExercises tells one state of the clinic's own exercises from another; absent where it has none
 */
public record CourseRow(
        UUID id,
        UUID clinicId,
        UUID patientId,
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
        String answers,
        @Nullable UUID revises,
        @Nullable LocalDate endedOn,
        @Nullable Long lastReading,
        long readings,
        @Nullable String ownExercises) {

    /** The same course under another published bundle. */
    CourseRow under(String otherHash) {
        return new CourseRow(
                id,
                clinicId,
                patientId,
                otherHash,
                protocolId,
                patientName,
                patientNumber,
                birthDate,
                statementId,
                operation,
                dayZero,
                side,
                surgeon,
                answers,
                revises,
                endedOn,
                lastReading,
                readings,
                ownExercises);
    }
}
