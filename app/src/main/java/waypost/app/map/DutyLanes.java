package waypost.app.map;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.course.DutyStatus;
import waypost.core.course.Standing;
import waypost.core.limit.Allowed;
import waypost.core.protocol.Duty;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.library.words.Dates;

/** What is worn as bars; what must be begun or reached as posts on the day by which it must. */
record DutyLanes(Standing standing, Ruler ruler) {

    /** One lane for each item that is worn in the stretch shown. */
    List<Lane> worn() {
        return duties().filter(duty -> duty.duty() instanceof Duty.Wear)
                .map(duty -> new Lane("worn", duty.duty().head().title(), bars(duty)))
                .filter(lane -> !lane.marks().isEmpty())
                .toList();
    }

    Lane due() {
        Set<String> overdue = standing.duties().stream()
                .filter(DutyStatus::overdue)
                .map(DutyStatus::ruleId)
                .collect(Collectors.toSet());
        List<Mark> marks = duties().flatMap(duty -> by(duty.duty())
                        .map(moment -> moment.from(duty.start()))
                        .map(day -> CourseDay.between(ruler.dayZero(), day.dateFrom(duty.start())))
                        .filter(ruler::shows)
                        .map(day -> post(duty.duty(), day, overdue))
                        .stream())
                .toList();
        return new Lane("due", "Due", marks);
    }

    private java.util.stream.Stream<Resolved.DutyInForce> duties() {
        return standing.course().resolved().duties().stream();
    }

    private Mark post(Duty duty, CourseDay day, Set<String> overdue) {
        boolean late = overdue.contains(duty.head().id());
        return Mark.of(
                late ? "overdue" : "due",
                ruler.at(day),
                0,
                duty.head().title(),
                duty.head().title() + ", by " + Dates.say(day.dateFrom(ruler.dayZero())) + (late ? ", overdue" : ""));
    }

    private static Optional<Moment> by(Duty duty) {
        if (duty instanceof Duty.Begin begin) {
            return Optional.of(begin.by());
        }
        return duty instanceof Duty.Reach reach ? Optional.of(reach.by()) : Optional.empty();
    }

    private List<Mark> bars(Resolved.DutyInForce duty) {
        List<Schedule.Entry<Allowed<String>>> steps =
                ((Duty.Wear) duty.duty()).schedule().entries();
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            CourseDay start = day(steps.get(i).from(), duty.start());
            CourseDay end = i + 1 < steps.size() ? day(steps.get(i + 1).from(), duty.start()) : ruler.last();
            Optional<String> setting = steps.get(i).value().most();
            if (setting.isPresent() && ruler.first().isBefore(end) && start.isBefore(ruler.last())) {
                marks.add(Mark.of(
                        "bar",
                        ruler.at(start),
                        ruler.at(end) - ruler.at(start),
                        setting.get(),
                        duty.duty().head().title() + ": " + setting.get() + ", from "
                                + Dates.say(start.dateFrom(ruler.dayZero())) + " to "
                                + Dates.say(end.dateFrom(ruler.dayZero()))));
            }
        }
        return marks;
    }

    private CourseDay day(Moment moment, LocalDate start) {
        return CourseDay.between(ruler.dayZero(), moment.from(start).dateFrom(start));
    }
}
