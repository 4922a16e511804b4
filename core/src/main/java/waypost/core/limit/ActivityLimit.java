package waypost.core.limit;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.demand.Demand;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** Exercises or tests that are barred by name, as a surgeon orders or a therapist narrows. */
public record ActivityLimit(RuleHead head, Set<String> activities, Schedule<Allowed<AllOrNothing>> schedule)
        implements Limit<AllOrNothing> {

    public ActivityLimit {
        activities = Set.copyOf(activities);
    }

    @Override
    public Sought sought() {
        return Sought.any(Demand.class);
    }

    /** Looks once at the whole role: at the place of its first demand. */
    @Override
    public boolean concerns(Role role, int at) {
        return at == 0 && activities.contains(role.key().activity());
    }

    @Override
    public boolean respected(Role role, int at, Allowed<AllOrNothing> allowed) {
        return allowed.isFree();
    }

    @Override
    public List<Role> reductions(Role role, int at, Allowed<AllOrNothing> allowed) {
        return List.of();
    }

    @Override
    public ActivityLimit alsoOf(Map<String, Set<String>> made) {
        Set<String> all = activities.stream()
                .flatMap(id -> Stream.concat(Stream.of(id), made.getOrDefault(id, Set.of()).stream()))
                .collect(Collectors.toSet());
        return new ActivityLimit(head, all, schedule);
    }

    @Override
    public Object subject() {
        return activities;
    }

    @Override
    public boolean within(AllOrNothing inner, AllOrNothing outer) {
        return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.activity(this);
    }
}
