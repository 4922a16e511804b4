package waypost.library.lint;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import waypost.core.limit.Allowed;
import waypost.core.limit.Limit;
import waypost.core.protocol.Protocol;
import waypost.core.time.Schedule;

/** Limits without an end, limits that leave the first week bare, and no limit on pain. */
record LimitChecks(Protocol protocol, Places places) {

    private static final LocalDate ANY = LocalDate.of(2031, 2, 10);

    Stream<Finding> findings() {
        return Stream.concat(
                painless(), protocol.limits().stream().flatMap(limit -> Stream.concat(withoutEnd(limit), bare(limit))));
    }

    private Stream<Finding> painless() {
        return protocol.rules().pain().isEmpty()
                ? Stream.of(places.rule(
                        Check.NO_PAIN_RULE,
                        protocol.id(),
                        protocol.id(),
                        "it does not say how much pain is acceptable",
                        "Write a rule under pain, or include a part that has one"))
                : Stream.empty();
    }

    private <T> Stream<Finding> withoutEnd(Limit<T> limit) {
        List<Schedule.Entry<Allowed<T>>> steps = limit.schedule().entries();
        return limit.endsFree() || limit.head().forGood()
                ? Stream.empty()
                : Stream.of(places.rule(
                        Check.NO_END,
                        protocol.id(),
                        limit.head().id(),
                        "the last step, from " + steps.get(steps.size() - 1).from() + ", is not free",
                        "Add a step that allows 'free', with a milestone or clearance under 'needs' if time alone must"
                                + " not end it, or say 'for-good: true'"));
    }

    private Stream<Finding> bare(Limit<?> limit) {
        int first = limit.schedule().entries().get(0).from().from(ANY).number();
        return first <= protocol.begins(ANY).number()
                ? Stream.empty()
                : Stream.of(places.rule(
                        Check.BARE_FIRST_WEEK,
                        protocol.id(),
                        limit.head().id(),
                        "it begins on day " + first + " of its clock and leaves the days before bare",
                        "Begin it on " + protocol.begins(ANY) + " with what holds until then"));
    }
}
