package waypost.library.desk;

import java.util.Comparator;
import java.util.List;

/**
 * One place of a text, written anew.
 *
 * @param begins the first character that is replaced, from 0
 * @param ends the one after the last; {@code begins} where something is put in
 */
record Splice(int begins, int ends, String with) {

    /** The text with all of these; they must not overlap. */
    static String all(String text, List<Splice> splices) {
        StringBuilder written = new StringBuilder(text);
        splices.stream()
                .sorted(Comparator.comparingInt(Splice::begins).reversed())
                .forEach(splice -> written.replace(splice.begins(), splice.ends(), splice.with()));
        return written.toString();
    }
}
