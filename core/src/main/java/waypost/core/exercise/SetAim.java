package waypost.core.exercise;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What one set aims at: "8 to 10 reps", "30 s each way", "10 holds of 5 s", "15 reps, the first set 30".
 *
 * @param least 1 to 2,000; of a single number the same as {@code most}
 * @param most at least {@code least}
 * @param holdSeconds how long each is held, 1 to 600
 * @param each "each", "each way" or "each direction", where it is counted apart
 * @param remark what else is to be known of the set
 */
public record SetAim(int least, int most, Counted counted, OptionalInt holdSeconds, String each, String remark) {

    private static final Pattern WRITTEN = Pattern.compile(
            "(\\d{1,4})(?: to (\\d{1,4}))? ([a-z]+)(?: of (\\d{1,3}) s)?(?: (each(?: way| direction)?))?(?:, (.+))?");
    /** The most of anything that a set counts. */
    public static final int LARGEST = 2000;

    public SetAim {
        if (least < 1 || most > LARGEST || least > most) {
            throw new IllegalArgumentException(
                    "a set: found " + least + " to " + most + ", allowed: 1 to " + LARGEST + ", the lesser first");
        }
    }

    public static SetAim parse(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException(
                    "found '" + text
                            + "', allowed: such as '8 to 10 reps', '30 s each way', '10 holds of 5 s' or '15 reps, the first set 30'");
        }
        int least = Integer.parseInt(written.group(1));
        return new SetAim(
                least,
                Optional.ofNullable(written.group(2)).map(Integer::parseInt).orElse(least),
                Counted.of(written.group(3)),
                Optional.ofNullable(written.group(4))
                        .map(seconds -> OptionalInt.of(Integer.parseInt(seconds)))
                        .orElse(OptionalInt.empty()),
                Optional.ofNullable(written.group(5)).orElse(""),
                Optional.ofNullable(written.group(6)).orElse(""));
    }

    /**
     * The least that still counts as within the range: of a single number a fifth below it, since a range is seldom
     * written (common practice, no source).
     */
    public int bottom() {
        return least < most ? least : Math.max(1, least - Math.max(1, least / 5));
    }

    /** The same aimed at a single number. */
    public SetAim at(int amount) {
        return new SetAim(amount, amount, counted, holdSeconds, each, remark);
    }

    @Override
    public String toString() {
        return (least < most ? least + " to " + most : String.valueOf(most)) + " " + counted.word()
                + (holdSeconds.isPresent() ? " of " + holdSeconds.getAsInt() + " s" : "")
                + (each.isEmpty() ? "" : " " + each)
                + (remark.isEmpty() ? "" : ", " + remark);
    }
}
