package waypost.core.log;

import java.util.List;
import java.util.Map;
import java.util.Set;

/** What surgeons ordered and therapists narrowed in one course. */
public record Decisions(List<Order> orders, List<Narrowing> narrowings) {

    public static final Decisions NONE = new Decisions(List.of(), List.of());

    public Decisions {
        orders = List.copyOf(orders);
        narrowings = List.copyOf(narrowings);
    }

    /** These where a bar by name bars what was made from it too. */
    public Decisions barringAlso(Map<String, Set<String>> made) {
        return made.isEmpty()
                ? this
                : new Decisions(
                        orders.stream().map(order -> order.barringAlso(made)).toList(),
                        narrowings.stream()
                                .map(narrowing -> narrowing.barringAlso(made))
                                .toList());
    }
}
