package waypost.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Shows numbers without needless decimals, rounded only here. */
public final class Plain {

    private Plain() {}

    /** At most one decimal, none when it is zero: 90, 32.8. */
    public static String number(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(1, RoundingMode.HALF_UP);
        return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
    }
}
