package waypost.library.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;

/** Says how the body is placed and which joints move: "Sitting; knee flexion 90° to 10°; hip flexion stays at 80°". */
public final class PoseWords {

    private PoseWords() {}

    public static String say(Pose pose, Role role) {
        List<String> parts = new ArrayList<>(List.of(Words.sentenceCase(Terms.posture(pose.posture()))));
        Map<Motion, Degrees> end = pose.end(role);
        pose.start(role).entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(start ->
                        joint(start.getKey(), start.getValue(), end.getOrDefault(start.getKey(), start.getValue())))
                .forEach(parts::add);
        if (pose.isOfBothSides()) {
            parts.add(pose.sides() == Pose.Sides.IN_TURN ? "the two sides in turn" : "both sides alike");
        }
        return String.join("; ", parts) + ".";
    }

    /** The same, with what it is done with: "Sitting; knee flexion 90° to 10°. With: band, chair." */
    public static String say(Activity activity, Role role) {
        List<String> equipment = activity.equipment();
        String with = equipment.isEmpty() ? "" : " With: " + String.join(", ", equipment) + ".";
        return say(activity.pose(role), role) + with;
    }

    private static String joint(Motion motion, Degrees start, Degrees end) {
        return start.equals(end)
                ? Terms.bend(motion) + " stays at " + Terms.degrees(start)
                : Terms.bend(motion) + " " + Terms.degrees(start) + " to " + Terms.degrees(end);
    }
}
