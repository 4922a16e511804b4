package waypost.core.block;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import waypost.core.body.Tissue;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Week;

/** Lays out weeks of a course: days past as they were done, the others as they are planned, each day under the gate. */
public final class Weeks {

    private final Course course;
    private final LocalDate today;
    private final WorkLog work;
    private final WeekDoses doses;
    private final Function<LocalDate, WeekBoard.Planned> plan;
    private final Set<RoleKey> finished;

    /** @param plan what is planned for a day that is not past */
    public Weeks(
            Course course,
            LocalDate today,
            WorkLog work,
            WeekDoses doses,
            Function<LocalDate, WeekBoard.Planned> plan) {
        this.course = course;
        this.today = today;
        this.work = work;
        this.doses = doses;
        this.plan = plan;
        this.finished = Set.copyOf(course.on(today, today, Outlook.TIME_ONLY).switchedOff());
    }

    /** The week from {@code monday} on. What rests in it, and how much it rises, comes of the week before. */
    public WeekBoard of(LocalDate monday) {
        List<WeekBoard.Day> days = new ArrayList<>();
        Map<Tissue, RoleKey> dayBefore = Map.of();
        for (LocalDate date = monday.minusDays(Week.DAYS);
                date.isBefore(monday.plusDays(Week.DAYS));
                date = date.plusDays(1)) {
            WeekBoard.Day day = day(date, dayBefore);
            days.add(day);
            dayBefore = WeekBoard.hard(day, doses);
        }
        return WeekBoard.of(days.subList(0, Week.DAYS), days.subList(Week.DAYS, days.size()), doses);
    }

    private WeekBoard.Day day(LocalDate date, Map<Tissue, RoleKey> dayBefore) {
        List<WeekBoard.Slot> done = done(date);
        if (date.isBefore(today)) {
            return new WeekBoard.Day(date, done);
        }
        Judged judged = new Judged(
                course.on(date, today, Outlook.TIME_ONLY), course.on(date, today, Outlook.TO_PLAN), dayBefore);
        WeekBoard.Planned planned = plan.apply(date);
        Stream<WeekBoard.Slot> meant = planned.meant().stream()
                .filter(each -> each.isMeantOn(date)
                        && done.stream().noneMatch(slot -> slot.role().equals(each.role())))
                .flatMap(each -> slot(each.role(), date, planned.week(), judged).stream());
        return new WeekBoard.Day(date, Stream.concat(done.stream(), meant).toList());
    }

    private Optional<WeekBoard.Slot> slot(RoleKey role, LocalDate date, Week week, Judged judged) {
        OnDays days = week.daysOf(role, doses.days(role));
        return days.isOn(date, week)
                ? Optional.of(new WeekBoard.Slot(role, days.isChosen(), says(role, judged)))
                : Optional.empty();
    }

    /** What was done on a date, in the order in which it was begun. */
    private List<WeekBoard.Slot> done(LocalDate date) {
        return work.sets().stream()
                .filter(set -> set.on().equals(date))
                .map(SetDone::role)
                .distinct()
                .map(role -> new WeekBoard.Slot(role, false, done(role, date)))
                .toList();
    }

    private DaySays done(RoleKey role, LocalDate date) {
        List<SetDone> sets = work.sets().stream()
                .filter(set -> set.on().equals(date) && set.role().equals(role))
                .toList();
        return new DaySays.Done(
                sets.size(), sets.stream().mapToInt(SetDone::amount).sum());
    }

    /** A day under both outlooks, and what the day before worked hard. */
    private record Judged(Standing byTime, Standing toPlan, Map<Tissue, RoleKey> dayBefore) {}

    private DaySays says(RoleKey role, Judged judged) {
        if (finished.contains(role)) {
            return new DaySays.Finished();
        }
        Verdict byTime = doses.verdict(judged.byTime(), role);
        Verdict toPlan = byTime.kind().isOpen() ? byTime : doses.verdict(judged.toPlan(), role);
        if (!toPlan.kind().isOpen()) {
            return new DaySays.Closed(byTime);
        }
        Optional<DaySays> rests = doses.hard(role).stream()
                .sorted()
                .flatMap(tissue -> Optional.ofNullable(judged.dayBefore().get(tissue))
                        .<DaySays>map(because -> new DaySays.Rests(tissue, because))
                        .stream())
                .findFirst();
        if (rests.isPresent()) {
            return rests.get();
        }
        if (doses.isLess(toPlan)) {
            return new DaySays.Less(toPlan);
        }
        return byTime.kind().isOpen() ? new DaySays.Open() : new DaySays.IfToPlan();
    }
}
