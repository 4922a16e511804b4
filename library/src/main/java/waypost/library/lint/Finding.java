package waypost.library.lint;

/**
 * One thing that a clinician or author should mend.
 *
 * @param line from 1
 * @param rule id of the rule, rung or question it is about
 * @param says what was found
 * @param mend how to mend it
 */
public record Finding(Check check, String file, int line, String rule, String says, String mend) {
    @Override
    public String toString() {
        return file + ":" + line + " " + rule + ": " + says + ". " + mend + ". [" + check.word() + "]";
    }
}
