package waypost.app.paper;

import java.util.function.Supplier;
import java.util.stream.Collectors;
import waypost.app.entry.FormProblem;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** A file that was refused, told at the field in which it was sent. */
public final class RefusedFile {

    private static final int MOST_PROBLEMS = 10;

    private RefusedFile() {}

    /**
     * What was read.
     *
     * @throws FormProblem for "file", with the first of what is wrong
     */
    static <T> T or(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (RefusedException refused) {
            throw new FormProblem("file", say(refused));
        }
    }

    /** The first of what is wrong, in a line. */
    public static String say(RefusedException refused) {
        return refused.problems().stream()
                .limit(MOST_PROBLEMS)
                .map(Problem::toString)
                .collect(Collectors.joining(" · "));
    }
}
