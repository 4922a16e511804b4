package waypost.app.gait;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.core.body.Degrees;
import waypost.core.gait.HandleFit;

/**
 * What was measured of a person to fit an aid, as it was typed.
 *
 * @param crease from the floor to the wrist's crease, in centimetres
 * @param stature in centimetres
 * @param elbow bent with the hand on the handle, in degrees; may be left out
 */
record HandleForm(
        @Nullable String crease,
        @Nullable String stature,
        @Nullable String elbow) {

    /** As it was typed, for the fields. */
    public String typed(String field) {
        return Entered.text(
                switch (field) {
                    case "crease" -> crease;
                    case "stature" -> stature;
                    default -> elbow;
                });
    }

    boolean isBlank() {
        return typed("crease").isEmpty()
                && typed("stature").isEmpty()
                && typed("elbow").isEmpty();
    }

    /**
     * The fit.
     *
     * @throws IllegalArgumentException saying what is missing, no number, or no person's
     */
    HandleFit read() {
        return new HandleFit(
                needed("wrist's crease", typed("crease")),
                needed("stature", typed("stature")),
                typed("elbow").isEmpty() ? Optional.empty() : Optional.of(Degrees.of(needed("elbow", typed("elbow")))));
    }

    private static double needed(String what, String text) {
        return Entered.decimal(text)
                .orElseThrow(() ->
                        new IllegalArgumentException(what + ": found '" + text + "', allowed: a number such as 84"));
    }
}
