package waypost.app.figure;

import waypost.core.body.Motion;
import waypost.core.body.Side;

/** Chooses from where a movement is seen: so that its angle lies in the picture. */
final class Views {

    private static final double RAISED = 45;

    private Views() {}

    /**
     * @param other how the other leg stands, where it is seen from the side
     */
    static View of(Motion leading, Angles end, Side side, Angles other) {
        Angles still = Angles.still(end.posture());
        return switch (leading) {
            case MCP_FLEXION, PIP_FLEXION, DIP_FLEXION, WRIST_FLEXION -> new HandView(leading);
            case SHOULDER_CROSSING, FOREARM_ROTATION -> new AboveView(leading, side);
            case SHOULDER_ROTATION ->
                Math.max(end.of(Motion.SHOULDER_ABDUCTION), end.of(Motion.SHOULDER_FLEXION)) >= RAISED
                        ? new SideView(still, true, leading, other)
                        : new AboveView(leading, side);
            case SHOULDER_ABDUCTION -> new FrontView(still, true, leading, side);
            case HIP_ABDUCTION, HIP_ROTATION, ANKLE_INVERSION -> new FrontView(still, false, leading, side);
            case SHOULDER_FLEXION, ELBOW_FLEXION -> new SideView(still, true, leading, other);
            case HIP_FLEXION, KNEE_FLEXION, ANKLE_DORSIFLEXION -> new SideView(still, false, leading, other);
        };
    }
}
