package waypost.library.words;

import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.course.Precaution;
import waypost.core.demand.BodyShare;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;
import waypost.core.measure.Plain;

/** Says what a precaution leaves, as short as it stands on the strip: "Bend on one leg: at most 60°". */
public record PrecautionWords(Allowed<?> allowed) implements Limit.Visitor<String> {

    /** "No crossing the midline" needs no number behind it. */
    private static final Pattern SAID_BY_TITLE = Pattern.compile("(No|Not|Nothing|Never) ");

    public static String say(Precaution<?> precaution) {
        return say(precaution.limit().limit(), precaution.step().value());
    }

    /** What {@code limit} leaves where {@code allowed} is in force. */
    public static String say(Limit<?> limit, Allowed<?> allowed) {
        String left = left(limit, allowed);
        String title = limit.head().title();
        String except = limit.head().unless().stream()
                .sorted()
                .map(setUp -> " (not with " + Words.plainName(setUp) + ")")
                .collect(Collectors.joining());
        boolean saidByTitle = left.isEmpty() || SAID_BY_TITLE.matcher(title).lookingAt() && barsInOneStep(limit);
        return (saidByTitle ? title : title + ": " + left) + except;
    }

    /** A rule that loosens step by step must say its number, whatever its title. */
    private static boolean barsInOneStep(Limit<?> limit) {
        return limit.schedule().entries().stream()
                        .filter(step -> !step.value().isFree())
                        .count()
                == 1;
    }

    /** The bound alone: "at most 60° of flexion", "none", "free". */
    public static String left(Limit<?> limit, Allowed<?> allowed) {
        return allowed.isFree() ? "free" : limit.accept(new PrecautionWords(allowed));
    }

    /** The number alone, where a name beside it says of what: "to 60°", "90 to 10°", "50 %", "none". */
    public static String brief(Limit<?> limit, Allowed<?> allowed) {
        Object bound = allowed.most().map(Object.class::cast).orElse("");
        if (bound instanceof Arc arc && limit instanceof MotionLimit motion) {
            return arc.least().equals(motion.motion().possible().least())
                    ? "to " + Terms.degrees(arc.most())
                    : Plain.number(arc.least().value()) + " to " + Terms.degrees(arc.most());
        }
        return bound instanceof BodyShare share ? Plain.number(share.percent()) + " %" : left(limit, allowed);
    }

    @Override
    public String motion(MotionLimit limit) {
        return bound(Arc.class).map(arc -> arc(arc, limit.motion())).orElse("none");
    }

    private static String arc(Arc arc, Motion motion) {
        Arc possible = motion.possible();
        if (arc.least().equals(possible.least())) {
            return "at most " + Terms.degrees(arc.most()) + " of " + motion.name(Direction.POSITIVE);
        }
        return Terms.degrees(arc.most()) + " to " + Terms.degrees(arc.least()) + " only";
    }

    @Override
    public String combined(CombinedLimit limit) {
        return "none";
    }

    @Override
    public String amount(AmountLimit<?> limit) {
        return amounts(limit);
    }

    private <T extends Comparable<T>> String amounts(AmountLimit<T> limit) {
        Quantity<T> quantity = limit.quantity();
        @SuppressWarnings("unchecked") // the precaution carries this limit's own bound
        Allowed<T> own = (Allowed<T>) allowed;
        return own.most()
                .map(most -> "at most " + AmountWords.brief(quantity, most))
                .orElse("none");
    }

    @Override
    public String posture(PostureLimit limit) {
        return "none";
    }

    @Override
    public String activity(ActivityLimit limit) {
        return "none";
    }

    private <T> Optional<T> bound(Class<T> type) {
        return allowed.most().map(type::cast);
    }
}
