package waypost.app.map;

import java.util.List;

/**
 * One line of facts under the ruler.
 *
 * @param kind phases, gates, ceiling, bars, worn, holds, orders, forecasts, opens, due, measures, visits, differs
 */
public record Lane(String kind, String title, List<Mark> marks) {
    public Lane {
        marks = List.copyOf(marks);
    }
}
