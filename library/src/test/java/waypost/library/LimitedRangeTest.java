package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.course.Standing;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.followup.LimitedRange;
import waypost.library.words.LimitedWords;

/** Which range falls short of what, and what is open that holds a gain. */
class LimitedRangeTest {

    private static final int DAY = 40;

    private static MeasuredCourse knee() {
        return new MeasuredCourse("knee.replacement");
    }

    /** What falls short is told once, against the milestone that asks most; what is reached is not. */
    @ParameterizedTest
    @CsvSource({"knee-flexion,80,true", "knee-flexion,150,false", "knee-extension,15,true", "knee-extension,0,false"})
    void whatFallsShortIsTold(String measure, double value, boolean told) {
        Standing standing =
                knee().measured(DAY - 2, measure, Mode.PASSIVE, value).on(DAY);

        assertThat(LimitedRange.of(standing))
                .filteredOn(limited -> limited.measure().id().equals(measure))
                .hasSize(told ? 1 : 0)
                .allSatisfy(limited -> {
                    assertThat(limited.lacks()).isPositive();
                    assertThat(limited.holds()).isNotEmpty();
                });
    }

    /** A gain of bend is held by bending, and only by what is open and is for mobility. */
    @Test
    void whatHoldsAGainIsOpenMovesThatWayAndIsForMobility() {
        Standing standing =
                knee().measured(DAY - 2, "knee-flexion", Mode.PASSIVE, 80).on(DAY);
        LimitedRange bend = LimitedRange.of(standing).get(0);

        assertThat(bend.holds()).contains(RoleKey.of("heel-slide/operated")).allSatisfy(role -> {
            assertThat(standing.verdict(role).kind().isOpen()).isTrue();
            assertThat(standing.course().exercise(role.activity()).purpose()).isEqualTo(Purpose.MOBILITY);
        });
        assertThat(LimitedWords.say(bend)).startsWith("80° on ").contains("° short of ");
    }

    @Test
    void nothingIsLimitedThatNobodyMeasured() {
        assertThat(LimitedRange.of(knee().on(DAY))).isEmpty();
    }
}
