package waypost.library.bundle;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Region;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Opening;
import waypost.library.text.Entry;

/**
 * When a part lets the roles be done that its protocol opens. A part that lists openings speaks for its region: what the
 * protocol opens there and the part neither lists nor leaves to the protocol is not covered.
 */
final class PartOpenings {

    private final Inclusion inclusion;
    private final Map<RoleKey, List<Opening.Case>> cases = new HashMap<>();
    private final Set<String> left;
    private final Set<RoleKey> ofItsRegion = new HashSet<>();

    PartOpenings(Inclusion inclusion, List<Criterion> criteria, Map<String, Activity> activities) {
        this.inclusion = inclusion;
        this.left = Set.copyOf(inclusion.top().list("leaves", Entry::text));
        OpeningReader reader = new OpeningReader(ConditionReader.of(inclusion), List.of(), criteria);
        inclusion.top().list("openings", reader::opening).forEach(this::add);
        Region region = ScopeReader.widest(inclusion.top());
        activities.values().stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(role -> role.demands().stream().anyMatch(demand -> demand.concerns(region)))
                .forEach(role -> ofItsRegion.add(role.key()));
    }

    private void add(Opening opening) {
        List<Opening.Case> possible =
                opening.cases().stream().filter(c -> !c.when().isNever()).toList();
        if (cases.put(opening.role(), possible) != null) {
            inclusion.top().problem("found the opening '" + opening.role() + "' twice, allowed: once");
        }
    }

    /** What the part says of the role; empty where it has nothing to say. */
    Optional<Opening.OfPart> of(RoleKey role) {
        List<Opening.Case> written = cases.get(role);
        if (written != null) {
            return Optional.of(new Opening.OfPart(inclusion.part(), written));
        }
        boolean silent = !cases.isEmpty() && ofItsRegion.contains(role) && !left.contains(role.toString());
        return silent ? Optional.of(new Opening.OfPart(inclusion.part(), List.of())) : Optional.empty();
    }

    /** Roles that it names, as written. */
    List<String> named() {
        return cases.keySet().stream().map(RoleKey::toString).toList();
    }
}
