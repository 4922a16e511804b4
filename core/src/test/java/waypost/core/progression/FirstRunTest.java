package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.operated;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import waypost.core.exercise.Rise;
import waypost.core.exercise.Role;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Teaching;
import waypost.core.gate.LadderCourse;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;

/** A first run beside the contacts of hops of the last two weeks, worked by hand. */
class FirstRunTest {

    private static Activity.Exercise counted(String id, String amount, Demand demand) {
        List<Role> roles = List.of(LadderCourse.role(operated(id), demand));
        return new Activity.Exercise(
                id,
                id,
                id,
                1,
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

    /** Runs of 56 contacts in a session; ten minutes of running, twice, at 160 steps a minute. */
    private static final LadderCourse COURSE = new LadderCourse()
            .open(counted("hop", "20 contacts", new Demand.Contacts(new Count(40))))
            .open(counted("run", "4 runs", new Demand.Contacts(new Count(56))))
            .open(counted("jog", "10 min", new RunningSteps(new Count(3200), new Count(160))));

    private static WorkLog work(String done) {
        List<SetDone> sets = new ArrayList<>();
        Arrays.stream(done.split(" ")).filter(each -> !each.isEmpty()).forEach(each -> {
            String[] part = each.split(":");
            sets.add(new SetDone(
                    operated(part[0]),
                    DATE.minusDays(Integer.parseInt(part[1])),
                    Integer.parseInt(part[2]),
                    Optional.empty(),
                    0,
                    SetDone.Form.GOOD));
        });
        return new WorkLog(sets, List.of());
    }

    private static List<String> told(String role, String done) {
        Proposals proposals =
                new Proposals(COURSE.standing(), work(done), new DayOfWork(0, Optional.empty(), Optional.empty()));
        return proposals.of(operated(role)).toDo().orElseThrow().why().stream()
                .filter(Ground.ContactsBefore.class::isInstance)
                .map(Ground.ContactsBefore.class::cast)
                .map(before -> before.most() + " of " + before.asked())
                .toList();
    }

    /** What was done, as exercise:days back:amount. */
    @ParameterizedTest
    @CsvSource({
        "run,'',0 of 56",
        "run,hop:5:20 hop:5:20,40 of 56",
        "run,hop:5:20 hop:9:20 hop:12:20,20 of 56",
        "run,hop:5:30 hop:5:30,",
        "run,hop:14:70,",
        "run,hop:15:70,0 of 56",
        "run,gone:3:500 hop:3:10,10 of 56",
        "run,run:3:6,",
        "jog,run:3:6 run:3:6,84 of 3200",
        "jog,'',0 of 3200",
        "jog,jog:20:10,",
        "hop,'',"
    })
    void isToldOnce(String role, String done, String told) {
        assertThat(told(role, done)).isEqualTo(told == null ? List.of() : List.of(told));
    }

    @Test
    void theDoseStaysTheTherapistsChoice() {
        Proposals proposals =
                new Proposals(COURSE.standing(), WorkLog.NONE, new DayOfWork(0, Optional.empty(), Optional.empty()));

        assertThat(proposals.of(operated("run")).toDo().orElseThrow().way()).isEqualTo(Way.NEW);
    }
}
