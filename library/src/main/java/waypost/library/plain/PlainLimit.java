package waypost.library.plain;

import java.util.Comparator;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;

/** Says what a limit leaves, or takes away, as one would to the patient. */
record PlainLimit(PlainText words, Allowed<?> allowed) implements Limit.Visitor<String> {

    @Override
    public String motion(MotionLimit limit) {
        return new PlainArc(words, limit).say(allowed.most().map(Arc.class::cast));
    }

    @Override
    public String combined(CombinedLimit limit) {
        return words.say(
                "together",
                words.all(limit.components().stream()
                        .map(one -> PlainMotion.of(words, one.motion(), PlainWay.direction(one)))
                        .map(move -> words.say("do", move.verb(), move.object()))
                        .toList()));
    }

    @Override
    public String amount(AmountLimit<?> limit) {
        return limit.quantity().accept(new PlainAmount(words, allowed));
    }

    @Override
    public String posture(PostureLimit limit) {
        return limit.postures().stream()
                .sorted(Comparator.naturalOrder())
                .map(posture -> words.say("posture." + PlainText.key(posture)))
                .collect(Collectors.joining(" "));
    }

    @Override
    public String activity(ActivityLimit limit) {
        return words.say("activity.free");
    }
}
