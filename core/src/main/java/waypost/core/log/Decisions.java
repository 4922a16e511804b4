package waypost.core.log;

import java.util.List;

/** What surgeons ordered and therapists narrowed in one course. */
public record Decisions(List<Order> orders, List<Narrowing> narrowings) {

    public static final Decisions NONE = new Decisions(List.of(), List.of());

    public Decisions {
        orders = List.copyOf(orders);
        narrowings = List.copyOf(narrowings);
    }
}
