package waypost.app.map;

import java.util.List;

/**
 * A course as one way.
 *
 * @param lanes what is always in sight
 * @param folded the limits behind them
 * @param handle where the shown date lies, 0 to 100
 * @param today where today lies, 0 to 100
 */
public record CourseMap(
        Ruler ruler,
        Scale scale,
        List<Lane> lanes,
        List<Lane> folded,
        double handle,
        int day,
        String said,
        double today) {
    public CourseMap {
        lanes = List.copyOf(lanes);
        folded = List.copyOf(folded);
    }
}
