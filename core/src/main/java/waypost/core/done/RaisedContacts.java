package waypost.core.done;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Spot;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;

/** A bar or a wedge: what rests on it is lifted, and the body is placed anew. */
record RaisedContacts(Set<Spot> lifted) implements Raising {

    @Override
    public Activity.Exercise by(Activity.Exercise exercise, double metres) {
        Map<String, Pose> poses = new HashMap<>(exercise.poses());
        poses.replaceAll((role, pose) -> lifted(pose, metres));
        return exercise.done(exercise.roles(), poses);
    }

    private Pose lifted(Pose pose, double metres) {
        if (pose.touching().stream().noneMatch(contact -> lifted.contains(contact.spot()))) {
            throw new IllegalArgumentException("found no place that is on it, allowed: one under 'done: touching'");
        }
        List<Contact> contacts = pose.touching().stream()
                .map(contact -> lifted.contains(contact.spot()) ? contact.raised(metres) : contact)
                .toList();
        return pose.on(contacts);
    }
}
