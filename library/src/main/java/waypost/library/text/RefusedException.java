package waypost.library.text;

import java.util.List;
import java.util.stream.Collectors;

/** A file was refused; carries every problem that was found. */
public final class RefusedException extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<Problem> problems;

    public RefusedException(List<Problem> problems) {
        super(problems.stream().map(Problem::toString).collect(Collectors.joining("\n")));
        this.problems = List.copyOf(problems);
    }

    public List<Problem> problems() {
        return problems;
    }
}
