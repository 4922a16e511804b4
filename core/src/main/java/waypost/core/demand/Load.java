package waypost.core.demand;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A load held, pulled or pushed: 0 to 500 kg, band step 0 to 12, or 0 to 150 % of the one-repetition maximum. */
public record Load(double amount, LoadUnit unit) implements Comparable<Load> {

    private static final Pattern KILOGRAMS = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?) kg");
    private static final Pattern BAND = Pattern.compile("band (\\d{1,2})");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}) % of maximum");

    public Load {
        double most = switch (unit) {
            case KILOGRAMS -> 500;
            case BAND_STEP -> 12;
            case PERCENT_OF_MAXIMUM -> 150;
        };
        if (!(amount >= 0 && amount <= most)) {
            throw new IllegalArgumentException(
                    "load: found " + amount + " " + unit.word() + ", allowed: 0 to " + most + " " + unit.word());
        }
    }

    /** Reads "2 kg", "band 2" or "60 % of maximum". */
    public static Load parse(String text) {
        Matcher kilograms = KILOGRAMS.matcher(text);
        if (kilograms.matches()) {
            return new Load(Double.parseDouble(kilograms.group(1)), LoadUnit.KILOGRAMS);
        }
        Matcher band = BAND.matcher(text);
        if (band.matches()) {
            return new Load(Double.parseDouble(band.group(1)), LoadUnit.BAND_STEP);
        }
        Matcher percent = PERCENT.matcher(text);
        if (percent.matches()) {
            return new Load(Double.parseDouble(percent.group(1)), LoadUnit.PERCENT_OF_MAXIMUM);
        }
        throw new IllegalArgumentException(
                "load: found '" + text + "', allowed: such as '2 kg', 'band 2' or '60 % of maximum'");
    }

    /** Compares within one unit; refuses to mix. */
    @Override
    public int compareTo(Load other) {
        if (other.unit != unit) {
            throw new IllegalArgumentException("load: found " + other.unit.word() + ", allowed: " + unit.word());
        }
        return Double.compare(amount, other.amount);
    }

    /** As {@link #parse} reads it. */
    @Override
    public String toString() {
        String number = amount == Math.rint(amount) ? String.valueOf((long) amount) : String.valueOf(amount);
        return unit == LoadUnit.BAND_STEP ? unit.word() + " " + number : number + " " + unit.word();
    }
}
