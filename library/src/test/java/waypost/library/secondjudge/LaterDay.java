package waypost.library.secondjudge;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.log.Event;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.resolved.Resolver;

/** A generated course, and what the second judge makes of a later day of it. */
final class LaterDay {

    private static final List<Event> NO_EVENT = List.of();

    private LaterDay() {}

    static Course course(GeneratedCourse generated) {
        return Course.of(
                Resolver.resolve(generated.protocol(), generated.answers(), generated.clocks(), generated.decisions()),
                generated.bundle().activities(),
                generated.bundle().measures(),
                History.of(generated.side(), Evidence.of(generated.readings()), List.of(), generated.holds()));
    }

    /** What was measured counts on that day as it does today: it is a look ahead at the rules, not at readings growing old. */
    static SecondJudge second(GeneratedCourse generated, Course course, LocalDate on, Outlook outlook) {
        Standing then = course.on(on, generated.date(), outlook);
        boolean planned = then.planned();
        Set<String> met = planned
                ? generated.protocol().criteria().stream().map(Criterion::id).collect(Collectors.toSet())
                : course.on(generated.date(), generated.date(), Outlook.TIME_ONLY)
                        .facts()
                        .met();
        long later = ChronoUnit.DAYS.between(generated.date(), on);
        List<Reading> readings = generated.readings().all().stream()
                .filter(reading -> !reading.date().isBefore(generated.dayZero()))
                .map(reading -> moved(reading, later))
                .toList();
        return new SecondJudge(new GeneratedCourse(
                generated.protocol(),
                generated.bundle(),
                generated.answers(),
                generated.clocks(),
                generated.decisions(),
                on,
                then.phase(),
                met,
                generated.side(),
                generated.holds().stream().filter(hold -> hold.holdsOn(on)).toList(),
                NO_EVENT,
                new Readings(readings),
                planned));
    }

    private static Reading moved(Reading reading, long days) {
        return new Reading(
                reading.measure(),
                reading.side(),
                reading.mode(),
                reading.amount(),
                reading.date().plusDays(days),
                reading.strict(),
                reading.rater(),
                Optional.empty(),
                Optional.empty());
    }
}
