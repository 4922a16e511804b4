package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.operated;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.Posture;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Rise;
import waypost.core.exercise.Role;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Teaching;
import waypost.core.gate.Fixture;
import waypost.core.gate.LadderCourse;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Quantity;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;

/** What a day has had already takes from what comes after it, worked by hand. */
class SoFarTest {

    private static final LadderCourse COURSE = new LadderCourse()
            .open(counted("skip", "skips", "20 contacts", new Demand.Contacts(new Count(40)), 10))
            .open(counted("hop", "hops", "10 contacts", new Demand.Contacts(new Count(20)), 0))
            .open(counted("run-1", "runs", "4 runs", new Demand.Contacts(new Count(16)), 4))
            .open(counted("run-2", "runs", "4 runs", new Demand.Contacts(new Count(24)), 4))
            .open(counted("throw-10", "throws", "10 throws", Fixture.bend(30), 0))
            .open(counted("throw-20", "throws", "15 throws", Fixture.bend(30), 0))
            .open(counted("pass", "passes", "15 throws", Fixture.bend(30), 0))
            .open(counted("jog", "jogs", "4 min", new RunningSteps(new Count(1280), new Count(160)), 160))
            .limit(new AmountLimit<>(
                    Fixture.head("contacts"), new Quantity.Contacts(), Fixture.sixWeeks(Allowed.within(new Count(60)))))
            .limit(new AmountLimit<>(
                    Fixture.head("steps"), new Quantity.Steps(), Fixture.sixWeeks(Allowed.within(new Count(1600)))));

    /** In two sets. */
    private static Activity.Exercise counted(String id, String ladder, String amount, Demand demand, int least) {
        Reducible by = new Reducible(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                least > 0 ? Optional.of(new Count(least)) : Optional.empty(),
                Optional.empty(),
                Set.of());
        List<Role> roles = List.of(Role.of(operated(id), id, List.of(demand), by));
        return new Activity.Exercise(
                id,
                id,
                ladder,
                id.endsWith("2") || id.endsWith("20") ? 2 : 1,
                "more",
                Rise.LOADING,
                Purpose.IMPACT,
                roles,
                new Dose(2, SetAim.parse(amount), Optional.empty(), "2 a week"),
                Progression.STAGES,
                roles.stream().collect(Collectors.toMap(Role::name, role -> Pose.of(Posture.STANDING, Map.of()))),
                Arrangements.NONE,
                new Teaching(List.of(), List.of(), List.of(), List.of(), List.of()));
    }

    /** As exercise:amount, with an h behind what was done at home. */
    private static SoFar soFar(String done) {
        List<SetDone> clinic = Arrays.stream(done.split(" "))
                .filter(each -> !each.isEmpty() && !each.endsWith("h"))
                .map(each -> each.split(":"))
                .map(each -> new SetDone(
                        operated(each[0]), DATE, Integer.parseInt(each[1]), Optional.empty(), 0, SetDone.Form.GOOD))
                .toList();
        List<SoFar.Portion> home = Arrays.stream(done.split(" "))
                .filter(each -> each.endsWith("h"))
                .map(each -> each.substring(0, each.length() - 1).split(":"))
                .map(each -> new SoFar.Portion(operated(each[0]), Integer.parseInt(each[1]), SoFar.Where.HOME))
                .toList();
        return SoFar.of(COURSE.standing().course(), DATE, new WorkLog(clinic, List.of()), home);
    }

    private static Proposal proposal(String role, String done) {
        return new Proposals(
                        COURSE.standing(),
                        WorkLog.NONE,
                        new DayOfWork(0, Optional.empty(), Optional.empty()),
                        Prescribed.NOTHING,
                        soFar(done))
                .of(operated(role));
    }

    /** 60 contacts and 1,600 steps are the limit of a session, nine runs that of a day. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "skip     |                       | 2 x 20 contacts",
                "skip     | hop:10 hop:10         | 2 x 20 contacts",
                "skip     | hop:30                | 2 x 15 contacts",
                "skip     | run-1:5 hop:10        | 2 x 20 contacts",
                "skip     | run-1:10 hop:20       | 2 x 10 contacts",
                "skip     | hop:49                | 2 x 5 contacts",
                "skip     | hop:51                | rest",
                "skip     | skip:20 skip:20       | 2 x 20 contacts",
                "skip     | skip:30h              | 2 x 15 contacts",
                "skip     | jog:9                 | 2 x 20 contacts",
                "hop      | skip:40               | 2 x 10 contacts",
                "hop      | skip:41               | rest",
                "run-1    |                       | 2 x 4 runs",
                "run-1    | run-2:3               | 2 x 3 runs",
                "run-1    | run-2:8               | 1 x 1 runs",
                "run-1    | run-2:9               | rest",
                "run-2    | hop:48                | 2 x 2 runs",
                "run-2    | hop:54                | 2 x 1 runs",
                "run-2    | hop:57                | rest",
                "throw-20 | throw-10:20           | 2 x 5 throws",
                "throw-20 | throw-10:20 pass:30   | 2 x 5 throws",
                "throw-20 | throw-10:30           | rest",
                "throw-20 | throw-20:30           | 2 x 15 throws",
                "throw-20 | throw-20:20h          | 2 x 5 throws",
                "jog      | skip:40 hop:20        | 2 x 4 min",
                "jog      | jog:5h                | 2 x 2 min",
                "jog      | jog:9h                | 1 x 1 min",
                "jog      | jog:10h               | rest"
            })
    void takesFromWhatComesAfterIt(String role, String done, String left) {
        Proposal proposal = proposal(role, done == null ? "" : done);
        assertThat(proposal.toDo()
                        .map(toDo -> Told.told(toDo.dose()))
                        .orElse(proposal instanceof Proposal.Rest ? "rest" : proposal.toString()))
                .isEqualTo(left);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "skip     | hop:20 hop:12h      | AlreadyToday[counted=CONTACTS, amount=32, atHome=12]",
                "run-1    | run-2:3             | AlreadyToday[counted=RUNS, amount=3, atHome=0]",
                "throw-20 | throw-10:20         | AlreadyToday[counted=THROWS, amount=20, atHome=0]",
                "skip     | hop:60              | AlreadyToday[counted=CONTACTS, amount=60, atHome=0]"
            })
    void isSaid(String role, String done, String ground) {
        assertThat(proposal(role, done).grounds().stream().map(Ground::toString))
                .contains(ground);
    }

    /** What is written is for the days to come: a session that was done does not take from it. */
    @Test
    void doesNotTakeFromWhatIsWritten() {
        Proposals proposals = new Proposals(
                COURSE.standing(),
                WorkLog.NONE,
                new DayOfWork(0, Optional.empty(), Optional.empty()),
                Prescribed.NOTHING,
                soFar("run-2:9 hop:60"));
        assertThat(proposals.allowed(operated("run-1"), Told.dose("2 x 3 runs")).dose())
                .contains(Told.dose("2 x 3 runs"));
        assertThat(proposals
                        .allowed(operated("skip"), Told.dose("4 x 20 contacts"))
                        .dose())
                .contains(Told.dose("4 x 15 contacts"));
    }
}
