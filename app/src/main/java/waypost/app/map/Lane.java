package waypost.app.map;

import java.util.List;

/**
 * One line of facts under the ruler.
 *
 * @param kind phases, ceiling, steps, worn, opens, due, measures, holds
 * @param detail a second, quieter line of its name; may be empty
 */
public record Lane(String kind, String title, String detail, List<Mark> marks) {
    public Lane {
        marks = List.copyOf(marks);
    }
}
