package waypost.core.runner;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.body.Limb;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.gait.Aid;

/** The aids with which a course lets somebody walk today: enough for the weight, and opened as an exercise where there is one. */
final class AidsToday {

    private final Standing standing;
    /** The exercises of the ladders on which walking loses its aids. */
    private final List<Activity.Exercise> walking;

    private AidsToday(Standing standing, boolean carriesNothing) {
        this.standing = standing;
        List<Activity.Exercise> gait = standing.course()
                .exercises()
                .filter(exercise -> exercise.purpose() == Purpose.GAIT)
                .toList();
        Set<String> ladders = gait.stream()
                .filter(exercise -> Aid.CANE.isUsedWith(exercise.teaching().equipment()))
                .map(Activity.Exercise::ladder)
                .collect(Collectors.toSet());
        this.walking = gait.stream()
                .filter(exercise -> ladders.contains(exercise.ladder()) && isOffTheFloor(exercise) == carriesNothing)
                .toList();
    }

    static List<Aid> of(Standing standing, WeightLimit weight) {
        AidsToday today = new AidsToday(standing, weight.most().percent() == 0);
        return Arrays.stream(Aid.values())
                .filter(aid -> aid.isEnoughFor(weight.most(), weight.alone()) && today.isOpen(aid))
                .toList();
    }

    /** Whether the leg is carried and not stepped on. */
    private static boolean isOffTheFloor(Activity.Exercise exercise) {
        return exercise.roles().stream()
                .flatMap(role -> role.demands().stream())
                .anyMatch(demand -> demand instanceof Demand.Bearing bearing
                        && bearing.limb() == Limb.LEG
                        && bearing.share().percent() == 0);
    }

    private boolean isOpen(Aid aid) {
        List<Activity.Exercise> with = walking.stream()
                .filter(exercise -> aid.isUsedWith(exercise.teaching().equipment())
                        && standing.course().speaksOf(exercise))
                .toList();
        return with.isEmpty()
                || with.stream()
                        .flatMap(exercise -> exercise.roles().stream())
                        .anyMatch(role -> standing.verdict(role.key()).kind().isOpen());
    }
}
