package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.log.Decisions;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.program.Program;
import waypost.core.progression.ProgramGround;
import waypost.core.progression.Proposal;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.time.Clocks;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.simulated.Healing;
import waypost.library.simulated.PlainAnswers;
import waypost.library.simulated.SimulatedCourse;
import waypost.library.simulated.SimulatedVisit;

/** Made-up patients on every program: the second judge finds each stage that is proposed open on its day. */
@Tag("slow")
class ProgramDosesTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 3, 4);
    private static final int LEAST = 5;

    static Stream<Program> programs() {
        return BUNDLE.programs().stream();
    }

    private static Protocol opening(Program program) {
        return BUNDLE.protocols().stream()
                .filter(protocol -> protocol.openings().stream()
                        .map(Opening::role)
                        .collect(Collectors.toSet())
                        .containsAll(program.roles()))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("programs")
    void everyStageIsOpenToTheSecondJudge(Program program) {
        Protocol protocol = opening(program);
        Answers answers = PlainAnswers.of(protocol);
        SimulatedCourse course =
                SimulatedCourse.following(program, BUNDLE, protocol, answers, Healing.NORMAL, DAY_ZERO, 11);
        Set<String> wrong = new TreeSet<>();
        int stages = 0;
        for (SimulatedVisit visit : course.visits()) {
            List<Proposal.Do> doses =
                    visit.toDo().filter(toDo -> isStage(toDo, program)).toList();
            if (doses.isEmpty()) {
                continue;
            }
            SecondJudge second = new SecondJudge(asOf(visit, course, protocol, answers));
            for (Proposal.Do toDo : doses) {
                stages++;
                String kind = second.judge(asked(toDo)).kind();
                if (!kind.startsWith("OPEN")) {
                    wrong.add(visit.date() + " " + kind + " " + toDo);
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(stages).as(program.id()).isGreaterThanOrEqualTo(LEAST);
    }

    private static boolean isStage(Proposal.Do toDo, Program program) {
        return toDo.why().stream()
                .anyMatch(ground -> ground instanceof ProgramGround.StageOfProgram stage
                        && stage.program().equals(program.title()));
    }

    private static GeneratedCourse asOf(
            SimulatedVisit visit, SimulatedCourse course, Protocol protocol, Answers answers) {
        return new GeneratedCourse(
                protocol,
                BUNDLE,
                answers,
                new Clocks(DAY_ZERO, Map.of()),
                Decisions.NONE,
                visit.date(),
                visit.standing().phase(),
                visit.standing().facts().met(),
                Side.RIGHT,
                course.holds().stream()
                        .filter(hold -> hold.holdsOn(visit.date()))
                        .toList(),
                List.of(),
                latest(visit.standing().course().history().readings()),
                false);
    }

    /** The second judge knows one reading of a measure and side: the later of the passive and the active one. */
    private static Readings latest(Readings readings) {
        return new Readings(List.copyOf(readings.all().stream()
                .collect(Collectors.toMap(
                        reading -> reading.measure() + reading.side(),
                        reading -> reading,
                        BinaryOperator.maxBy(Comparator.comparing(Reading::date)
                                .thenComparing(Reading::mode, Comparator.reverseOrder()))))
                .values()));
    }

    private static Role asked(Proposal.Do toDo) {
        Activity.Exercise exercise = (Activity.Exercise) BUNDLE.activities().stream()
                .filter(activity -> activity.id().equals(toDo.role().activity()))
                .findFirst()
                .orElseThrow();
        return toDo.dose().asked(exercise, exercise.role(toDo.role()));
    }
}
