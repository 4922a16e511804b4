package waypost.library.words;

import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;
import waypost.core.reason.Reason;

/** Says what a limit allows beside what was asked, as each kind of limit compares. */
record ExceededWords(Reason.Exceeded<?> reason) implements Limit.Visitor<String> {

    static String say(Reason.Exceeded<?> reason) {
        String sentence = reason.limit().accept(new ExceededWords(reason));
        return reason.onlyWith()
                .filter(setUp -> reason.reducible())
                .map(setUp -> "Only with " + Words.plainName(setUp) + ". Without it: " + sentence)
                .orElse(sentence);
    }

    @Override
    public String motion(MotionLimit limit) {
        Movement movement = (Movement) reason.asked();
        Arc asked = movement.arc();
        String during = limit.circumstance().during().isEmpty()
                ? ""
                : " With "
                        + limit.circumstance().during().stream()
                                .map(Terms::zone)
                                .collect(Collectors.joining(" and "))
                        + ".";
        return bound(Arc.class)
                        .map(allowed -> reason.reducible() ? cut(allowed, asked) : beyond(allowed, asked))
                        .orElseGet(
                                () -> "No " + Terms.working(movement) + " like this; " + Terms.arc(asked) + " asked.")
                + during;
    }

    private static String cut(Arc allowed, Arc asked) {
        boolean fromBelow = allowed.least().compareTo(asked.least()) > 0;
        boolean fromAbove = allowed.most().compareTo(asked.most()) < 0;
        if (fromBelow) {
            String to = fromAbove ? Terms.degrees(allowed.most()) : Terms.degrees(asked.most());
            return "Stay between " + Terms.degrees(allowed.least()) + " and " + to + "; " + Terms.arc(asked)
                    + " asked.";
        }
        return "Stop at " + Terms.degrees(allowed.most()) + "; " + Terms.degrees(asked.most()) + " asked.";
    }

    private static String beyond(Arc allowed, Arc asked) {
        boolean fromAbove = allowed.most().compareTo(asked.most()) < 0;
        return fromAbove
                ? "At most " + Terms.degrees(allowed.most()) + " is allowed; " + Terms.degrees(asked.most())
                        + " asked, and the exercise can't be cut to that."
                : "At least " + Terms.degrees(allowed.least()) + " is allowed; " + Terms.degrees(asked.least())
                        + " asked, and the exercise can't be cut to that.";
    }

    @Override
    public String combined(CombinedLimit limit) {
        String together = limit.components().stream().map(Terms::zone).collect(Collectors.joining(", "));
        return reason.reducible()
                ? "Not all at once: " + together + ". Stay out of one of them."
                : "Not all at once: " + together + "; this asks for all.";
    }

    @Override
    public String amount(AmountLimit<?> limit) {
        return amounts(limit);
    }

    /** "At most low effort for the hamstring (resisted); moderate effort asked." */
    private <T extends Comparable<T>> String amounts(AmountLimit<T> limit) {
        Quantity<T> quantity = limit.quantity();
        @SuppressWarnings("unchecked") // the reason carries this limit's own bound
        Allowed<T> allowed = (Allowed<T>) reason.allowed();
        String asked = AmountWords.say(quantity, quantity.amountIn(reason.asked()));
        String where = quantity.accept(QuantityWords.WHERE);
        return allowed.most()
                        .map(most -> "At most " + AmountWords.say(quantity, most) + where)
                        .orElseGet(() -> "No " + quantity.accept(QuantityNames.NAME) + where)
                + "; " + asked + " asked.";
    }

    @Override
    public String posture(PostureLimit limit) {
        return "Barred posture: " + Terms.posture(((Demand.Placed) reason.asked()).posture()) + ".";
    }

    @Override
    public String activity(ActivityLimit limit) {
        return "Barred by name.";
    }

    private <T> Optional<T> bound(Class<T> type) {
        return reason.allowed().most().map(type::cast);
    }
}
