package waypost.core.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;

/**
 * The neutral-zero notation of a range: {@code 5-0-130} hyperextends 5 and bends 130; {@code 0-10-120} lacks 10 and
 * bends 120. Inside, one signed scale per axis: −5 to 130, and 10 to 120.
 */
public final class NeutralZero {

    private static final Pattern THREE =
            Pattern.compile("\\s*(\\d{1,3})\\s*[-–/]\\s*(\\d{1,3})\\s*[-–/]\\s*(\\d{1,3})\\s*");
    private static final Pattern SIGNED = Pattern.compile("\\s*([+−-]?)\\s*(\\d{1,3}(?:[.,]\\d)?)\\s*°?\\s*");

    private NeutralZero() {}

    /** Reads the three-number form. */
    public static Arc parse(Motion motion, String text) {
        Matcher matcher = THREE.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(
                    "found '" + text.strip()
                            + "', allowed: three numbers such as 5-0-130 (5 beyond zero, bends 130) or 0-10-120 (lacks 10, bends 120)");
        }
        int beyond = Integer.parseInt(matcher.group(1));
        int middle = Integer.parseInt(matcher.group(2));
        int far = Integer.parseInt(matcher.group(3));
        if (beyond > 0 && middle > 0) {
            throw new IllegalArgumentException("found '" + text.strip() + "', read as " + beyond + "° beyond zero and "
                    + middle + "° short of it, which can't both be; allowed: 0 first or 0 in the middle");
        }
        return possible(motion, text.strip(), beyond > 0 ? -beyond : middle, far);
    }

    private static Arc possible(Motion motion, String text, int least, int most) {
        if (least > most) {
            throw new IllegalArgumentException("found '" + text + "', read as a lack of " + least
                    + "° and a bend to only " + most + "°; allowed: a last number of at least " + least);
        }
        Arc possible = motion.possible();
        if (!(possible.least().value() <= least && most <= possible.most().value())) {
            throw new IllegalArgumentException("found '" + text + "', read as " + least + "° to " + most
                    + "° on the axis; allowed for this joint: "
                    + Plain.number(possible.least().value()) + "° to "
                    + Plain.number(possible.most().value()) + "°");
        }
        return Arc.between(least, most);
    }

    /** Writes the three-number form. */
    public static String write(Arc range) {
        String least = Plain.number(Math.abs(range.least().value()));
        String most = Plain.number(range.most().value());
        return range.least().value() <= 0 ? least + "-0-" + most : "0-" + least + "-" + most;
    }

    /**
     * Reads one end as it is said: for the negative end "-10" lacks 10 (stands at 10° on the axis) and "+5" goes 5
     * beyond zero (stands at −5°); for the positive end the plain number.
     */
    public static Degrees parseEnd(Direction end, String text) {
        Matcher matcher = SIGNED.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("found '" + text.strip()
                    + "', allowed: a number of degrees such as 90, -10 (lacks 10) or +5 (5 beyond zero)");
        }
        double said = Double.parseDouble(matcher.group(2).replace(',', '.'));
        boolean minus = matcher.group(1).equals("-") || matcher.group(1).equals("−");
        double signed = minus ? -said : said;
        return Degrees.of(end == Direction.NEGATIVE ? -signed : signed);
    }

    /** Says one end as the trade says it: "−10°" lacks 10, "+5°" goes beyond zero. */
    public static String sayEnd(Direction end, Degrees angle) {
        if (end == Direction.POSITIVE) {
            return Plain.number(angle.value()) + "°";
        }
        String number = Plain.number(Math.abs(angle.value()));
        return angle.value() > 0 ? "−" + number + "°" : angle.value() < 0 ? "+" + number + "°" : "0°";
    }
}
