package waypost.app.own;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;

/** What an exercise moves, each motion through the widest arc of any of its parts. */
final class OwnExerciseArcs {

    private OwnExerciseArcs() {}

    static Map<Motion, Arc> of(Activity.Exercise exercise) {
        Map<Motion, Arc> arcs = new LinkedHashMap<>();
        moves(exercise).forEach(moves -> arcs.merge(moves.motion(), moves.arc(), OwnExerciseArcs::both));
        return arcs;
    }

    private static Stream<Demand.Movement> moves(Activity.Exercise exercise) {
        return exercise.roles().stream()
                .flatMap(role -> role.demands().stream())
                .filter(Demand.Movement.class::isInstance)
                .map(Demand.Movement.class::cast);
    }

    private static Arc both(Arc one, Arc other) {
        return Arc.between(
                Math.min(one.least().value(), other.least().value()),
                Math.max(one.most().value(), other.most().value()));
    }
}
