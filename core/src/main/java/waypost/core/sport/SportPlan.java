package waypost.core.sport;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import waypost.core.course.Standing;
import waypost.core.measure.Reading;

/**
 * The weeks up to an event: from the last whole week done the load rises by no more than the stated share a week until it is
 * what the sport asks; in the week of the event and the one before it is half of what was reached, at the same effort, and so
 * are the sets of strength at the same weight. Half lies within the 41 to 60 percent less over two weeks that helped most
 * (Bosquet et al. 2007, from memory). After a week without sport it begins at half of the last one with any.
 *
 * @param ahead from this week to that of the event; empty where no sport of the last weeks is known, or the event is over
 */
public record SportPlan(SportGoal goal, List<LoadWeek> done, List<LoadWeek> ahead) {

    /** The measure by which a session is told: minutes times effort of 10. */
    public static final String SESSION_LOAD = "session-load";

    private static final int LOOKING_BACK_WEEKS = 4;
    private static final double TAPERED = 0.5;
    private static final double AFTER_A_BREAK = 0.5;

    public SportPlan {
        done = List.copyOf(done);
        ahead = List.copyOf(ahead);
    }

    /** The plan of a course on a day, from its readings of session load. */
    public static SportPlan of(SportGoal goal, Standing standing) {
        return of(
                goal,
                standing.date(),
                standing.facts().readings().all().stream()
                        .filter(reading -> reading.measure().equals(SESSION_LOAD))
                        .collect(Collectors.groupingBy(
                                Reading::date,
                                Collectors.summingDouble(
                                        reading -> reading.amount().value()))));
    }

    /** The plan on a day, from the loads of days on which sport was done. */
    static SportPlan of(SportGoal goal, LocalDate today, Map<LocalDate, Double> loads) {
        LocalDate now = monday(today);
        List<LoadWeek> done = new ArrayList<>();
        for (int back = LOOKING_BACK_WEEKS; back > 0; back--) {
            LocalDate week = now.minusWeeks(back);
            done.add(new LoadWeek(week, sum(loads, week), LoadWeek.Kind.DONE));
        }
        return new SportPlan(
                goal, done, begins(done).map(from -> ahead(goal, now, from)).orElse(List.of()));
    }

    private static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    private static double sum(Map<LocalDate, Double> loads, LocalDate week) {
        return loads.entrySet().stream()
                .filter(day -> monday(day.getKey()).equals(week))
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    /** The load from which it rises; empty where nothing was done in four weeks. */
    private static Optional<Double> begins(List<LoadWeek> done) {
        double last = done.get(done.size() - 1).load();
        return last > 0
                ? Optional.of(last)
                : done.stream()
                        .map(LoadWeek::load)
                        .filter(load -> load > 0)
                        .reduce((earlier, later) -> later)
                        .map(load -> load * AFTER_A_BREAK);
    }

    private static List<LoadWeek> ahead(SportGoal goal, LocalDate now, double from) {
        List<LoadWeek> weeks = new ArrayList<>();
        LocalDate tapers = goal.tapers();
        double reached = Math.min(from, goal.load());
        for (LocalDate week = now; !week.isAfter(goal.on()); week = week.plusWeeks(1)) {
            if (week.isBefore(tapers)) {
                reached = goal.after(reached);
                weeks.add(new LoadWeek(week, reached, LoadWeek.Kind.BUILD));
            } else {
                weeks.add(new LoadWeek(week, Math.floor(reached * TAPERED), LoadWeek.Kind.TAPER));
            }
        }
        return weeks;
    }

    /** The first week in which the load is what the sport asks; empty where the weeks do not suffice. */
    public Optional<LocalDate> reached() {
        return ahead.stream()
                .filter(week -> week.kind() == LoadWeek.Kind.BUILD && week.load() >= goal.load())
                .map(LoadWeek::monday)
                .findFirst();
    }

    /** How many weeks of building are missing before the load is what the sport asks; empty where none is, or nothing is known. */
    public OptionalInt weeksMissing() {
        if (reached().isPresent() || ahead.isEmpty()) {
            return OptionalInt.empty();
        }
        double now = ahead.stream()
                .filter(week -> week.kind() == LoadWeek.Kind.BUILD)
                .mapToDouble(LoadWeek::load)
                .max()
                .orElseGet(() -> begins(done).orElseThrow());
        int weeks = 0;
        while (now < goal.load()) {
            double next = goal.after(now);
            if (next <= now) {
                return OptionalInt.empty();
            }
            now = next;
            weeks++;
        }
        return weeks == 0 ? OptionalInt.empty() : OptionalInt.of(weeks);
    }
}
