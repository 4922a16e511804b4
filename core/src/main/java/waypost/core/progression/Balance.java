package waypost.core.progression;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import waypost.core.body.Tissue;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;

/**
 * The balance of the week: at least one day between hard sessions of the same tissue; when sport rises by more than a
 * fifth, strength goes down a set (common practice, no source).
 */
public final class Balance {

    private static final int SPORT_RISE_PERCENT = 20;
    private static final Set<Purpose> HARD = Set.of(Purpose.STRENGTH, Purpose.IMPACT, Purpose.ENDURANCE);

    private final Map<String, Activity.Exercise> exercises;
    private final WorkLog work;

    public Balance(List<Activity> activities, WorkLog work) {
        this.exercises = activities.stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .collect(Collectors.toMap(Activity::id, Function.identity()));
        this.work = work;
    }

    /** What still rests on {@code day} of what the role works hard: it was worked hard the day before. */
    public Optional<Ground.TissueRests> resting(RoleKey role, LocalDate day) {
        Set<Tissue> worked = hard(role);
        LocalDate dayBefore = day.minusDays(1);
        return work.sets().stream()
                .filter(set -> set.on().equals(dayBefore))
                .map(SetDone::role)
                .distinct()
                .flatMap(other -> hard(other).stream()
                        .filter(worked::contains)
                        .sorted()
                        .map(tissue -> new Ground.TissueRests(tissue, other, dayBefore)))
                .findFirst();
    }

    /** Whether sport rose so much that strength gives way. */
    public static Optional<Ground.SportRose> sport(int minutesBefore, int minutesNow) {
        return minutesBefore > 0 && minutesNow * 100 > minutesBefore * (100 + SPORT_RISE_PERCENT)
                ? Optional.of(new Ground.SportRose(minutesBefore, minutesNow))
                : Optional.empty();
    }

    /** The tissues that a strength, endurance or impact exercise loads at a high level. */
    public Set<Tissue> hard(RoleKey key) {
        Activity.Exercise exercise = exercises.get(key.activity());
        if (exercise == null || !HARD.contains(exercise.purpose())) {
            return Set.of();
        }
        return exercise.roles().stream()
                .filter(role -> role.key().equals(key))
                .flatMap(role -> tissues(role).stream())
                .collect(Collectors.toSet());
    }

    private static List<Tissue> tissues(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.TissueLoad load && load.effort() == Level.HIGH)
                .map(demand -> ((Demand.TissueLoad) demand).tissue())
                .toList();
    }
}
