package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Tissue;
import waypost.core.course.Standing;
import waypost.core.movement.Fault;
import waypost.core.movement.Watched;
import waypost.core.movement.WorksAt;

/** What is watched asks a role of the library, answers a measure of it, and each fault has something that works at it. */
class WatchedTest {

    @ParameterizedTest
    @EnumSource
    void asksARoleAndAnswersAMeasureOfTheLibrary(Watched movement) {
        Standing standing = new MeasuredCourse("knee.replacement").on(40);

        assertThat(standing.verdict(movement.asks())).isNotNull();
        movement.measure()
                .ifPresent(measure -> assertThat(
                                MeasuredCourse.BUNDLE.measure(measure).most())
                        .isEqualTo(1));
    }

    /** Nobody is asked to step down or squat on day 1. */
    @ParameterizedTest
    @CsvSource({
        "knee.replacement, 1, STEP_DOWN, false",
        "knee.ligament-reconstruction, 1, SQUAT, false",
        "shoulder.cuff-repair, 10, ARM_RAISE, false",
    })
    void isAskedForOnlyOnceItIsOpen(String protocol, int day, Watched movement, boolean open) {
        Standing standing = new MeasuredCourse(protocol).on(day);

        assertThat(standing.verdict(movement.asks()).kind().isOpen()).isEqualTo(open);
    }

    @ParameterizedTest
    @EnumSource
    void everyFaultPointsToWhatSomethingOfTheLibraryWorksAt(Fault fault) {
        Tissue tissue = fault.pointsTo();
        Standing free = new MeasuredCourse(isOfArm(fault) ? "shoulder.cuff-repair" : "knee.beginner-strength").on(700);

        assertThat(free.course().activities().stream()
                        .flatMap(activity -> activity.roles().stream())
                        .filter(role -> role.whole().demands().stream()
                                .anyMatch(demand -> demand.of().equals(tissue))))
                .as(fault + " points to " + tissue)
                .isNotEmpty();
    }

    @Test
    void onlyWhatIsOpenAndWorksHardEnoughIsNamed() {
        Standing standing = new MeasuredCourse("knee.beginner-strength").on(60);

        assertThat(WorksAt.open(Tissue.HIP_ABDUCTORS, standing))
                .isNotEmpty()
                .allSatisfy(role ->
                        assertThat(standing.verdict(role).kind().isOpen()).isTrue());
    }

    private static boolean isOfArm(Fault fault) {
        return Watched.ARM_RAISE.faults().contains(fault);
    }
}
