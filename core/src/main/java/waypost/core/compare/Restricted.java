package waypost.core.compare;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import waypost.core.course.Precaution;

/**
 * The precautions on one thing, where they leave something else afterwards.
 *
 * @param before none where nothing was taken away
 * @param after none where nothing is taken away any more
 */
public record Restricted(List<Precaution<?>> before, List<Precaution<?>> after) {

    public Restricted {
        before = List.copyOf(before);
        after = List.copyOf(after);
    }

    /** Everything that leaves something else, in the order in which it stood before. */
    static List<Restricted> between(List<Precaution<?>> before, List<Precaution<?>> after) {
        List<Restricted> otherwise = new ArrayList<>();
        Set<Precaution<?>> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        for (List<Precaution<?>> all : List.of(before, after)) {
            for (Precaution<?> precaution : all) {
                if (!seen.contains(precaution)) {
                    Restricted both = new Restricted(about(precaution, before), about(precaution, after));
                    seen.addAll(both.before);
                    seen.addAll(both.after);
                    if (!values(both.before).equals(values(both.after))) {
                        otherwise.add(both);
                    }
                }
            }
        }
        return otherwise;
    }

    /** Whether this tells the same as {@code other}: equal bounds before, equal bounds after. */
    boolean tellsTheSameAs(Restricted other) {
        return values(before).equals(values(other.before)) && values(after).equals(values(other.after));
    }

    /** Whether both are about one thing. */
    boolean isAboutSameAs(Restricted other) {
        return any().isAboutSameAs(other.any());
    }

    /** One of them, to tell what they are about. */
    public Precaution<?> any() {
        return before.isEmpty() ? after.get(0) : before.get(0);
    }

    private static List<Precaution<?>> about(Precaution<?> one, List<Precaution<?>> all) {
        List<Precaution<?>> about = new ArrayList<>();
        for (Precaution<?> precaution : all) {
            if (precaution.isAboutSameAs(one)) {
                about.add(precaution);
            }
        }
        return about;
    }

    private static Set<Object> values(List<Precaution<?>> precautions) {
        Set<Object> values = new HashSet<>();
        precautions.forEach(precaution -> values.add(precaution.step().value()));
        return values;
    }
}
