package waypost.app.store;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.log.Narrowing;
import waypost.core.protocol.Protocol;
import waypost.library.coursefile.CourseFileWriter.NarrowingText;
import waypost.library.coursefile.Narrowings;

/**
 * What a therapist narrowed and nobody took back.
 *
 * @param subject the id of a limit, a motion such as "knee flexion", or an activity, by kind
 * @param allow what is still allowed, as a protocol file writes it; empty for a bar
 * @param enteredBy the therapist
 */
public record NarrowingRow(
        UUID id,
        UUID courseId,
        String why,
        Kind kind,
        String subject,
        String allow,
        LocalDate since,
        @Nullable LocalDate lastOn,
        String enteredBy) {

    /** What is narrowed. */
    public enum Kind {
        LIMIT,
        MOTION,
        BARS
    }

    /**
     * The narrowing in the terms of its protocol.
     *
     * @throws IllegalArgumentException with what was found and what is allowed
     */
    public Narrowing narrowing(Protocol protocol) {
        return new Narrowing(
                id.toString(),
                enteredBy,
                since,
                Optional.ofNullable(lastOn),
                why,
                Narrowings.change(protocol, id.toString(), word(), subject, allow));
    }

    /** The narrowing in the words in which it was entered. */
    public NarrowingText text() {
        return new NarrowingText(
                id.toString(), enteredBy, since, Optional.ofNullable(lastOn), why, word(), subject, allow);
    }

    private String word() {
        return kind.name().toLowerCase(Locale.ROOT);
    }
}
