package waypost.library.simulated;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import waypost.core.course.Course;
import waypost.core.exercise.Role;
import waypost.core.log.Response;
import waypost.core.progression.Proposal;

/**
 * What came of a simulated course, beside that of a normal healer on the same protocol.
 *
 * @param phases how many were reached of {@code of}
 * @param proposals how many doses were proposed
 * @param barred how many of them the gate did not allow on their day
 * @param flares how many sessions the region answered by a flare
 * @param upAfterFlare harder doses proposed at the visit after a flare
 * @param daysToReport from the first visit, or from the first flare, to the first visit at which more is told than of the
 *     normal healer
 * @param daysToStop from the hidden sign to the visit that was stopped
 */
public record Outcome(
        String protocol,
        Healing healing,
        int phases,
        int of,
        int visits,
        int proposals,
        int barred,
        int flares,
        int upAfterFlare,
        OptionalInt daysToReport,
        OptionalInt daysToStop) {

    /** Looks back over a course. */
    public static Outcome of(SimulatedCourse course, SimulatedCourse normal, Healing healing) {
        List<SimulatedVisit> visits = course.visits();
        var protocol = visits.get(0).standing().course().resolved().protocol();
        return new Outcome(
                protocol.id(),
                healing,
                course.phasesSigned().size() + 1,
                protocol.phases().size(),
                visits.size(),
                (int) visits.stream().flatMap(SimulatedVisit::toDo).count(),
                visits.stream().mapToInt(Outcome::barred).sum(),
                (int) course.work().responses().stream()
                        .filter(Response::flared)
                        .count(),
                upAfterFlare(course),
                firstTold(course, normal.visits()),
                toStop(course));
    }

    /** Asked of the gate once more: role by role, with the load that was proposed. */
    private static int barred(SimulatedVisit visit) {
        return (int) visit.toDo().filter(toDo -> !isOpen(visit, toDo)).count();
    }

    private static boolean isOpen(SimulatedVisit visit, Proposal.Do toDo) {
        Course course = visit.standing().course();
        Role asked = toDo.dose().asked(course.exercise(toDo.role().activity()), course.role(toDo.role()));
        return course.gate()
                .judgeAltered(asked, visit.standing().facts())
                .kind()
                .isOpen();
    }

    private static int upAfterFlare(SimulatedCourse course) {
        List<SimulatedVisit> visits = course.visits();
        return IntStream.range(1, visits.size())
                .filter(nth -> flaredAt(course, visits.get(nth - 1).date()))
                .map(nth -> (int) visits.get(nth)
                        .toDo()
                        .filter(toDo -> toDo.way().isHarder())
                        .count())
                .sum();
    }

    private static boolean flaredAt(SimulatedCourse course, LocalDate date) {
        return course.work().answer(date).map(Response::flared).orElse(false);
    }

    private static OptionalInt firstTold(SimulatedCourse course, List<SimulatedVisit> normal) {
        List<SimulatedVisit> visits = course.visits();
        LocalDate first = course.work().responses().stream()
                .filter(Response::flared)
                .map(Response::session)
                .findFirst()
                .orElse(visits.get(0).date());
        return IntStream.range(0, Math.min(visits.size(), normal.size()))
                .filter(nth -> visits.get(nth).told() > normal.get(nth).told())
                .map(nth -> (int) ChronoUnit.DAYS.between(first, visits.get(nth).date()))
                .findFirst();
    }

    private static OptionalInt toStop(SimulatedCourse course) {
        return course.visits().stream()
                .filter(SimulatedVisit::stopped)
                .mapToInt(visit -> visit.standing().day().number() - course.flagDay())
                .findFirst();
    }
}
