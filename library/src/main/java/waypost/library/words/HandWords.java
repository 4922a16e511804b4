package waypost.library.words;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.function.FingerMotion;
import waypost.core.hand.Finger;
import waypost.core.hand.FingerDose;
import waypost.core.hand.FingerReading;
import waypost.core.home.Rhythm;
import waypost.core.measure.Plain;

/** Says what fingers reach, how they are worked and what a splint leaves them. */
public final class HandWords {

    private HandWords() {}

    public static String say(Finger finger) {
        return switch (finger) {
            case THUMB -> "Thumb";
            case INDEX -> "Index";
            case MIDDLE -> "Middle";
            case RING -> "Ring";
            case LITTLE -> "Little";
        };
    }

    /** What a joint's measures are called by. */
    public static String measured(Motion joint) {
        return joint.joint().name().toLowerCase(Locale.ROOT);
    }

    public static String joint(Motion joint) {
        return switch (joint) {
            case MCP_FLEXION -> "knuckle";
            case PIP_FLEXION -> "middle joint";
            case DIP_FLEXION -> "end joint";
            default -> "wrist";
        };
    }

    /** "210° in all, 74 %, good; 1.5 cm from tip to palm". */
    public static String reach(FingerReading reading, Optional<FingerMotion> grade) {
        String all = Plain.number(reading.total()) + "° in all";
        String percent = reading.percent().isPresent()
                ? ", " + Math.round(reading.percent().getAsDouble()) + " %"
                        + grade.map(good -> ", " + good.name().toLowerCase(Locale.ROOT))
                                .orElse("")
                : "";
        String tip = reading.tipToPalm().isPresent()
                ? "; " + Plain.number(reading.tipToPalm().getAsDouble()) + " cm from tip to palm"
                : "";
        return all + percent + tip;
    }

    public static String change(FingerReading before, FingerReading now) {
        double by = now.total() - before.total();
        return (by < 0 ? "−" : "+") + Plain.number(Math.abs(by)) + "° since " + SignWords.date(before.on());
    }

    public static String say(FingerDose dose) {
        return dose.holds() + " holds of " + dose.seconds() + " s, "
                + (dose.rhythm() instanceof Rhythm.Times times ? times.aDay() + " times a day" : "every hour");
    }

    public static String worstOf(List<Finger> fingers) {
        return "worst of "
                + fingers.stream()
                        .map(finger -> say(finger).toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(", "));
    }

    /** What is left of each limited joint, from the wrist outward. */
    public static List<String> splint(Map<Motion, Arc> bounds) {
        return bounds.entrySet().stream()
                .map(each -> joint(each.getKey()) + ": "
                        + Plain.number(each.getValue().least().value()) + "° to "
                        + Plain.number(each.getValue().most().value()) + "°")
                .toList();
    }
}
