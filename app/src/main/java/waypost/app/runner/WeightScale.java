package waypost.app.runner;

import java.util.Locale;
import java.util.stream.Collectors;
import waypost.core.function.WeightBearing;
import waypost.core.runner.WeightTraining;
import waypost.library.words.PrecautionWords;

/**
 * A scale as an upright bar, in kilograms and in parts of 300 from the top; twice the most that is allowed is its top.
 *
 * @param says the precaution that it follows
 * @param told when each step is told, in the order of steps
 */
record WeightScale(String says, double mass, double least, double most, String told) {

    private static final double HEIGHT = 300;

    static WeightScale of(WeightTraining training) {
        WeightBearing band = training.band();
        return new WeightScale(
                PrecautionWords.say(training.limit()),
                training.mass(),
                band.least(),
                band.most(),
                WeightTraining.steps().stream().map(Enum::name).collect(Collectors.joining(" ")));
    }

    public String highest() {
        return said(2 * most);
    }

    public String bandY() {
        return said(HEIGHT / 2);
    }

    public String bandHeight() {
        return said((most - least) / (2 * most) * HEIGHT);
    }

    public String leastSaid() {
        return said(least);
    }

    public String mostSaid() {
        return said(most);
    }

    public String massSaid() {
        return said(mass);
    }

    private static String said(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }
}
