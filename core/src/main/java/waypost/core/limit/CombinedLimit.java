package waypost.core.limit;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** Motions that are barred together, though each alone may be allowed: hip bent and across and turned in. */
public record CombinedLimit(RuleHead head, List<Component> components, Schedule<Allowed<AllOrNothing>> schedule)
        implements Limit<AllOrNothing> {

    public CombinedLimit {
        components = List.copyOf(components);
        if (components.size() < 2) {
            throw new IllegalArgumentException(
                    head.id() + ": found " + components.size() + " motions, allowed: two or more together");
        }
    }

    @Override
    public Sought sought() {
        return Sought.of(Movement.class, components.get(0).motion());
    }

    /** Looks at the movement of the first component, and beside it at those that occur together with it. */
    @Override
    public boolean concerns(Role role, int at) {
        return role.demands().get(at) instanceof Movement movement
                && movement.motion() == components.get(0).motion();
    }

    @Override
    public boolean respected(Role role, int at, Allowed<AllOrNothing> allowed) {
        return allowed.isFree()
                || !components.get(0).enteredBy((Movement) role.demands().get(at))
                || !components.stream().skip(1).allMatch(component -> component.enteredBeside(role, at));
    }

    /** Leaving one of the zones is enough, on either side of it. */
    @Override
    public List<Role> reductions(Role role, int at, Allowed<AllOrNothing> allowed) {
        return components.stream()
                .flatMap(component -> leaving(component, role, at))
                .toList();
    }

    private static Stream<Role> leaving(Component component, Role role, int at) {
        List<Integer> entering = IntStream.range(0, role.demands().size())
                .filter(i -> role.parts().get(i).equals(role.parts().get(at)))
                .filter(i -> role.demands().get(i) instanceof Movement m && component.enteredBy(m))
                .boxed()
                .toList();
        if (entering.size() != 1) {
            return Stream.empty();
        }
        int place = entering.get(0);
        Movement movement = (Movement) role.demands().get(place);
        return movement.arc()
                .outside(component.zone())
                .filter(arc -> role.reducible().leavesEnough(arc.span()))
                .map(arc -> role.replacing(place, movement.within(arc)));
    }

    @Override
    public Object subject() {
        return components;
    }

    @Override
    public boolean within(AllOrNothing inner, AllOrNothing outer) {
        return true;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.combined(this);
    }
}
