package waypost.app.figure;

import java.util.Locale;
import waypost.core.body.Motion;
import waypost.core.body.Side;

/** Chooses from where a movement is seen: so that its angle lies in the picture. */
final class Views {

    private static final double RAISED = 45;

    private Views() {}

    static View of(Motion leading, Angles end, Side side) {
        Angles still = Angles.still(end.posture());
        return switch (leading) {
            case MCP_FLEXION, PIP_FLEXION, DIP_FLEXION, WRIST_FLEXION -> new HandView(leading);
            case SHOULDER_CROSSING, FOREARM_ROTATION -> new AboveView(leading, side);
            case SHOULDER_ROTATION ->
                Math.max(end.of(Motion.SHOULDER_ABDUCTION), end.of(Motion.SHOULDER_FLEXION)) >= RAISED
                        ? new SideView(still, true, leading)
                        : new AboveView(leading, side);
            case SHOULDER_ABDUCTION -> new FrontView(still, true, leading, side);
            case HIP_ABDUCTION, HIP_ROTATION, ANKLE_INVERSION -> new FrontView(still, false, leading, side);
            case SHOULDER_FLEXION, ELBOW_FLEXION -> new SideView(still, true, leading);
            case HIP_FLEXION, KNEE_FLEXION, ANKLE_DORSIFLEXION -> new SideView(still, false, leading);
        };
    }

    static Figure.Head head(Point at) {
        return new Figure.Head(said(at.x()), said(0 - at.y()), said(Build.HEAD));
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
