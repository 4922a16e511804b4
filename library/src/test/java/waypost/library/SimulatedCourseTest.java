package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.progression.Way;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.simulated.Healing;
import waypost.library.simulated.Outcome;
import waypost.library.simulated.PlainAnswers;
import waypost.library.simulated.SimulatedCourse;

/** Made-up patients through every shipped protocol, doing what is proposed. */
@Tag("slow")
class SimulatedCourseTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    /** Range is not what is waited for before a joint is replaced: nothing is expected of it, so nothing can be behind. */
    private static final Set<String> WITHOUT_EXPECTED_RANGE = Set.of("hip-or-knee.before-replacement");

    /** Nothing is stretched, or measured by stretching, before this protocol's eighth week. */
    private static final Map<String, Integer> DAYS_LATER = Map.of("muscle.hamstring-tendon", 35);

    private static final int DAYS_UNTIL_STIFFNESS_IS_TOLD = 56;
    private static final int DAYS_UNTIL_THE_NEXT_VISIT = 4;

    static Stream<Protocol> protocols() {
        return BUNDLE.protocols().stream();
    }

    private static SimulatedCourse live(Protocol protocol, Healing healing) {
        return SimulatedCourse.live(BUNDLE, protocol, PlainAnswers.of(protocol), healing, DAY_ZERO, 7);
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void nothingBarredIsProposedAndWhatGoesWrongIsTold(Protocol protocol) {
        SimulatedCourse normal = live(protocol, Healing.NORMAL);
        assertThat(normal.phasesSigned()).hasSize(protocol.phases().size() - 1);
        for (Healing healing : Healing.values()) {
            SimulatedCourse course = healing == Healing.NORMAL ? normal : live(protocol, healing);
            Outcome outcome = Outcome.of(course, normal, healing);
            assertThat(outcome.proposals()).as(outcome.toString()).isPositive();
            assertThat(outcome.barred()).as(outcome.toString()).isZero();
            assertThat(outcome.upAfterFlare()).as(outcome.toString()).isZero();
            assertTold(protocol, outcome);
        }
    }

    private static void assertTold(Protocol protocol, Outcome outcome) {
        switch (outcome.healing()) {
            case STIFF -> {
                if (!WITHOUT_EXPECTED_RANGE.contains(protocol.id())) {
                    assertThat(outcome.daysToReport().orElseThrow())
                            .as(outcome.toString())
                            .isLessThanOrEqualTo(
                                    DAYS_UNTIL_STIFFNESS_IS_TOLD + DAYS_LATER.getOrDefault(protocol.id(), 0));
                }
            }
            case FLARING, OVER_EAGER ->
                assertThat(outcome.daysToReport().orElseThrow())
                        .as(outcome.toString())
                        .isLessThanOrEqualTo(DAYS_UNTIL_THE_NEXT_VISIT);
            case UNDER_DOING ->
                assertThat(outcome.daysToReport().orElseThrow())
                        .as(outcome.toString())
                        .isZero();
            case SILENT_RED_FLAG ->
                assertThat(outcome.daysToStop().orElseThrow())
                        .as(outcome.toString())
                        .isLessThanOrEqualTo(DAYS_UNTIL_THE_NEXT_VISIT);
            case NORMAL -> assertThat(outcome.daysToReport()).isEmpty();
        }
    }

    /** Who is planned in blocks with prescribed doses does nothing barred and signs each phase no later. */
    @ParameterizedTest
    @MethodSource("protocols")
    void inBlocksNothingIsBarredAndNormalHealersAreNoSlower(Protocol protocol) {
        SimulatedCourse byVisit = live(protocol, Healing.NORMAL);
        SimulatedCourse inBlocks =
                SimulatedCourse.inBlocks(BUNDLE, protocol, PlainAnswers.of(protocol), Healing.NORMAL, DAY_ZERO, 7);
        Outcome outcome = Outcome.of(inBlocks, byVisit, Healing.NORMAL);

        assertThat(outcome.proposals()).as(outcome.toString()).isPositive();
        assertThat(outcome.barred()).as(outcome.toString()).isZero();
        assertThat(inBlocks.visits().stream().flatMap(visit -> visit.toDo()))
                .anyMatch(toDo -> toDo.way() == Way.PRESCRIBED);
        assertThat(inBlocks.phasesSigned()).isEqualTo(byVisit.phasesSigned());
        for (int nth = 0; nth < byVisit.signed().size(); nth++) {
            assertThat(inBlocks.signed().get(nth).from())
                    .as(byVisit.signed().get(nth).phase())
                    .isBeforeOrEqualTo(byVisit.signed().get(nth).from());
        }
    }

    @Test
    void equalSeedsGiveEqualCourses() {
        Protocol protocol = BUNDLE.protocol("muscle.hamstring-strain");

        assertThat(live(protocol, Healing.OVER_EAGER).work())
                .isEqualTo(live(protocol, Healing.OVER_EAGER).work());
    }
}
