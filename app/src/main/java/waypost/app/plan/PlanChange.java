package waypost.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.exercise.RoleKey;

/**
 * Something done to a plan.
 *
 * @param inPlaceOf for a swap the role that goes
 */
public record PlanChange(
        UUID id, Kind kind, String role, @Nullable String inPlaceOf, String why) {

    /** What is done. */
    public enum Kind {
        ADD,
        SWAP,
        REMOVE
    }

    public static PlanChange add(UUID id, RoleKey role) {
        return new PlanChange(id, Kind.ADD, role.toString(), null, "");
    }

    public static PlanChange swap(UUID id, RoleKey out, RoleKey in, String why) {
        return new PlanChange(id, Kind.SWAP, in.toString(), out.toString(), why);
    }

    public static PlanChange remove(UUID id, RoleKey role) {
        return new PlanChange(id, Kind.REMOVE, role.toString(), null, "");
    }

    /** The roles after this; what is there already is not added again. */
    List<RoleKey> after(List<RoleKey> before) {
        List<RoleKey> roles = new ArrayList<>(before);
        RoleKey key = RoleKey.of(role);
        switch (kind) {
            case ADD -> {
                if (!roles.contains(key)) {
                    roles.add(key);
                }
            }
            case REMOVE -> roles.remove(key);
            case SWAP -> {
                int at = roles.indexOf(RoleKey.of(inPlaceOf == null ? role : inPlaceOf));
                boolean there = roles.contains(key);
                if (at >= 0 && there) {
                    roles.remove(at);
                } else if (at >= 0) {
                    roles.set(at, key);
                } else if (!there) {
                    roles.add(key);
                }
            }
        }
        return roles;
    }
}
