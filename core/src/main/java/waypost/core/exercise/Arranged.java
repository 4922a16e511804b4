package waypost.core.exercise;

import java.util.List;
import java.util.Map;

/**
 * What the roles of an exercise ask, and how the body is placed in each, in one way of setting it up.
 *
 * @param poses by the role's name
 */
public record Arranged(List<Role> roles, Map<String, Pose> poses) {

    public Arranged {
        roles = List.copyOf(roles);
        poses = Map.copyOf(poses);
    }
}
