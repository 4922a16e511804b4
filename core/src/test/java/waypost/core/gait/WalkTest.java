package waypost.core.gait;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;

/** Order of aid and feet, as the handbooks of the ward have it; and where they stand. */
class WalkTest {

    private static final double ALMOST = 1e-6;

    private static Walk walk(Side side, Aid aid, Pattern pattern, Way way, Turning turning, double percent) {
        return new Walk(side, aid, pattern, way, turning, BodyShare.ofPercent(percent));
    }

    private static String order(Walk walk) {
        return walk.moves().stream()
                .map(move ->
                        move.parts().stream().sorted().map(WalkTest::letter).collect(Collectors.joining("+")))
                .collect(Collectors.joining(" "));
    }

    /** F frame, a crutch or cane: c on the operated side, C on the other; o operated leg, x other leg. */
    private static String letter(Part part) {
        return switch (part) {
            case OPERATED_FOOT -> "o";
            case OTHER_FOOT -> "x";
            case FRAME -> "F";
            case AID_OPERATED_SIDE -> "c";
            case AID_OTHER_SIDE -> "C";
        };
    }

    /** Aid, operated leg, other leg; stairs up with the good leg, down with the operated; a cane in the opposite hand. */
    @ParameterizedTest
    @CsvSource({
        "WALKER,THREE_POINT_TO,LEVEL,40,F o x F o x",
        "WALKER,THREE_POINT_TO,LEVEL,0,o+F x o+F x",
        "TWO_CRUTCHES,THREE_POINT_THROUGH,LEVEL,40,c+C o x c+C o x",
        "TWO_CRUTCHES,THREE_POINT_TO,LEVEL,0,o+c+C x o+c+C x",
        "TWO_CRUTCHES,TWO_POINT,LEVEL,60,o+C x+c o+C x+c",
        "ONE_CRUTCH,TWO_POINT,LEVEL,80,o+C x o+C x",
        "CANE,TWO_POINT,LEVEL,100,o+C x o+C x",
        "NONE,TWO_POINT,LEVEL,100,o x o x",
        "TWO_CRUTCHES,THREE_POINT_TO,STAIRS_UP,40,x o+c+C x o+c+C",
        "TWO_CRUTCHES,THREE_POINT_TO,STAIRS_DOWN,40,c+C o x c+C o x",
        "CANE,TWO_POINT,STAIRS_UP,100,x o+C x o+C",
        "CANE,TWO_POINT,STAIRS_DOWN,100,C o x C o x",
        "NONE,TWO_POINT,STAIRS_DOWN,100,o x o x"
    })
    void order(Aid aid, Pattern pattern, Way way, double percent, String order) {
        for (Side side : Side.values()) {
            assertThat(order(walk(side, aid, pattern, way, Turning.BY_EVERY_RULE, percent)))
                    .isEqualTo(order);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,WALKER TWO_CRUTCHES",
        "50,50,WALKER TWO_CRUTCHES",
        "74,74,WALKER TWO_CRUTCHES",
        "75,75,WALKER TWO_CRUTCHES ONE_CRUTCH CANE",
        "100,20,WALKER TWO_CRUTCHES",
        "100,50,WALKER TWO_CRUTCHES ONE_CRUTCH CANE",
        "100,100,WALKER TWO_CRUTCHES ONE_CRUTCH CANE NONE"
    })
    void whatIsHeldDependsOnTheWeight(double percent, double alone, String aids) {
        assertThat(Walk.aids(BodyShare.ofPercent(percent), BodyShare.ofPercent(alone)).stream()
                        .map(Enum::name)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(aids);
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,WALKER",
        "49,49,WALKER",
        "50,50,TWO_CRUTCHES",
        "75,75,CANE",
        "100,20,TWO_CRUTCHES",
        "100,50,CANE",
        "100,100,NONE"
    })
    void theSteadiestIsUsual(double percent, double alone, Aid aid) {
        assertThat(Walk.usual(
                                Side.LEFT,
                                BodyShare.ofPercent(percent),
                                BodyShare.ofPercent(alone),
                                Turning.BY_EVERY_RULE,
                                LegBounds.FREE)
                        .aid())
                .isEqualTo(aid);
    }

    /** Whatever is asked for: never an aid that is too little, a frame on the stairs, or a pattern that does not go. */
    @Test
    void whatDoesNotGoIsNotWalked() {
        for (double percent : new double[] {0, 20, 50, 75, 100}) {
            BodyShare most = BodyShare.ofPercent(percent);
            for (Aid aid : Aid.values()) {
                for (Pattern pattern : Pattern.values()) {
                    for (Way way : Way.values()) {
                        Walk walk = Walk.usual(Side.RIGHT, most, most, Turning.BY_EVERY_RULE, LegBounds.FREE)
                                .with(Optional.of(aid), Optional.of(pattern), Optional.of(way));
                        assertThat(walk.aid().isEnoughFor(most, most)).isTrue();
                        assertThat(walk.pattern().goesWith(walk.aid(), most, LegBounds.FREE))
                                .isTrue();
                        assertThat(walk.way().goesWith(walk.aid())).isTrue();
                        assertThat(walk.moves()).isNotEmpty();
                    }
                }
            }
        }
    }

    /** Before every step that the operated leg carries, the aid stands ahead of it. */
    @ParameterizedTest
    @EnumSource(
            value = Aid.class,
            names = {"WALKER", "TWO_CRUTCHES"})
    void theAidStandsAheadOfALegThatMayCarryLittle(Aid aid) {
        Walk walk = walk(Side.LEFT, aid, Pattern.THREE_POINT_TO, Way.LEVEL, Turning.BY_EVERY_RULE, 20);
        for (Move move : walk.moves()) {
            double operated = move.after().of(Part.OPERATED_FOOT).y();
            move.after().places().forEach((part, place) -> {
                if (!part.isFoot()) {
                    assertThat(place.y()).isGreaterThan(operated);
                }
            });
        }
    }

    @Test
    void aLegThatTakesNothingStaysOffTheFloor() {
        Walk walk = walk(Side.LEFT, Aid.TWO_CRUTCHES, Pattern.THREE_POINT_TO, Way.LEVEL, Turning.BY_EVERY_RULE, 0);
        assertThat(walk.moves())
                .allSatisfy(
                        move -> assertThat(move.after().of(Part.OPERATED_FOOT).isLifted())
                                .isTrue());
    }

    private static List<Pattern> patterns(Aid aid, double percent) {
        return walk(Side.LEFT, aid, Pattern.TWO_POINT, Way.LEVEL, Turning.BY_EVERY_RULE, percent)
                .patterns();
    }

    private static Stream<Walk> turns() {
        List<Walk> turns = new ArrayList<>();
        for (Side side : Side.values()) {
            for (Aid aid : Aid.values()) {
                for (Turning turning : Turning.values()) {
                    turns.add(walk(side, aid, patterns(aid, 100).get(0), Way.TURN, turning, 100));
                }
            }
        }
        return turns.stream();
    }

    /** Posterior: never across, never in. Anterior: never behind and out. Where nobody knows, both; and no foot turns as it stands. */
    @ParameterizedTest
    @MethodSource("turns")
    void noTurnBreaksThePrecautionsOfItsApproach(Walk walk) {
        Stand before = walk.begin();
        for (Move move : walk.moves()) {
            Stand now = move.after();
            double in = now.turnedIn(walk.operated());
            if (walk.turning() == Turning.NEVER_TURNED_OUT) {
                assertThat(in).isGreaterThanOrEqualTo(-ALMOST);
                assertThat(now.asideOfMiddle(walk.operated())).isGreaterThan(0.15);
            } else if (walk.turning() != Turning.OPERATED_FOOT_FIRST) {
                assertThat(in).isLessThanOrEqualTo(ALMOST);
                assertThat(now.asideOfMiddle(walk.operated())).isGreaterThan(0.15);
            }
            if (walk.turning() != Turning.TOWARD_THE_OTHER_SIDE) {
                assertThat(now.behind() > 0.03 && in < -5).isFalse();
            }
            assertThat(Math.abs(in)).isLessThanOrEqualTo(10);
            assertThat(standing(before, now, move.parts())).isTrue();
            before = now;
        }
        double turned = before.heading();
        boolean toTheRight = turned > 0;
        assertThat(Math.abs(turned)).isCloseTo(90, Offset.offset(ALMOST));
        assertThat(toTheRight == (walk.operated() == Side.RIGHT))
                .isEqualTo(!walk.turning().isTowardTheOtherSide());
    }

    private static boolean standing(Stand before, Stand now, Set<Part> moved) {
        return now.places().entrySet().stream()
                .filter(each -> !moved.contains(each.getKey()))
                .allMatch(each -> each.getValue().equals(before.of(each.getKey())));
    }

    /** What is drawn as wrong is wrong by the same arithmetic. */
    @ParameterizedTest
    @EnumSource(Side.class)
    void faultsAreFaults(Side side) {
        assertThat(Fault.CROSSING.stand(side).asideOfMiddle(side)).isNegative();
        assertThat(Fault.TURNED_IN.stand(side).turnedIn(side)).isGreaterThan(10);
        assertThat(Fault.LEFT_BEHIND.stand(side).behind()).isGreaterThan(0.2);
        assertThat(Fault.LEFT_BEHIND.stand(side).turnedIn(side)).isLessThan(-10);
        assertThat(Math.abs(Fault.PIVOTING.stand(side).turnedIn(side))).isGreaterThan(25);
    }

    @Test
    void onTheLevelNothingCrossesAndNothingTurns() {
        for (Side side : Side.values()) {
            for (Aid aid : Aid.values()) {
                for (Pattern pattern : patterns(aid, 100)) {
                    for (Way way : List.of(Way.LEVEL, Way.STAIRS_UP, Way.STAIRS_DOWN)) {
                        walk(side, aid, pattern, way, Turning.BY_EVERY_RULE, 100)
                                .moves()
                                .forEach(move -> {
                                    assertThat(move.after().asideOfMiddle(side)).isGreaterThan(0.15);
                                    assertThat(move.after().turnedIn(side)).isZero();
                                });
                    }
                }
            }
        }
    }
}
