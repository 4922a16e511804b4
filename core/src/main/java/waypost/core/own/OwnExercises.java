package waypost.core.own;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Every exercise of a clinic's own. None is ever forgotten: what was done of it stays in the record.
 *
 * @param all in the order made
 * @param retired ids of those that are offered no more
 */
public record OwnExercises(List<OwnExercise> all, Set<String> retired) {

    public static final OwnExercises NONE = new OwnExercises(List.of(), Set.of());

    public OwnExercises {
        all = List.copyOf(all);
        retired = Set.copyOf(retired);
    }

    /** Whether it is still offered. */
    public boolean isOffered(OwnExercise own) {
        return !retired.contains(own.id());
    }

    /** By the id of a model the ids of what was made from it: who bars the one by name bars the others. */
    public Map<String, Set<String>> byModel() {
        return all.stream()
                .collect(Collectors.groupingBy(
                        OwnExercise::model, Collectors.mapping(OwnExercise::id, Collectors.toSet())));
    }
}
