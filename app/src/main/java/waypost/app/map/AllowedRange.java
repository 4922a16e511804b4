package waypost.app.map;

import waypost.core.body.Arc;
import waypost.core.demand.BodyShare;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;

/** Which part of all that is possible is allowed: lowest and highest, from 0 to 100; both 0 for what has no range to draw. */
public final class AllowedRange {

    private AllowedRange() {}

    /** What a step of a limit leaves. */
    public static double[] of(Limit<?> limit, Allowed<?> allowed) {
        Object bound = allowed.most().map(Object.class::cast).orElse(limit);
        if (limit instanceof MotionLimit motion && bound instanceof Arc arc) {
            Arc possible = motion.motion().possible();
            return new double[] {
                100 * (arc.least().value() - possible.least().value()) / possible.span(),
                100 * (arc.most().value() - possible.least().value()) / possible.span()
            };
        }
        if (bound instanceof BodyShare share) {
            return new double[] {0, Math.min(100, share.percent())};
        }
        return new double[] {0, 0};
    }
}
