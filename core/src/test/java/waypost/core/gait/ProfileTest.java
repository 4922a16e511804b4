package waypost.core.gait;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Segment;
import waypost.core.anatomy.Spot;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;

class ProfileTest {

    private static final Offset<Double> A_CENTIMETRE = Offset.offset(0.01);
    private static final LegBounds NEVER_BEHIND = new LegBounds(Arc.between(0, 90), Motion.KNEE_FLEXION.possible());
    private static final LegBounds KNEE_STRAIGHT = new LegBounds(Motion.HIP_FLEXION.possible(), Arc.between(-5, 10));

    private static Stream<Walk> walks() {
        List<Walk> walks = new ArrayList<>();
        for (double percent : new double[] {0, 20, 50, 75, 100}) {
            BodyShare most = BodyShare.ofPercent(percent);
            for (LegBounds bounds : List.of(LegBounds.FREE, NEVER_BEHIND, KNEE_STRAIGHT)) {
                Walk usual = Walk.usual(Side.LEFT, most, most, Turning.BY_EVERY_RULE, bounds);
                for (Aid aid : Walk.aids(most, most)) {
                    Walk held = usual.with(Optional.of(aid), Optional.empty(), Optional.empty());
                    for (Pattern pattern : held.patterns()) {
                        for (Way way : held.ways()) {
                            if (way != Way.TURN) {
                                walks.add(held.with(Optional.of(aid), Optional.of(pattern), Optional.of(way)));
                            }
                        }
                    }
                }
            }
        }
        return walks.stream();
    }

    private static List<Stand> stands(Walk walk) {
        return Stream.concat(Stream.of(walk.begin()), walk.moves().stream().map(Move::after))
                .toList();
    }

    /** What is seen from the side is where it is seen from above. */
    @ParameterizedTest
    @MethodSource("walks")
    void feetAndHandsAreWhereTheWalkPutThem(Walk walk) {
        for (Stand stand : stands(walk)) {
            Profile profile = walk.profile(stand);
            for (Half half : Half.values()) {
                Place place = stand.of(half == Half.OPERATED ? Part.OPERATED_FOOT : Part.OTHER_FOOT);
                double floor = place.level() * Profile.RISE_METRES + (place.isLifted() ? 0.04 : 0);
                for (Spot spot : List.of(Spot.HEEL, Spot.TOES)) {
                    assertThat(profile.body().spot(half, spot).getZ()).isCloseTo(floor, A_CENTIMETRE);
                }
                assertThat((profile.body().spot(half, Spot.HEEL).getX()
                                        + profile.body().end(half, Segment.FOOT).getX())
                                / 2)
                        .isCloseTo(place.y(), A_CENTIMETRE);
            }
            profile.aids().forEach((part, stick) -> {
                assertThat(stick.line().get(0).up()).isEqualTo(stand.of(part).level() * Profile.RISE_METRES);
                for (Half half : held(walk, part)) {
                    assertThat(profile.body().spot(half, Spot.PALM).getX())
                            .isCloseTo(stick.handle().ahead(), A_CENTIMETRE);
                    assertThat(profile.body().spot(half, Spot.PALM).getZ())
                            .isCloseTo(stick.handle().up(), A_CENTIMETRE);
                }
            });
        }
    }

    private static List<Half> held(Walk walk, Part part) {
        if (walk.aid() == Aid.WALKER) {
            return List.of(Half.values());
        }
        return List.of(part == Part.AID_OPERATED_SIDE ? Half.OPERATED : Half.OTHER);
    }

    @ParameterizedTest
    @MethodSource("walks")
    void noMomentGoesBeyondTheBounds(Walk walk) {
        for (Stand stand : stands(walk)) {
            Profile profile = walk.profile(stand);
            double hip = profile.body().angle(Half.OPERATED, Motion.HIP_FLEXION);
            double knee = profile.body().angle(Half.OPERATED, Motion.KNEE_FLEXION);
            assertThat(walk.bounds().hip().contains(Degrees.of(hip + 0.5)))
                    .as("hip %s", hip)
                    .isTrue();
            assertThat(walk.bounds().knee().contains(Degrees.of(knee - 0.5)))
                    .as("%s %s knee %s", walk, stand, knee)
                    .isTrue();
            assertThat(profile.body().upward().getZ()).isGreaterThan(0.9);
        }
    }

    /** Where the leg may not be behind, nothing goes past it; with nothing in the hands as well. */
    @Test
    void aLegThatMayNotBeLeftBehindIsWalkedUpTo() {
        BodyShare all = BodyShare.ofPercent(100);
        Walk walk = Walk.usual(Side.RIGHT, all, all, Turning.OPERATED_FOOT_FIRST, NEVER_BEHIND);
        assertThat(walk.aid()).isEqualTo(Aid.NONE);
        assertThat(walk.goesPast()).isFalse();
        assertThat(walk.moves())
                .allSatisfy(move -> assertThat(move.after().behind()).isLessThanOrEqualTo(0.001));
        Walk free = Walk.usual(Side.RIGHT, all, all, Turning.OPERATED_FOOT_FIRST, LegBounds.FREE);
        assertThat(free.moves())
                .anySatisfy(move -> assertThat(move.after().behind()).isGreaterThan(0.1));
    }

    @Test
    void aStraightLegOffTheFloorIsHeldOutAndStaysOffTheStairs() {
        BodyShare none = BodyShare.ofPercent(0);
        Walk walk = Walk.usual(Side.RIGHT, none, none, Turning.IN_SMALL_STEPS, KNEE_STRAIGHT)
                .with(Optional.of(Aid.TWO_CRUTCHES), Optional.empty(), Optional.empty());
        assertThat(walk.ways()).containsExactly(Way.LEVEL, Way.TURN);
        assertThat(walk.begin().of(Part.OPERATED_FOOT).y()).isGreaterThan(0.2);
    }
}
