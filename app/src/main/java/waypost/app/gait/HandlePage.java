package waypost.app.gait;

import java.util.Locale;
import waypost.core.gait.HandleFit;
import waypost.core.measure.Plain;

/**
 * An aid that is fitted, as it is shown.
 *
 * @param says what to do, or what can't be a person's
 * @param arm an SVG path from shoulder to hand, a unit a centimetre, the floor at 0; empty where nothing is drawn
 * @param body an SVG path of the head and of the trunk and leg behind the arm
 * @param stick an SVG path from the hand to the floor
 * @param box the SVG's view box
 */
record HandlePage(String says, String arm, String body, String stick, String box) {

    private static final double ROOM = 30;

    static HandlePage nothing() {
        return new HandlePage("", "", "", "", "0 0 1 1");
    }

    static HandlePage of(HandleForm form) {
        try {
            return of(form.read());
        } catch (IllegalArgumentException nobodys) {
            return new HandlePage(nobodys.getMessage() + ".", "", "", "", "0 0 1 1");
        }
    }

    private static HandlePage of(HandleFit fit) {
        HandleFit.Arm arm = fit.arm();
        double top = arm.shoulder().height() + ROOM;
        return new HandlePage(
                says(fit),
                "M" + at(arm.shoulder()) + "L" + at(arm.elbow()) + "L" + at(arm.hand()),
                "M0 0V" + said(-top + ROOM) + "m-9 -17a9 11 0 1 0 18 0a9 11 0 1 0 -18 0",
                "M" + at(arm.hand()) + "V0",
                "-45 -" + Math.round(top) + " 90 " + Math.round(top + 4));
    }

    private static String says(HandleFit fit) {
        String handle = Plain.number(Math.round(fit.handle())) + " cm";
        String by = Plain.number(Math.round(Math.abs(fit.moveBy()))) + " cm";
        return switch (fit.advice()) {
            case SET ->
                "Set the handle to " + handle + ", then look at the elbow: " + HandleFit.LEAST_BEND + " to "
                        + HandleFit.MOST_BEND + "°.";
            case FITS -> "It fits: leave it at " + handle + ".";
            case LOWER -> "Too high, the elbow bends too much: lower it by about " + by + ", to " + handle + ".";
            case RAISE -> "Too low, the elbow is too straight: raise it by about " + by + ", to " + handle + ".";
        };
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private static String at(HandleFit.Point point) {
        return said(point.ahead()) + " " + said(-point.height());
    }
}
