package waypost.app.trend;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One measure over time, as the page draws and lists it. Values are as they are said: what lacks 10 is −10.
 *
 * @param says the trend and plateau in words; empty where the readings tell none
 */
public record TrendChart(
        String id,
        String title,
        String unit,
        List<Series> series,
        List<Band> corridor,
        List<Goal> goals,
        @Nullable Line line,
        String says) {

    /** The readings of a side and mode, oldest first. */
    public record Series(String name, boolean operated, String mode, List<Point> points) {

        private static final int LISTED = 40;

        /** The newest of them, as many as a table can be read by; a file holds all. */
        public List<Point> listed() {
            return points.subList(Math.max(0, points.size() - LISTED), points.size());
        }
    }

    /**
     * A reading.
     *
     * @param day its date as it is said
     * @param error the error of its tool, to either side
     * @param strict a compensated one is drawn hollow
     */
    public record Point(
            LocalDate on, String day, double value, double error, boolean strict, String said, String rater) {}

    /** What is expected over a stretch; the last one is open. */
    public record Band(LocalDate from, LocalDate to, double low, double high) {}

    /** A milestone's value, and when it is to be expected; days are null where there is no forecast, {@code says} why. */
    public record Goal(
            String title,
            double value,
            @Nullable LocalDate earliest,
            @Nullable LocalDate expected,
            @Nullable LocalDate latest,
            String says) {}

    /** The robust line. */
    public record Line(LocalDate from, double start, LocalDate to, double end) {}

    public TrendChart {
        series = List.copyOf(series);
        corridor = List.copyOf(corridor);
        goals = List.copyOf(goals);
    }
}
