package waypost.app.rack;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.reason.VerdictKind;

/**
 * Which rungs are shown.
 *
 * @param purpose what it is for; empty for all
 * @param equipment what it is done with; empty for all
 * @param find part of a title; empty for all
 * @param far whether every ladder is a narrow row of nameless signs
 */
public record RackFilter(
        Show show,
        Optional<VerdictKind> verdict,
        Optional<Purpose> purpose,
        String equipment,
        String find,
        boolean far) {

    /** Which changes are asked for. */
    public enum Show {
        ALL,
        /** Open, and not at the last visit. */
        OPENED,
        /** Closed, and open by some day of the next fourteen. */
        SOON,
        /** Closed, and open at the last visit. */
        CLOSED_AGAIN
    }

    /** Whether anything is left out. */
    public boolean isOn() {
        return show != Show.ALL
                || verdict.isPresent()
                || purpose.isPresent()
                || !equipment.isEmpty()
                || !find.isEmpty();
    }

    boolean asksFor(Activity activity, VerdictKind kind) {
        return verdict.map(wanted -> wanted == kind).orElse(true)
                && purpose.map(wanted -> activity instanceof Activity.Exercise exercise && exercise.purpose() == wanted)
                        .orElse(true)
                && (equipment.isEmpty() || equipmentOf(activity).contains(equipment))
                && activity.title()
                        .toLowerCase(Locale.ROOT)
                        .contains(find.strip().toLowerCase(Locale.ROOT));
    }

    static List<String> equipmentOf(Activity activity) {
        return activity instanceof Activity.Exercise exercise
                ? exercise.teaching().equipment()
                : List.of();
    }
}
