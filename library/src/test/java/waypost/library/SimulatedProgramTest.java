package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.program.Program;
import waypost.core.progression.ProgramGround;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.simulated.Healing;
import waypost.library.simulated.Outcome;
import waypost.library.simulated.PlainAnswers;
import waypost.library.simulated.SimulatedCourse;

/** Made-up patients through every program, in protocols that open all of its exercises. */
@Tag("slow")
class SimulatedProgramTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    /** So many at least, and more until somebody reaches the end. */
    private static final int PROTOCOLS = 4;

    /** By bad luck nobody may reach an end: then the same is lived with other luck. */
    private static final int FIRST = 7;

    private static final List<Integer> LUCKS = List.of(FIRST, 8, 9, 10);

    private static final List<Healing> HARDER = List.of(Healing.NORMAL, Healing.FLARING, Healing.OVER_EAGER);

    static Stream<Program> programs() {
        return BUNDLE.programs().stream();
    }

    private static SimulatedCourse live(Program program, Protocol protocol, Healing healing, int luck) {
        return SimulatedCourse.following(program, BUNDLE, protocol, PlainAnswers.of(protocol), healing, DAY_ZERO, luck);
    }

    /** Those that open all of its exercises. */
    private static List<Protocol> opening(Program program) {
        return BUNDLE.protocols().stream()
                .filter(protocol -> protocol.openings().stream()
                        .map(Opening::role)
                        .collect(Collectors.toSet())
                        .containsAll(program.roles()))
                .toList();
    }

    private static Stream<Integer> stages(SimulatedCourse course, Program program) {
        return course.visits().stream()
                .flatMap(visit -> visit.toDo())
                .flatMap(toDo -> toDo.why().stream())
                .filter(ground -> ground instanceof ProgramGround.StageOfProgram stage
                        && stage.program().equals(program.title()))
                .map(ground -> ((ProgramGround.StageOfProgram) ground).stage());
    }

    /** Somebody reaches its end; no stage is ever proposed above the gate, nor up after a flare, nor two up at once. */
    @ParameterizedTest
    @MethodSource("programs")
    void isWalkedToItsEndAndNeverBeyondTheGate(Program program) {
        Map<String, Integer> reached = new TreeMap<>();
        Set<String> wrong = new TreeSet<>();
        for (int luck : LUCKS) {
            int lived = 0;
            for (Protocol protocol : opening(program)) {
                if (reached.containsValue(program.stages().size()) && (luck > FIRST || lived >= PROTOCOLS)) {
                    break;
                }
                boolean harder = lived++ == 0 && luck == FIRST;
                for (Healing healing : harder ? HARDER : List.of(Healing.NORMAL)) {
                    SimulatedCourse course = live(program, protocol, healing, luck);
                    List<Integer> stages = stages(course, program).toList();
                    if (isWrong(course, healing, stages, rise(program))) {
                        wrong.add(protocol.id() + " " + healing + " " + stages + " "
                                + Outcome.of(course, course, healing));
                    }
                    stages.stream()
                            .max(Integer::compare)
                            .ifPresent(most -> reached.merge(protocol.id() + " " + healing, most, Math::max));
                }
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(reached.values())
                .as(program.id() + " " + reached)
                .contains(program.stages().size());
    }

    private static boolean isWrong(SimulatedCourse course, Healing healing, List<Integer> stages, int rise) {
        Outcome outcome = Outcome.of(course, course, healing);
        return outcome.barred() > 0
                || outcome.upAfterFlare() > 0
                || IntStream.range(1, stages.size()).anyMatch(nth -> stages.get(nth) > stages.get(nth - 1) + rise);
    }

    /** Runs open the next stage at once: nine in a session come three stages far at most. */
    private static int rise(Program program) {
        return program.id().equals("nine-stages") ? 3 : 1;
    }
}
