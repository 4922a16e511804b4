package waypost.app.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.library.bundle.ShippedLibrary;

/** The angles in the drawing are those of the exercise file, for every exercise and both sides. */
@Tag("slow")
class FiguresTest {

    private static final Pattern NUMBER = Pattern.compile("-?\\d+\\.\\d");

    /** In centimetres: about half of what a body that kneels is thick there. */
    private static final double UNDER_THE_FLOOR = 8;

    record Drawn(Activity activity, Role role) {
        @Override
        public String toString() {
            return role.key().toString();
        }
    }

    static Stream<Drawn> everyRole() {
        return ShippedLibrary.read().activities().stream()
                .flatMap(activity -> activity.roles().stream().map(role -> new Drawn(activity, role)));
    }

    private static List<double[]> points(String path) {
        List<double[]> points = new ArrayList<>();
        Matcher numbers = NUMBER.matcher(path.replaceAll("a[^M]*|Q\\S+ \\S+", ""));
        while (numbers.find()) {
            double x = Double.parseDouble(numbers.group());
            numbers.find();
            points.add(new double[] {x, -Double.parseDouble(numbers.group())});
        }
        return points;
    }

    /** A limb from its root outward: where each of its strokes begins, and where the last one ends. */
    private static List<double[]> limb(Figure figure, String kind) {
        List<double[]> places = new ArrayList<>();
        List<double[]> last = List.of();
        for (Shape shape : figure.shapes()) {
            if (shape.kind().equals(kind)) {
                last = points(shape.path());
                places.add(last.get(0));
            }
        }
        places.add(last.get(last.size() - 1));
        return places;
    }

    private static Shape one(Figure figure, String kind) {
        return figure.shapes().stream()
                .filter(shape -> shape.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private static double direction(List<double[]> path, int from) {
        double[] a = path.get(from);
        double[] b = path.get(from + 1);
        return Math.toDegrees(Math.atan2(b[1] - a[1], b[0] - a[0]));
    }

    /** From one direction to another, -180 to 180. */
    private static double turn(double from, double to) {
        return ((to - from) % 360 + 540) % 360 - 180;
    }

    /** The angle that the drawing shows for the leading motion, read off the limb's strokes alone; seen from the right. */
    private static Optional<Double> shown(Motion leading, String seen, List<double[]> limb) {
        boolean side = seen.equals("from the side");
        return switch (leading) {
            case KNEE_FLEXION -> side ? Optional.of(-turn(direction(limb, 0), direction(limb, 1))) : Optional.empty();
            case PIP_FLEXION -> Optional.of(-turn(direction(limb, 1), direction(limb, 2)));
            case MCP_FLEXION -> Optional.of(-turn(direction(limb, 0), direction(limb, 1)));
            case DIP_FLEXION -> Optional.of(-turn(direction(limb, 2), direction(limb, 3)));
            default -> Optional.empty();
        };
    }

    @ParameterizedTest
    @MethodSource("everyRole")
    void theDrawingIsTrueToTheAngles(Drawn drawn) {
        Motion leading = Figures.leading(drawn.role());
        Figure figure = Figures.of(drawn.activity(), drawn.role(), Optional.empty(), Side.RIGHT);
        Map<Motion, Degrees> end = drawn.activity().pose(drawn.role()).end(drawn.role());
        Map<Motion, Degrees> start = drawn.activity().pose(drawn.role()).start(drawn.role());

        assertThat(figure.operated()).startsWith("right ");
        shown(leading, figure.seen(), limb(figure, "body-end"))
                .filter(angle -> end.containsKey(leading))
                .ifPresent(angle ->
                        assertThat(turn(end.get(leading).value(), angle)).isEqualTo(0, within(1.5)));
        shown(leading, figure.seen(), limb(figure, "body-start"))
                .filter(angle -> start.containsKey(leading))
                .ifPresent(angle ->
                        assertThat(turn(start.get(leading).value(), angle)).isEqualTo(0, within(1.5)));
    }

    @ParameterizedTest
    @MethodSource("everyRole")
    void nothingIsDrawnOutsideThePicture(Drawn drawn) {
        for (Side side : Side.values()) {
            Figure figure = Figures.of(drawn.activity(), drawn.role(), Optional.empty(), side);
            double[] box = Stream.of(figure.viewBox().split(" "))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            for (Shape shape : figure.shapes()) {
                for (double[] point : points(shape.path())) {
                    assertThat(point[0]).isBetween(box[0], box[0] + box[2]);
                    assertThat(-point[1]).isBetween(box[1], box[1] + box[3]);
                }
            }
        }
    }

    @Test
    void theSheetForTheEyeHasTheStylesOfAllThatItDraws() throws IOException {
        String sheet = ContactSheet.page(ShippedLibrary.read());

        for (String kind : List.of("body-start", "body-end", "body-trunk", "body-far", "body-mark")) {
            assertThat(sheet).contains("." + kind + " {", "class=\"" + kind + "\"");
        }
    }

    /** What the hands lean on reaches the floor, and what is sat down on stands under the seat. */
    @ParameterizedTest
    @CsvSource({
        "walk-frame, 1",
        "walk-crutches, 2",
        "walk-cane, 1",
        "walk-free, 0",
        "chair-rise, 1",
        "five-rises, 1",
        "box-squat, 1",
        "jump-box, 0"
    })
    void aidsAndSeatsStandOnTheFloor(String activity, int things) {
        Activity drawn = ShippedLibrary.read().findActivity(activity).orElseThrow();
        Figure figure = Figures.of(drawn, drawn.roles().get(0), Optional.empty(), Side.RIGHT);

        assertThat(figure.shapes())
                .filteredOn(shape -> shape.kind().startsWith("body-thing"))
                .hasSize(things)
                .allSatisfy(shape -> assertThat(points(shape.path())).anyMatch(point -> Math.abs(point[1]) < 0.1));
    }

    @Test
    void whatIsAllowedIsAnArcAboutTheJointFromLeastToMost() {
        Figure figure = Figures.ofLimit(Motion.KNEE_FLEXION, Arc.between(0, 90), Side.LEFT)
                .orElseThrow();
        List<double[]> limb = limb(figure, "body-end");
        List<double[]> arc = points(one(figure, "body-allowed").path());
        double thigh = direction(limb, 0);
        double[] knee = limb.get(1);

        assertThat(figure.operated()).isEqualTo("left leg");
        assertThat(-turn(thigh, from(knee, arc.get(0)))).isEqualTo(0, within(1.0));
        assertThat(turn(thigh, from(knee, arc.get(arc.size() - 1)))).isEqualTo(90, within(1.0));
    }

    private static double from(double[] joint, double[] point) {
        return Math.toDegrees(Math.atan2(point[1] - joint[1], point[0] - joint[0]));
    }

    @Test
    void theOtherSideIsItsMirrorFromTheFront() {
        List<double[]> right = limb(
                Figures.ofLimit(Motion.HIP_ABDUCTION, Arc.between(0, 30), Side.RIGHT)
                        .orElseThrow(),
                "body-end");
        List<double[]> left = limb(
                Figures.ofLimit(Motion.HIP_ABDUCTION, Arc.between(0, 30), Side.LEFT)
                        .orElseThrow(),
                "body-end");

        for (int nth = 0; nth < right.size(); nth++) {
            assertThat(right.get(nth)[0]).isEqualTo(-left.get(nth)[0], within(0.2));
            assertThat(right.get(nth)[1]).isEqualTo(left.get(nth)[1], within(0.2));
        }
    }

    @ParameterizedTest
    @MethodSource("everyRole")
    void theOperatedSideIsMarkedByShapeAndNothingCrossesTheFloor(Drawn drawn) {
        Figure figure = Figures.of(drawn.activity(), drawn.role(), Optional.empty(), Side.LEFT);
        boolean grounded =
                figure.shapes().stream().anyMatch(shape -> shape.kind().equals("body-ground"));

        if (!figure.seen().equals(HandPicture.SEEN)) {
            one(figure, "body-mark");
        }
        if (grounded) {
            assertThat(figure.shapes())
                    .allSatisfy(shape -> points(shape.path())
                            .forEach(point ->
                                    assertThat(point[1]).as(shape.kind()).isGreaterThan(-UNDER_THE_FLOOR)));
        }
    }

    private static Figure figure(String activity) {
        Drawn drawn = everyRole()
                .filter(each -> each.activity().id().equals(activity))
                .findFirst()
                .orElseThrow();
        return Figures.of(drawn.activity(), drawn.role(), Optional.empty(), Side.RIGHT);
    }

    private static List<double[]> pointsOf(Figure figure, String kind) {
        return figure.shapes().stream()
                .filter(shape -> shape.kind().equals(kind))
                .flatMap(shape -> points(shape.path()).stream())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"knee-to-wall", "wall-slide-bend"})
    void theWallIsWhereTheLegComesTo(String activity) {
        Figure figure = figure(activity);
        double wall = pointsOf(figure, "body-thing").get(0)[0];
        double[] across = Stream.of("body-start", "body-end")
                .flatMap(kind -> pointsOf(figure, kind).stream())
                .mapToDouble(point -> point[0])
                .sorted()
                .toArray();
        double beyond = Math.max(wall - across[across.length - 1], across[0] - wall);

        assertThat(beyond).isBetween(-2.0, 20.0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"hamstring-stretch", "heel-slide", "quad-stretch-lying", "calf-stretch"})
    void aStrapGoesFromTheHandToTheFoot(String activity) {
        Figure figure = figure(activity);
        double[] foot = pointsOf(figure, "body-held").get(1);

        assertThat(pointsOf(figure, "body-end"))
                .anySatisfy(point -> assertThat(Math.hypot(point[0] - foot[0], point[1] - foot[1]))
                        .isLessThan(8));
    }

    @Test
    void aTowelThatLiesOnTheFloorIsNoStrap() {
        assertThat(pointsOf(figure("towel-scrunch"), "body-held")).isEmpty();
    }

    /** A joint that may go half its way is shown going further, with the end of what is allowed marked. */
    @ParameterizedTest
    @EnumSource(
            value = Motion.class,
            names = {"FOREARM_ROTATION", "ANKLE_INVERSION"},
            mode = EnumSource.Mode.EXCLUDE)
    void tooFarIsFurtherThanWhatIsAllowed(Motion motion) {
        Arc possible = motion.possible();
        double middle = (possible.least().value() + possible.most().value()) / 2;
        Arc half = Arc.between(possible.least().value(), middle);

        assertThat(Figures.beyondLimit(motion, possible, Side.LEFT)).isEmpty();
        assertThat(Figures.beyondLimit(motion, half, Side.LEFT)).hasValueSatisfying(figure -> {
            assertThat(figure.caption()).isEqualTo("Beyond what is allowed.");
            assertThat(figure.limited()).isTrue();
            assertThat(figure.shapes())
                    .isNotEqualTo(Figures.ofLimit(motion, half, Side.LEFT)
                            .orElseThrow()
                            .shapes());
        });
    }

    /** A limb that turns about itself looks as before: no picture says otherwise. */
    @ParameterizedTest
    @EnumSource(
            value = Motion.class,
            names = {"FOREARM_ROTATION", "ANKLE_INVERSION"})
    void whatADrawingDoesNotShowIsNotDrawn(Motion motion) {
        assertThat(Figures.ofLimit(motion, Arc.between(0, 20), Side.LEFT)).isEmpty();
        assertThat(Figures.beyondLimit(motion, Arc.between(0, 20), Side.LEFT)).isEmpty();
    }
}
