package waypost.library.coursefile;

import java.util.List;
import java.util.Set;
import waypost.core.body.Motion;
import waypost.core.limit.Allowed;
import waypost.core.limit.Circumstance;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Change;
import waypost.core.protocol.Protocol;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.library.bundle.Bounds;
import waypost.library.bundle.Word;

/** Makes what a therapist narrows from its words: a limit of the protocol, a motion of its own, or an exercise by name. */
public final class Narrowings {

    private Narrowings() {}

    /**
     * The change.
     *
     * @param kind limit, motion or bars
     * @param subject the id of a limit, a motion such as "knee flexion", or an activity
     * @param allow what is still allowed: "at most 60", "50 %", "none"; nothing for a bar
     * @throws IllegalArgumentException with what was found and what is allowed
     */
    public static Change change(Protocol protocol, String id, String kind, String subject, String allow) {
        return switch (kind) {
            case "limit" -> newValue(protocol.limit(subject), allow);
            case "motion" -> newValue(motion(id, Word.read(Motion.class, subject)), allow);
            case "bars" -> new Change.Bars(Set.of(subject));
            default -> throw new IllegalArgumentException("found '" + kind + "', allowed: limit, motion or bars");
        };
    }

    /** A limit on every movement of an axis that no rule of the protocol stands behind. */
    static Limit<?> motion(String id, Motion motion) {
        return new MotionLimit(
                RuleHead.of(id, "Narrowed"),
                Circumstance.any(motion),
                new Schedule<>(List.of(new Schedule.Entry<>(new Moment.Day(0), Allowed.nothing()))));
    }

    static <T> Change newValue(Limit<T> limit, String allow) {
        return new Change.NewValue<>(limit, Bounds.read(limit, allow));
    }
}
