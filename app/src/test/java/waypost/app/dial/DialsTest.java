package waypost.app.dial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Role;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

class DialsTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = ShippedLibrary.read();
    private static final Pattern NUMBER = Pattern.compile("-?\\d+\\.\\d");

    private static Reading flexion(double degrees, int day, Side side, Mode mode) {
        return new Reading(
                "knee-flexion",
                side,
                mode,
                BUNDLE.measure("knee-flexion").amount(degrees),
                DAY_ZERO.plusDays(day),
                true,
                "somebody",
                Optional.empty(),
                Optional.empty());
    }

    private static Standing standing(int day, Reading... readings) {
        Course course = Course.of(
                Resolver.resolve(
                        BUNDLE.protocol("knee.ligament-reconstruction"),
                        Answers.NONE.with("ligament", "anterior").with("graft", "donor"),
                        DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.of(new Readings(List.of(readings))), List.of(), List.of()));
        LocalDate date = DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY);
    }

    private static Dial knee(Standing standing) {
        Role role =
                BUNDLE.findActivity("single-leg-squat").orElseThrow().roles().get(0);
        return new Dials(standing, BUNDLE.measures())
                .of(role).stream()
                        .filter(dial -> dial.title().equals("Knee flexion"))
                        .findFirst()
                        .orElseThrow();
    }

    private static String fact(Dial dial, String what) {
        return dial.facts().stream()
                .filter(fact -> fact.what().equals(what))
                .map(Dial.Fact::value)
                .findFirst()
                .orElse("none");
    }

    /** The angle at which the last point of a path lies, 0 to the left, clockwise. */
    private static double angleOfEnd(String path) {
        List<Double> numbers = NUMBER.matcher(path)
                .results()
                .map(MatchResult::group)
                .map(Double::valueOf)
                .toList();
        double x = numbers.get(numbers.size() - 2);
        double y = numbers.get(numbers.size() - 1);
        return Math.toDegrees(Math.atan2(-y, -x));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 37, 90, 128, 165})
    void aHandPointsToItsTrueAngle(double degrees) {
        Dial dial = knee(standing(50, flexion(degrees, 45, Side.RIGHT, Mode.PASSIVE)));
        String hand = dial.shapes().stream()
                .filter(shape -> shape.kind().equals("passive"))
                .map(Dial.Shape::path)
                .findFirst()
                .orElseThrow();

        assertThat(angleOfEnd(hand)).isCloseTo(degrees, within(0.1));
    }

    @Test
    void theAllowedArcEndsAtTheLimitAndAllBeyondIsHatched() {
        Dial dial = knee(standing(20));

        assertThat(fact(dial, "allowed today")).isEqualTo("-25° to 30°");
        assertThat(dial.labels()).anySatisfy(label -> assertThat(label.text()).isEqualTo("30°"));
        assertThat(dial.shapes().stream().map(Dial.Shape::kind)).contains("allowed", "beyond", "edge", "asked");
        assertThat(fact(knee(standing(400)), "allowed today")).isEqualTo("no limit");
        assertThat(knee(standing(400)).shapes().stream().map(Dial.Shape::kind)).doesNotContain("beyond", "edge");
    }

    @Test
    void bothSidesBothModesAndWhatCameBeforeAreShown() {
        Dial dial = knee(standing(
                50,
                flexion(100, 20, Side.RIGHT, Mode.PASSIVE),
                flexion(110, 30, Side.RIGHT, Mode.PASSIVE),
                flexion(121, 45, Side.RIGHT, Mode.PASSIVE),
                flexion(118, 45, Side.RIGHT, Mode.ACTIVE),
                flexion(138, 45, Side.LEFT, Mode.PASSIVE)));

        assertThat(fact(dial, "passive flexion")).isEqualTo("121°, Thu 27 Mar");
        assertThat(fact(dial, "active flexion")).isEqualTo("118°, Thu 27 Mar");
        assertThat(fact(dial, "other side")).isEqualTo("0° to 138°");
        assertThat(dial.shapes().stream().filter(shape -> shape.kind().equals("before")))
                .hasSize(2);
        assertThat(dial.said()).startsWith("Knee flexion: ").contains("this asks for");
    }

    /** Of every motion there is, whatever its range, the drawing lies in its own frame. */
    @ParameterizedTest
    @EnumSource(Motion.class)
    void nothingLeavesTheFrame(Motion motion) {
        DialFace face = new DialFace(motion.possible());
        String[] box = face.viewBox().split(" ");
        double bottom = Double.parseDouble(box[1]) + Double.parseDouble(box[3]);

        for (double angle = motion.possible().least().value();
                angle <= motion.possible().most().value();
                angle++) {
            assertThat(face.y(angle, DialFace.RIM)).isBetween(Double.parseDouble(box[1]), bottom);
            assertThat(face.x(angle, DialFace.RIM)).isBetween(-DialFace.RIM - 0.1, DialFace.RIM + 0.1);
        }
    }
}
