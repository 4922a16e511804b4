package waypost.app.rack;

import java.util.List;
import java.util.Map;
import waypost.core.exercise.Purpose;

/**
 * The ladders of a course with a sign for every rung, from easiest to hardest.
 *
 * @param rows those with a sign that the filter lets through
 * @param open how many roles are open, before any filter
 * @param all how many there are
 * @param shown how many the filter lets through
 * @param counts how many each kind of change has
 * @param since the last visit, said; empty when there was none
 * @param purposes those that occur
 * @param equipment what occurs, by name
 */
public record Rack(
        List<Row> rows,
        long open,
        long all,
        long shown,
        Map<RackFilter.Show, Integer> counts,
        String since,
        List<Purpose> purposes,
        List<String> equipment,
        RackFilter filter) {
    public Rack {
        rows = List.copyOf(rows);
        counts = Map.copyOf(counts);
        purposes = List.copyOf(purposes);
        equipment = List.copyOf(equipment);
    }
}
