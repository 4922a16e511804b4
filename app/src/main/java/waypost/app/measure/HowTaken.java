package waypost.app.measure;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import waypost.core.measure.EndFeel;
import waypost.core.measure.Plain;
import waypost.core.measure.Tool;
import waypost.library.words.Terms;

/**
 * How a reading was taken.
 *
 * @param rater who measured; empty when who entered it did
 * @param tool null when the measure's usual tool
 * @param position how limb and tool were placed; empty when as usual
 * @param pain at the end of the movement, 0 to 10; null when nobody asked
 * @param working what the value was worked out from, in words; empty when it was read off
 */
public record HowTaken(
        String rater,
        @Nullable Tool tool,
        String position,
        @Nullable Integer pain,
        @Nullable EndFeel endFeel,
        String working,
        Source source) {

    /** Where a reading came in. */
    public enum Source {
        SHEET,
        INSTRUMENT,
        FILE,
        BENCH
    }

    /** With the usual tool in the usual position, by who entered it. */
    public static final HowTaken USUAL = new HowTaken("", null, "", null, null, "", Source.SHEET);

    /** Worked out with the usual tool. */
    public static HowTaken worked(String words, Source source) {
        return new HowTaken("", null, "", null, null, words, source);
    }

    /** The same with what it was worked out from. */
    HowTaken workedFrom(String words) {
        return new HowTaken(rater, tool, position, pain, endFeel, words, source);
    }

    /** Everything that is not as usual, in words. */
    public String said() {
        StringBuilder said = new StringBuilder();
        Optional.ofNullable(tool).ifPresent(with -> append(said, Terms.tool(with)));
        append(said, position);
        Optional.ofNullable(pain).ifPresent(at -> append(said, "pain " + Plain.number(at) + " of 10"));
        Optional.ofNullable(endFeel).ifPresent(feel -> append(said, Terms.endFeel(feel)));
        append(said, working);
        if (source != Source.SHEET) {
            append(said, "by " + source.name().toLowerCase(Locale.ROOT));
        }
        return said.toString();
    }

    private static void append(StringBuilder said, String words) {
        if (!words.isEmpty()) {
            said.append(said.isEmpty() ? "" : "; ").append(words);
        }
    }
}
