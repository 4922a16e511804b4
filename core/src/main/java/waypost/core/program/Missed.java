package waypost.core.program;

/**
 * How many stages somebody goes back who comes after so many days.
 *
 * @param days since the last session, 3 to 365
 * @param back stages, 1 to 30
 */
public record Missed(int days, int back) {

    private static final int LEAST_DAYS = 3;
    private static final int MOST_DAYS = 365;
    private static final int MOST_BACK = 30;

    public Missed {
        if (days < LEAST_DAYS || days > MOST_DAYS) {
            throw new IllegalArgumentException(
                    "missed days: found " + days + ", allowed: " + LEAST_DAYS + " to " + MOST_DAYS);
        }
        if (back < 1 || back > MOST_BACK) {
            throw new IllegalArgumentException("stages back: found " + back + ", allowed: 1 to " + MOST_BACK);
        }
    }
}
