package waypost.app.bench;

import java.util.Locale;
import waypost.core.function.WeightBearing;

/** A bathroom scale as a bar from 0 to the body's mass, with the band to stay in; in kilograms, and in parts of 300. */
record ScaleFigure(double most, double least, double target, double highest) {

    private static final double WIDTH = 300;

    static ScaleFigure of(WeightBearing bearing, double bodyMass) {
        return new ScaleFigure(Math.max(bodyMass, bearing.most()), bearing.least(), bearing.target(), bearing.most());
    }

    public String bandX() {
        return said(least / most * WIDTH);
    }

    public String bandWidth() {
        return said((highest - least) / most * WIDTH);
    }

    public String targetX() {
        return said(target / most * WIDTH);
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
