package waypost.core.log;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;

/** The sets of one exercise on one day, in the order done, with how the region answered; at least one set. */
public record Bout(LocalDate on, List<SetDone> sets, Optional<Response> response) {

    public Bout {
        sets = List.copyOf(sets);
        if (sets.isEmpty()) {
            throw new IllegalArgumentException("a bout: found no set, allowed: at least one");
        }
    }

    public int worstPain() {
        return sets.stream().mapToInt(SetDone::pain).max().orElseThrow();
    }

    public int leastAmount() {
        return sets.stream().mapToInt(SetDone::amount).min().orElseThrow();
    }

    public int total() {
        return sets.stream().mapToInt(SetDone::amount).sum();
    }

    /** The load of the heaviest set; empty when nothing was held. */
    public Optional<Load> load() {
        return sets.stream()
                .flatMap(set -> set.load().stream())
                .max(Comparator.comparing(Load::unit).thenComparingDouble(Load::amount));
    }

    /** How the last set was set up, as far as that was written down. */
    public Arrangement setUp() {
        return sets.get(sets.size() - 1).setUp();
    }

    public SetDone.Form worstForm() {
        return sets.stream().map(SetDone::form).max(Comparator.naturalOrder()).orElseThrow();
    }

    public boolean flared() {
        return response.map(Response::flared).orElse(false);
    }
}
