package waypost.app.whatif;

import java.util.ArrayList;
import java.util.List;
import waypost.app.rack.Signs;
import waypost.app.store.LoadedCourse;
import waypost.app.store.OrderRow;
import waypost.core.course.Standing;
import waypost.core.limit.Limit;

/** What an order may be about, in one group of the list. */
record OrderChoice(String title, List<Option> options) {

    /** {@code value} is a kind and a subject, as the order's form reads it. */
    record Option(String value, String title) {}

    static List<OrderChoice> of(LoadedCourse course, Standing standing) {
        Signs signs = new Signs(standing);
        List<Option> limits = course.protocol().limits().stream()
                .map(Limit::head)
                .map(head -> option(
                        OrderRow.Kind.LIMIT, head.id(), head.title() + (head.surgeonOnly() ? " (surgeon only)" : "")))
                .toList();
        List<Option> opens = new ArrayList<>();
        List<Option> bars = new ArrayList<>();
        standing.verdicts().stream()
                .filter(verdict -> course.course().speaksOf(signs.activity(verdict.role())))
                .forEach(verdict -> {
                    String title = signs.title(verdict.role());
                    if (verdict.kind().isOpen()) {
                        bars.add(option(OrderRow.Kind.BARS, verdict.role().activity(), title));
                    } else {
                        opens.add(option(OrderRow.Kind.OPENS, verdict.role().toString(), title));
                    }
                });
        List<Option> duties = course.protocol().duties().stream()
                .map(duty ->
                        option(OrderRow.Kind.ENDS, duty.head().id(), duty.head().title()))
                .toList();
        return List.of(
                new OrderChoice("A limit allows something else", limits),
                new OrderChoice("Opens a rung", opens),
                new OrderChoice("Bars an exercise", bars.stream().distinct().toList()),
                new OrderChoice("Ends a duty", duties));
    }

    private static Option option(OrderRow.Kind kind, String subject, String title) {
        return new Option(kind + ":" + subject, title);
    }
}
