package waypost.core.exercise;

import java.util.List;

/**
 * A ladder of exercises that lead from one to the next.
 *
 * @param strengthens the measures of strength that it is worked at for
 */
public record Ladder(String id, String title, List<String> strengthens) {
    public Ladder {
        strengthens = List.copyOf(strengthens);
    }
}
