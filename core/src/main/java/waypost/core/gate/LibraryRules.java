package waypost.core.gate;

import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Region;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.core.resolved.InForce;
import waypost.core.resolved.Resolved;

/** A whole library under the rules of a protocol, whatever the dates: compiled once for all courses with the same rules. */
final class LibraryRules {

    /**
     * What is looked at in a role.
     *
     * @param gentle whether it stays open after an event that nobody has looked after: carried motion, walking about
     * @param opened whether the protocol or an order speaks of it
     */
    record Look(Region region, LimitsByDemand limits, boolean gentle, boolean opened) {}

    private final Protocol protocol;
    private final Region region;
    private final LimitsByDemand limits;
    private final Set<RoleKey> openings;
    private final List<Activity> library;
    private final Map<String, Activity> activities = new HashMap<>();
    private final Map<RoleKey, RoleRules> roles = new LinkedHashMap<>();
    private final Asks asks;

    /**
     * @param ordered its limits, as {@link LimitsByDemand#ordered} gives them
     */
    LibraryRules(Resolved resolved, List<InForce<?>> ordered, Collection<Activity> library) {
        this.protocol = resolved.protocol();
        this.region = resolved.region();
        this.limits = new LimitsByDemand(ordered);
        this.openings = resolved.openings().keySet();
        this.library = List.copyOf(library);
        this.asks = new Asks(region);
        for (Activity activity : library) {
            activities.put(activity.id(), activity);
            for (Role role : activity.roles()) {
                RoleRules rules = RoleRules.ofLibrary(look(role), role, roles.size(), asks);
                asks.add(rules);
                roles.put(role.key(), rules);
            }
        }
    }

    /** Whether the rules of {@code other} are these, on whatever days they are in force. */
    boolean fit(Resolved other, List<InForce<?>> ordered) {
        return protocol.equals(other.protocol())
                && region.equals(other.region())
                && openings.equals(other.openings().keySet())
                && limits.fit(ordered);
    }

    private Look look(Role role) {
        return new Look(region, limits, isGentle(role), openings.contains(role.key()));
    }

    private boolean isGentle(Role role) {
        Activity activity = activities.get(role.key().activity());
        return activity != null && activity.isGentle(role);
    }

    /** The rules of a role that asks something else than it is written with, or is written nowhere. */
    RoleRules once(Role role, List<Demand> more) {
        return RoleRules.once(look(role), role, more, asks);
    }

    /** Those of the library's roles, in its order. */
    Collection<RoleRules> roles() {
        return roles.values();
    }

    List<Activity> library() {
        return library;
    }

    Asks asks() {
        return asks;
    }

    Optional<Posture> posture(Role role) {
        return Optional.ofNullable(activities.get(role.key().activity())).map(Activity::posture);
    }
}
