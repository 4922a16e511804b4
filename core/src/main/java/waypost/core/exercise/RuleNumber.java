package waypost.core.exercise;

/**
 * The one number of a rule of progression that a therapist may set otherwise.
 *
 * @param what is counted, such as "sessions running"
 * @param usual what is taken where nobody says
 * @param least the least that may be set
 * @param most at least {@code usual}
 */
public record RuleNumber(String what, int usual, int least, int most) {

    /** Refuses what may not be set. */
    public void check(int number) {
        if (number < least || number > most) {
            throw new IllegalArgumentException(what + ": found " + number + ", allowed: " + least + " to " + most);
        }
    }
}
