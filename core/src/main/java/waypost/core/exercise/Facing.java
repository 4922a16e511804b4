package waypost.core.exercise;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the other limb plays meanwhile: the same where both sides do the same, the leg behind where this one is in front.
 *
 * @param poses how each role is done, by its name
 */
public record Facing(List<Role> roles, Map<String, Pose> poses) {

    public Facing {
        roles = List.copyOf(roles);
        poses = Map.copyOf(poses);
    }

    /** The roles with what the other limb plays meanwhile. */
    public List<Role> worked() {
        return roles.stream()
                .map(role -> other(role).map(role::facing).orElse(role))
                .toList();
    }

    private Optional<String> other(Role role) {
        Pose pose = poses.get(role.name());
        if (pose == null) {
            return Optional.empty();
        }
        return pose.isOfBothSides()
                ? Optional.of(role.name())
                : roles.stream()
                        .map(Role::name)
                        .filter(name ->
                                poses.containsKey(name) && poses.get(name).mirrors(pose))
                        .findFirst();
    }
}
