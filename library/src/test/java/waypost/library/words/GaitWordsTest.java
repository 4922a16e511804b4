package waypost.library.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.demand.BodyShare;
import waypost.core.gait.Aid;
import waypost.core.gait.Move;
import waypost.core.gait.Part;
import waypost.core.gait.Pattern;
import waypost.core.gait.Place;
import waypost.core.gait.Stand;
import waypost.core.gait.Turning;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;

/** What is said of a walk is what is drawn of it. */
class GaitWordsTest {

    private static List<String> said(Walk walk, Optional<Double> mass) {
        GaitWords words = new GaitWords(walk, mass);
        return walk.moves().stream().map(words::say).toList();
    }

    @Test
    void aFrameWithPartOfTheWeight() {
        Walk walk = new Walk(
                Side.LEFT,
                Aid.WALKER,
                Pattern.THREE_POINT_TO,
                Way.LEVEL,
                Turning.BY_EVERY_RULE,
                BodyShare.ofPercent(20));
        assertThat(said(walk, Optional.of(82.0)).subList(0, 3))
                .containsExactly(
                        "The frame forward, all four legs down.",
                        "The operated left leg forward, up to it, at most 20 % on it (16 kg).",
                        "The right leg up to it.");
    }

    @Test
    void stairsUpWithTheGoodLegAndDownWithTheOperated() {
        Walk up = new Walk(
                Side.RIGHT,
                Aid.CANE,
                Pattern.TWO_POINT,
                Way.STAIRS_UP,
                Turning.BY_EVERY_RULE,
                BodyShare.ofPercent(100));
        assertThat(said(up, Optional.empty()).subList(0, 2))
                .containsExactly(
                        "The left leg up first.",
                        "The operated right leg and the cane in the left hand up onto the same step.");
        Walk down = new Walk(
                Side.RIGHT,
                Aid.CANE,
                Pattern.TWO_POINT,
                Way.STAIRS_DOWN,
                Turning.BY_EVERY_RULE,
                BodyShare.ofPercent(100));
        assertThat(said(down, Optional.empty()).subList(0, 3))
                .containsExactly(
                        "The cane in the left hand down first.",
                        "The operated right leg down to it.",
                        "The left leg down to the same step.");
    }

    /** An operated left leg turns away from it to the right, and with the operated foot first to the left. */
    @ParameterizedTest
    @CsvSource({
        "LEFT,TOWARD_THE_OTHER_SIDE,right",
        "RIGHT,TOWARD_THE_OTHER_SIDE,left",
        "LEFT,NEVER_TURNED_OUT,right",
        "LEFT,OPERATED_FOOT_FIRST,left",
        "RIGHT,BY_EVERY_RULE,left",
        "RIGHT,IN_SMALL_STEPS,left"
    })
    void theSideOfATurnIsSaidAsItIsDrawn(Side side, Turning turning, String toward) {
        Walk walk = new Walk(side, Aid.NONE, Pattern.TWO_POINT, Way.TURN, turning, BodyShare.ofPercent(100));
        List<Move> moves = walk.moves();
        double heading = moves.get(moves.size() - 1).after().of(Part.OTHER_FOOT).heading();
        assertThat(new GaitWords(walk, Optional.empty()).turning()).startsWith("Turn to the " + toward + ",");
        assertThat(heading > 0).isEqualTo(toward.equals("right"));
    }

    private static Stream<Walk> walks() {
        List<Walk> walks = new ArrayList<>();
        for (Side side : Side.values()) {
            for (double percent : new double[] {0, 20, 60, 80, 100}) {
                BodyShare most = BodyShare.ofPercent(percent);
                for (Aid aid : Walk.aids(most, most)) {
                    for (Pattern pattern :
                            new Walk(side, aid, Pattern.TWO_POINT, Way.LEVEL, Turning.BY_EVERY_RULE, most).patterns()) {
                        for (Way way : Way.values()) {
                            if (way.goesWith(aid)) {
                                walks.add(new Walk(side, aid, pattern, way, Turning.BY_EVERY_RULE, most));
                            }
                        }
                    }
                }
            }
        }
        return walks.stream();
    }

    /** Each sentence names just what moves, and the side on which it stands. */
    @ParameterizedTest
    @MethodSource("walks")
    void everyPictureAgreesWithItsWords(Walk walk) {
        GaitWords words = new GaitWords(walk, Optional.of(80.0));
        Stand before = walk.begin();
        for (Move move : walk.moves()) {
            String said = words.say(move).toLowerCase(Locale.ROOT);
            assertThat(said.contains("operated"))
                    .as(said)
                    .isEqualTo(move.parts().contains(Part.OPERATED_FOOT));
            String other = walk.operated().other().name().toLowerCase(Locale.ROOT);
            boolean othersFoot = move.parts().contains(Part.OTHER_FOOT);
            assertThat(said.contains("the " + other + " leg") || said.contains("the " + other + " foot"))
                    .as(said)
                    .isEqualTo(othersFoot);
            boolean aid = move.parts().stream().anyMatch(part -> !part.isFoot());
            assertThat(said.contains("frame") || said.contains("crutch") || said.contains("cane"))
                    .as(said)
                    .isEqualTo(aid);
            for (Part part : move.parts()) {
                assertThat(move.after().of(part)).isNotEqualTo(before.of(part));
                assertThat(hand(said, move.after().of(part), part)).as(said).isTrue();
            }
            assertThat(said).doesNotContain("  ").endsWith(".");
            before = move.after();
        }
    }

    private static boolean hand(String said, Place place, Part part) {
        return part.isFoot() || !said.contains(" hand") || said.contains((place.x() > 0 ? "right" : "left") + " hand");
    }
}
