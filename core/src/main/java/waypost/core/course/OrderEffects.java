package waypost.core.course;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.limit.Limit;
import waypost.core.log.Change;
import waypost.core.log.Decisions;
import waypost.core.log.Order;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Opening;
import waypost.core.reason.Reason;

/**
 * What an order would do on its first day, before it is entered.
 *
 * @param lifted ids of the rules that it lifts
 * @param refused ids of the rules that it names and may not lift: surgeon only, and not signed
 * @param opened roles that it opens
 * @param closed roles that it closes
 * @param stillClosed verdicts on what it was meant to open and other rules still close
 */
public record OrderEffects(
        List<String> lifted,
        List<String> refused,
        List<RoleKey> opened,
        List<RoleKey> closed,
        List<Verdict> stillClosed) {

    public OrderEffects {
        lifted = List.copyOf(lifted);
        refused = List.copyOf(refused);
        opened = List.copyOf(opened);
        closed = List.copyOf(closed);
        stillClosed = List.copyOf(stillClosed);
    }

    /** The effects of {@code order} on a course that does not have it yet, as things are known on {@code today}. */
    public static OrderEffects of(Course course, Order order, LocalDate today) {
        LocalDate date = order.from().isBefore(today) ? today : order.from();
        Decisions before = course.resolved().decisions();
        Decisions after = new Decisions(
                Stream.concat(before.orders().stream(), Stream.of(order)).toList(), before.narrowings());
        Standing without = course.on(date, today, Outlook.TIME_ONLY);
        Standing with = course.with(course.resolved().answers(), after).on(date, today, Outlook.TIME_ONLY);
        Set<String> named = new HashSet<>();
        Set<RoleKey> meant = new HashSet<>();
        for (Change change : order.changes()) {
            name(change, named, meant);
        }
        without.verdicts().stream()
                .filter(v -> v.reasons().stream().anyMatch(r -> names(named, r)))
                .map(Verdict::role)
                .forEach(meant::add);
        List<String> refused = named.stream()
                .filter(id -> !order.isSigned() && isSurgeonOnly(course, id))
                .sorted()
                .toList();
        return new OrderEffects(
                named.stream().filter(id -> !refused.contains(id)).sorted().toList(),
                refused,
                with.openedSince(without),
                without.openedSince(with),
                with.verdicts().stream()
                        .filter(v -> meant.contains(v.role()) && !v.kind().isOpen())
                        .toList());
    }

    private static void name(Change change, Set<String> rules, Set<RoleKey> roles) {
        if (change instanceof Change.NewValue<?> value) {
            rules.add(value.limit().head().id());
        } else if (change instanceof Change.Opens opens) {
            rules.add("opening." + opens.role());
            roles.add(opens.role());
        } else if (change instanceof Change.Ends ends) {
            rules.add(ends.duty());
        }
    }

    private static boolean names(Set<String> rules, Reason reason) {
        return reason.ruleId().map(rules::contains).orElse(false);
    }

    private static boolean isSurgeonOnly(Course course, String rule) {
        Stream<String> limits = course.resolved().protocol().limits().stream()
                .map(Limit::head)
                .filter(head -> head.surgeonOnly())
                .map(head -> head.id());
        Stream<String> duties = course.resolved().protocol().duties().stream()
                .map(Duty::head)
                .filter(head -> head.surgeonOnly())
                .map(head -> head.id());
        Stream<String> openings = course.resolved().protocol().openings().stream()
                .filter(Opening::surgeonOnly)
                .map(opening -> "opening." + opening.role());
        return Stream.of(limits, duties, openings).flatMap(ids -> ids).anyMatch(rule::equals);
    }
}
