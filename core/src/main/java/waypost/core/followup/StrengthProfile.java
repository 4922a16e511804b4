package waypost.core.followup;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Symmetry;

/**
 * What is weak, by what was measured of both sides, and what to do for it how often: three days a week for what is under
 * four fifths, two for what is under nine tenths, one for the rest (common practice, no source).
 *
 * @param lines the weakest first
 */
public record StrengthProfile(List<Line> lines) {

    private static final double WEAK_PERCENT = 80;
    private static final double EVEN_PERCENT = 90;

    /** How one strength stands against the stronger of what it can be held against. */
    public enum Kind {
        WEAK(3),
        BEHIND(2),
        EVEN(1);

        private final int timesAWeek;

        Kind(int timesAWeek) {
            this.timesAWeek = timesAWeek;
        }

        /** On how many days a week it is worked at. */
        public int timesAWeek() {
            return timesAWeek;
        }

        static Kind of(double percent) {
            return percent < WEAK_PERCENT ? WEAK : percent < EVEN_PERCENT ? BEHIND : EVEN;
        }
    }

    /** What the operated side is held against. */
    public enum Against {
        OTHER_SIDE,
        /** The other side has lost since before surgery: its own earlier value is the yardstick, or the share flatters. */
        OTHER_SIDE_BEFORE,
        OWN_BEFORE
    }

    /**
     * One strength.
     *
     * @param percent of the operated side against {@code yardstick}
     * @param certain false where the difference lies within what measuring itself may err by
     * @param accessories open today: of each ladder the planned exercise, else the easiest that is for strength
     */
    public record Line(
            Measure measure,
            Reading operated,
            Reading yardstick,
            Against against,
            double percent,
            boolean certain,
            List<RoleKey> accessories) {

        public Line {
            accessories = List.copyOf(accessories);
        }

        public Kind kind() {
            return Kind.of(percent);
        }
    }

    public StrengthProfile {
        lines = List.copyOf(lines);
    }

    /**
     * The profile of a day.
     *
     * @param ladders with the measures that each strengthens
     * @param planned what stands in the plan
     */
    public static StrengthProfile of(Standing standing, List<Ladder> ladders, Set<RoleKey> planned) {
        Accessories accessories = new Accessories(standing, ladders, planned);
        List<Line> lines = new ArrayList<>();
        for (Measure measure : standing.course().measures()) {
            if (accessories.has(measure)) {
                new Held(standing, measure).line(accessories.of(measure)).ifPresent(lines::add);
            }
        }
        lines.sort(Comparator.comparingDouble(Line::percent));
        return new StrengthProfile(lines);
    }

    /** A measure of a course as it is held against something. */
    private record Held(Standing standing, Measure measure) {

        Optional<Line> line(List<RoleKey> accessories) {
            Side side = standing.facts().side();
            return fresh(side).flatMap(operated -> yardstick(operated).map(held -> line(operated, held, accessories)));
        }

        private record Yard(Reading reading, Against against) {}

        private Line line(Reading operated, Yard held, List<RoleKey> accessories) {
            double percent = Symmetry.between(operated.amount(), held.reading().amount(), measure.better())
                    .percent();
            double missing =
                    Math.abs(held.reading().amount().value() - operated.amount().value());
            boolean certain =
                    missing > measure.error().at(held.reading().amount().value());
            return new Line(measure, operated, held.reading(), held.against(), percent, certain, accessories);
        }

        /** The stronger of the other side now and before surgery; the own side's before where the other is no yardstick. */
        private Optional<Yard> yardstick(Reading operated) {
            Side side = standing.facts().side();
            if (!standing.course().history().otherSideHealthy()) {
                return before(side).map(own -> new Yard(own, Against.OWN_BEFORE));
            }
            Optional<Reading> now = fresh(side.other()).filter(operated::isTakenLike);
            Optional<Reading> earlier = before(side.other())
                    .filter(then -> now.map(reading -> lost(then, reading)).orElse(true));
            return earlier.map(then -> new Yard(then, Against.OTHER_SIDE_BEFORE))
                    .or(() -> now.map(reading -> new Yard(reading, Against.OTHER_SIDE)));
        }

        private boolean lost(Reading then, Reading now) {
            double gone = then.amount().value() - now.amount().value();
            return gone > measure.error().at(then.amount().value());
        }

        private Optional<Reading> fresh(Side side) {
            return standing.facts()
                    .readings()
                    .latestStrict(measure.id(), side, Mode.ACTIVE)
                    .filter(reading -> ChronoUnit.DAYS.between(
                                    reading.date(), standing.facts().known())
                            <= measure.validDays());
        }

        private Optional<Reading> before(Side side) {
            return standing.course().history().readings().strict(measure.id(), side, Mode.ACTIVE).stream()
                    .filter(reading ->
                            reading.date().isBefore(standing.course().resolved().dayZero()))
                    .reduce((first, later) -> later);
        }
    }
}
