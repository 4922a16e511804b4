package waypost.core.progression;

import java.util.Optional;
import waypost.core.course.Course;
import waypost.core.log.Response;
import waypost.core.protocol.PainRule;
import waypost.core.resolved.Resolved;

/**
 * How much pain a set may give.
 *
 * @param most 0 to 10
 * @param from who or what says so
 */
public record PainLimit(int most, From from) {

    /** Where a limit comes from. */
    public enum From {
        PROTOCOL,
        /** The pain of the day on coming in. */
        BASELINE,
        /** A therapist allows less. */
        PRESCRIPTION
    }

    /** However much pain somebody arrives with, a set may not give more than this (common practice, no source). */
    static final int CAP = 5;

    /**
     * The protocol's own threshold; where it has none, less than a rise that matters above the day's baseline, and never
     * above {@link #CAP} (common practice, no source).
     */
    public static PainLimit of(Optional<PainRule> rule, int baseline) {
        return rule.map(written -> new PainLimit(written.most(), From.PROTOCOL))
                .orElseGet(
                        () -> new PainLimit(Math.min(CAP, baseline + Response.RISE_THAT_MATTERS - 1), From.BASELINE));
    }

    static PainLimit of(Course course, int baseline) {
        return of(course.resolved().pain().map(Resolved.PainInForce::rule), baseline);
    }

    public boolean isBrokenBy(int pain) {
        return pain > most;
    }
}
