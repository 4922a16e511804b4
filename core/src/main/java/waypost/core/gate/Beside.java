package waypost.core.gate;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.exercise.OtherSide;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.reason.OtherCourse;
import waypost.core.reason.Reason;
import waypost.core.time.CourseDay;
import waypost.core.time.Window;

/**
 * Another course of the same person, with what is known of it on the same date.
 *
 * @param runs the days, on its own count, on which it has begun and has not ended
 * @param place how its limb lies to the limb of the course that asks
 */
public record Beside(OtherCourse course, Gate gate, Facts facts, Window runs, Place place) {

    /** How an operated limb lies to another one. */
    public enum Place {
        /** The same side of the body: it does what the role says. */
        SAME_SIDE,
        /** Another kind of limb of the other side: the same, with lying told from the other side. */
        OTHER_LIMB,
        /** The same kind of limb of the other side: the part that faces this one, or what it does meanwhile. */
        FACING
    }

    /** The same beside a course that asks what its other side does alone. */
    Beside turned(Gate asking) {
        Place turned =
                place != Place.SAME_SIDE ? Place.SAME_SIDE : gate.hasALimbOf(asking) ? Place.FACING : Place.OTHER_LIMB;
        return new Beside(course, gate, facts, runs, turned);
    }

    /** What it says against a role of the course that asks. A course that does not run only keeps what stops everything. */
    List<Reason> objections(Gate asking, Role asked) {
        if (!runs.contains(facts.day())) {
            return stopsOfEverything();
        }
        return verdict(asking, asked).map(Verdict::reasons).orElse(List.of());
    }

    /** What it says against hands at a limb of the course that asks: on another limb only what stops everything. */
    List<Reason> objectionsByHand(Role treated) {
        return place == Place.SAME_SIDE && runs.contains(facts.day())
                ? gate.judgeByHand(treated, facts).reasons()
                : stopsOfEverything();
    }

    private List<Reason> stopsOfEverything() {
        return facts.holds().stream()
                .filter(hold -> hold.stopsEverything())
                .<Reason>map(Reason.OnHold::new)
                .toList();
    }

    /** What it says of a form of the role, where its limb takes part in that very form; empty otherwise. */
    Optional<Verdict> formOf(Gate asking, Role form) {
        return runs.contains(facts.day()) && sharesTheForm(asking, form) ? verdict(asking, form) : Optional.empty();
    }

    private boolean sharesTheForm(Gate asking, Role form) {
        return switch (place) {
            case SAME_SIDE, OTHER_LIMB -> true;
            case FACING ->
                asking.facing(form).filter(key -> key.equals(form.key())).isPresent();
        };
    }

    private Optional<Verdict> verdict(Gate asking, Role asked) {
        return switch (place) {
            case SAME_SIDE -> Optional.of(gate.judgeForeign(asked, facts));
            case OTHER_LIMB ->
                Optional.of(gate.judgeTurned(asking.fromOtherSide(asked).forOtherLimbs(), facts));
            case FACING -> facing(asking, asked);
        };
    }

    private Optional<Verdict> facing(Gate asking, Role asked) {
        Optional<RoleKey> part = asking.facing(asked);
        if (part.isEmpty()) {
            OtherSide other = asking.fromOtherSide(asked);
            return other.meanwhile().map(role -> gate.judgeMeanwhile(role, facts));
        }
        Role theirs = part.get().equals(asked.key()) ? asked : asking.role(part.get());
        return Optional.of(gate.judgeForeign(theirs, facts));
    }

    /** The days on its own count on which it begins or ends, or a rule of it changes. */
    Stream<CourseDay> changePoints() {
        return Stream.concat(gate.changePoints().stream(), runs.ends());
    }

    /** The same so many days later. */
    Beside later(int days) {
        return new Beside(course, gate, facts.on(facts.day().plusDays(days)), runs, place);
    }
}
