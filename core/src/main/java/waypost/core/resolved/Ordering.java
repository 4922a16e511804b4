package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.AllOrNothing;
import waypost.core.limit.Allowed;
import waypost.core.limit.Authority;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.log.Change;
import waypost.core.log.Narrowing;
import waypost.core.log.Order;
import waypost.core.protocol.Opening;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.core.time.Schedule;
import waypost.core.time.Steps;
import waypost.core.time.Window;

/**
 * Puts orders and narrowings beside the written rules. A new value is one more limit, so a tightening applies at once
 * whoever it comes from; only an order with the authority to loosen lifts the written limit for its window.
 */
final class Ordering {

    private final Resolved written;
    private final List<InForce<?>> limits;
    private final Map<RoleKey, OpeningInForce> openings;
    private final List<Resolved.DutyInForce> duties;

    Ordering(Resolved written) {
        this.written = written;
        this.limits = new ArrayList<>(written.limits());
        this.openings = new HashMap<>(written.openings());
        this.duties = new ArrayList<>(written.duties());
    }

    Resolved applied() {
        written.decisions().orders().forEach(this::apply);
        written.decisions().narrowings().forEach(this::apply);
        return new Resolved(
                written.protocol(),
                written.answers(),
                written.clocks(),
                written.decisions(),
                written.region(),
                limits,
                openings,
                duties,
                written.setUps(),
                written.pain());
    }

    private void apply(Order order) {
        Optional<Window> tightens = window(order.from(), order.tightensUntil());
        Optional<Window> loosens = window(order.from(), order.loosensUntil());
        Authority authority = new Authority.FromOrder(order.id(), order.surgeon(), order.given(), order.isSigned());
        for (Change change : order.changes()) {
            loosens.ifPresent(window -> loosen(change, order, window, authority));
            tightens.ifPresent(window -> tighten(change, order, window, authority));
        }
    }

    /** What a change takes away stands until it is lifted, whoever the order came through. */
    private void tighten(Change change, Order order, Window window, Authority authority) {
        if (change instanceof Change.NewValue<?> value && takesAway(value, window.from())) {
            addValue(value, window, authority);
        } else if (change instanceof Change.Bars bars) {
            limits.add(barring(order.id(), bars, window, authority));
        }
    }

    private void loosen(Change change, Order order, Window window, Authority authority) {
        if (change instanceof Change.NewValue<?> value && !takesAway(value, window.from())) {
            if (mayLoosen(order, value.limit().head().surgeonOnly())) {
                lift(value.limit().head().id(), window);
            }
            addValue(value, window, authority);
        } else if (change instanceof Change.Opens opens) {
            OpeningInForce opening = openings.getOrDefault(opens.role(), OpeningInForce.unwritten());
            if (mayLoosen(order, opening.opening().map(Opening::surgeonOnly).orElse(false))) {
                openings.put(opens.role(), opening.orderedFor(window));
            }
        } else if (change instanceof Change.Ends ends) {
            duties.replaceAll(duty -> endsIt(ends, duty, order) ? ended(duty, window) : duty);
        }
    }

    /** Whether a new value allows no more than every written value of its limit does on the order's first day. */
    private <T> boolean takesAway(Change.NewValue<T> value, CourseDay first) {
        Set<String> all =
                written.protocol().criteria().stream().map(Criterion::id).collect(Collectors.toSet());
        return written.limits().stream()
                .filter(limit ->
                        limit.limit().head().id().equals(value.limit().head().id()))
                .flatMap(limit ->
                        Stream.of(Set.<String>of(), all).flatMap(met -> limit.steps().valueOn(first, met).stream()))
                .allMatch(allowed -> isAsStrict(value, allowed));
    }

    @SuppressWarnings("unchecked") // limits of one id limit the same quantity
    private static <T> boolean isAsStrict(Change.NewValue<T> value, Allowed<?> allowed) {
        return value.limit().asStrict(value.allowed(), (Allowed<T>) allowed);
    }

    private static boolean mayLoosen(Order order, boolean surgeonOnly) {
        return order.isSigned() || !surgeonOnly;
    }

    private static boolean endsIt(Change.Ends ends, Resolved.DutyInForce duty, Order order) {
        return duty.duty().head().id().equals(ends.duty())
                && mayLoosen(order, duty.duty().head().surgeonOnly());
    }

    private static Resolved.DutyInForce ended(Resolved.DutyInForce duty, Window window) {
        List<Window> ended =
                Stream.concat(duty.ended().stream(), Stream.of(window)).toList();
        return new Resolved.DutyInForce(duty.duty(), duty.from(), duty.start(), duty.unclear(), ended);
    }

    private void apply(Narrowing narrowing) {
        Optional<Window> window = window(narrowing.since(), narrowing.lastDay().map(day -> day.plusDays(1)));
        Authority authority = new Authority.FromTherapist(narrowing.by(), narrowing.since(), narrowing.why());
        window.ifPresent(w -> {
            if (narrowing.change() instanceof Change.NewValue<?> value) {
                addValue(value, w, authority);
            } else if (narrowing.change() instanceof Change.Bars bars) {
                limits.add(barring(narrowing.id(), bars, w, authority));
            }
        });
    }

    private void lift(String limit, Window window) {
        limits.replaceAll(l -> l.limit().head().id().equals(limit) && isWritten(l) ? l.liftedFor(window) : l);
    }

    private static boolean isWritten(InForce<?> limit) {
        return limit.from().authority().isWritten();
    }

    private <T> void addValue(Change.NewValue<T> value, Window window, Authority authority) {
        Provenances provenances = new Provenances(written.protocol(), written.answers());
        Steps<Allowed<T>> steps = during(window, value.allowed());
        limits.add(
                new InForce<>(value.limit(), steps, provenances.by(value.limit().head(), authority), List.of()));
    }

    private static <T> Steps<Allowed<T>> during(Window window, Allowed<T> allowed) {
        List<Steps.Step<Allowed<T>>> steps = new ArrayList<>();
        steps.add(new Steps.Step<>(window.from(), allowed, List.of()));
        window.until().ifPresent(end -> steps.add(new Steps.Step<>(end, Allowed.free(), List.of())));
        return new Steps<>(steps);
    }

    private InForce<AllOrNothing> barring(String id, Change.Bars bars, Window window, Authority authority) {
        Schedule<Allowed<AllOrNothing>> always = new Schedule<>(
                List.of(new Schedule.Entry<>(new Moment.Day(window.from().number()), Allowed.nothing())));
        RuleHead head = RuleHead.of(id, "Barred by name");
        Limit<AllOrNothing> limit = new ActivityLimit(head, bars.activities(), always);
        Provenances provenances = new Provenances(written.protocol(), written.answers());
        return new InForce<>(limit, during(window, Allowed.nothing()), provenances.by(head, authority), List.of());
    }

    /** Empty when it ends before it begins: an order by phone that fell back before its first day. */
    private Optional<Window> window(LocalDate from, Optional<LocalDate> end) {
        CourseDay first = CourseDay.between(written.dayZero(), from);
        Optional<CourseDay> until = end.map(date -> CourseDay.between(written.dayZero(), date));
        boolean never = until.map(day -> !first.isBefore(day)).orElse(false);
        return never ? Optional.empty() : Optional.of(new Window(first, until));
    }
}
