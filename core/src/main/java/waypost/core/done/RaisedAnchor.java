package waypost.core.done;

import java.util.HashMap;
import java.util.Map;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;

/** A band's anchor: only the band gets longer or shorter. */
record RaisedAnchor() implements Raising {

    @Override
    public Activity.Exercise by(Activity.Exercise exercise, double metres) {
        return anchored(exercise, metres, 0);
    }

    static Activity.Exercise anchored(Activity.Exercise exercise, double high, double away) {
        Map<String, Pose> poses = new HashMap<>(exercise.poses());
        poses.replaceAll((role, pose) -> pose.anchored(high, away));
        return exercise.done(exercise.roles(), poses);
    }
}
