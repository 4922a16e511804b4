package waypost.app.map;

import java.util.List;

/**
 * One line of facts under the ruler.
 *
 * @param kind phases, ceiling, bars, worn, opens, due, measures, holds
 */
public record Lane(String kind, String title, List<Mark> marks) {
    public Lane {
        marks = List.copyOf(marks);
    }
}
