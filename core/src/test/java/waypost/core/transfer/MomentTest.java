package waypost.core.transfer;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Skeleton;
import waypost.core.anatomy.Spot;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.gait.LegBounds;

class MomentTest {

    private static final double SEAT = 0.5;
    private static final Offset<Double> NEARLY = Offset.offset(0.02);
    private static final List<LegBounds> BOUNDS = List.of(
            LegBounds.FREE,
            new LegBounds(Arc.between(-20, 90), Motion.KNEE_FLEXION.possible()),
            new LegBounds(Arc.between(0, 60), Motion.KNEE_FLEXION.possible()),
            new LegBounds(Motion.HIP_FLEXION.possible(), Arc.between(0, 30)),
            new LegBounds(Arc.between(0, 70), Arc.between(0, 10)));

    private static Stream<Skeleton> bodies(Moment moment, LegBounds bounds) {
        return Stream.of(true, false).map(off -> moment.body(SEAT, bounds, off));
    }

    @ParameterizedTest
    @EnumSource(Moment.class)
    void hipAndKneeBendNoFurtherThanTheyMay(Moment moment) {
        for (LegBounds bounds : BOUNDS) {
            bodies(moment, bounds).forEach(body -> {
                assertThat(body.angle(Half.OPERATED, Motion.HIP_FLEXION))
                        .as("%s %s", moment, bounds)
                        .isLessThanOrEqualTo(bounds.hip().most().value() + 0.5);
                assertThat(body.angle(Half.OPERATED, Motion.KNEE_FLEXION))
                        .as("%s %s", moment, bounds)
                        .isLessThanOrEqualTo(bounds.knee().most().value() + 0.5);
            });
        }
    }

    /** Feet stand on the floor, or lie on the bed; the operated one is ahead of the other, and lifted where it takes nothing. */
    @ParameterizedTest
    @EnumSource(Moment.class)
    void feetAreWhereTheWordsPutThem(Moment moment) {
        double floor = moment.lies() ? SEAT : 0;
        for (LegBounds bounds : BOUNDS) {
            Skeleton body = moment.body(SEAT, bounds, false);
            assertThat(body.spot(Half.OTHER, Spot.HEEL).getZ()).isCloseTo(floor, NEARLY);
            assertThat(body.spot(Half.OPERATED, Spot.HEEL).getZ()).isCloseTo(floor, NEARLY);
            if (!moment.lies()) {
                assertThat(body.spot(Half.OPERATED, Spot.HEEL).getX())
                        .isGreaterThan(body.spot(Half.OTHER, Spot.HEEL).getX());
            }
            if (moment.isUpright()) {
                assertThat(moment.body(SEAT, bounds, true).lowest()).isCloseTo(0, NEARLY);
                assertThat(moment.body(SEAT, bounds, true)
                                .spot(Half.OPERATED, Spot.HEEL)
                                .getZ())
                        .isGreaterThan(0.02);
            }
        }
    }

    /** Up is up: from lying over sitting and half-way to standing the hips rise, and who leans back leans back. */
    @Test
    void hipsRiseInTheOrderOfTheScript() {
        List<Double> heights = Stream.of(
                        Moment.SITTING, Moment.AT_THE_EDGE, Moment.LOWERING, Moment.RISING, Moment.STANDING)
                .map(moment -> moment.body(SEAT, LegBounds.FREE, false).hips().getZ())
                .toList();
        assertThat(heights).isSorted();
        assertThat(Moment.RISING.body(SEAT, LegBounds.FREE, false).upward().getX())
                .isPositive();
        assertThat(Moment.RISING_LEANING_BACK
                        .body(SEAT, LegBounds.FREE, false)
                        .upward()
                        .getX())
                .isNegative();
        assertThat(Moment.LOWERING_LEANING_BACK
                        .body(SEAT, LegBounds.FREE, false)
                        .upward()
                        .getX())
                .isNegative();
    }
}
