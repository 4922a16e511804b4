package waypost.library.review;

import java.util.stream.Collectors;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Component;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;
import waypost.library.words.Terms;

/** What anatomy calls the thing that a limit is about, such as "knee flexion" or "hamstring"; empty where it has no name. */
record AnatomicalTerm() implements Limit.Visitor<String> {

    /** " (knee flexion)", as it stands behind a rule's own title. */
    static String behind(Limit<?> limit) {
        String term = limit.accept(new AnatomicalTerm());
        return term.isEmpty() ? "" : " (" + term + ")";
    }

    @Override
    public String motion(MotionLimit limit) {
        return Terms.bend(limit.motion());
    }

    @Override
    public String combined(CombinedLimit limit) {
        return limit.components().stream()
                .map(Component::motion)
                .map(Terms::bend)
                .collect(Collectors.joining(" with "));
    }

    @Override
    public String amount(AmountLimit<?> limit) {
        return limit.quantity() instanceof Quantity.Effort effort ? Terms.plain(effort.tissue()) : "";
    }

    @Override
    public String posture(PostureLimit limit) {
        return "";
    }

    @Override
    public String activity(ActivityLimit limit) {
        return "";
    }
}
