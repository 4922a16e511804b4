package waypost.app.bench;

import java.util.Locale;
import waypost.core.function.Seat;

/**
 * Somebody sitting, drawn to angle and length; the floor is at y 0, upward is negative, a centimetre is a unit.
 *
 * @param thigh from knee to hip, as a path
 * @param shin from floor to knee
 * @param trunk from hip to shoulder
 * @param seat the seat's block
 */
record SeatFigure(String thigh, String shin, String trunk, String seat, String headX, String headY, String said) {

    private static final double KNEE_X = 70;
    private static final double TRUNK = 50;
    private static final double HEAD = 62;

    static SeatFigure of(Seat seat, double leanBack, String said) {
        double rise = seat.kneeHeight() - seat.height();
        double run = Math.sqrt(Math.max(0, seat.thigh() * seat.thigh() - rise * rise));
        double hipX = KNEE_X - run;
        double hipY = -seat.height();
        double lean = Math.toRadians(leanBack);
        return new SeatFigure(
                line(KNEE_X, -seat.kneeHeight(), hipX, hipY),
                line(KNEE_X, 0, KNEE_X, -seat.kneeHeight()),
                line(hipX, hipY, hipX - TRUNK * Math.sin(lean), hipY - TRUNK * Math.cos(lean)),
                String.format(Locale.ROOT, "M%.1f 0V%.1fH%.1fV0", hipX - 18, hipY + 4, KNEE_X - 12),
                said(hipX - HEAD * Math.sin(lean)),
                said(hipY - HEAD * Math.cos(lean)),
                said);
    }

    private static String line(double x1, double y1, double x2, double y2) {
        return "M" + said(x1) + " " + said(y1) + "L" + said(x2) + " " + said(y2);
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
