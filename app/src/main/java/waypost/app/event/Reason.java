package waypost.app.event;

import waypost.app.entry.FormProblem;

/** Words of 3 to 300 characters that say what happened, what was found, or why. */
final class Reason {

    private static final int LEAST = 3;
    private static final int MOST = 300;

    private Reason() {}

    static String of(String field, String words) {
        String said = words.strip();
        if (said.length() < LEAST || said.length() > MOST) {
            throw new FormProblem(
                    field,
                    "Found " + said.length() + " characters, allowed: a few words, " + LEAST + " to " + MOST + ".");
        }
        return said;
    }
}
