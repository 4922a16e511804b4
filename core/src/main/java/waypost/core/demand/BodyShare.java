package waypost.core.demand;

/** A share of body mass carried by the operated limb, in percent, 0 to 1000 (landing exceeds 100). */
public record BodyShare(double percent) implements Comparable<BodyShare> {

    private static final double MOST = 1000;

    public BodyShare {
        if (!(percent >= 0 && percent <= MOST)) {
            throw new IllegalArgumentException("share of body mass: found " + percent + " %, allowed: 0 to 1000 %");
        }
    }

    public static BodyShare ofPercent(double percent) {
        return new BodyShare(percent);
    }

    /** Reads "40 %". */
    public static BodyShare parse(String text) {
        if (!text.matches("\\d{1,4}(\\.\\d+)? %")) {
            throw new IllegalArgumentException(
                    "share of body mass: found '" + text + "', allowed: a number and a percent sign, such as '40 %'");
        }
        return new BodyShare(Double.parseDouble(text.substring(0, text.length() - 2)));
    }

    /** Kilograms on a bathroom scale for somebody of this mass: 40 % of 82 kg is 32.8 kg. */
    public double kilogramsOf(double bodyMassKilograms) {
        return bodyMassKilograms * percent / 100;
    }

    @Override
    public int compareTo(BodyShare other) {
        return Double.compare(percent, other.percent);
    }
}
