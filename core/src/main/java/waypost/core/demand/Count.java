package waypost.core.demand;

/** A whole number of contacts, repetitions or minutes, 0 to 20,000. */
public record Count(int number) implements Comparable<Count> {

    /** The most that is counted of anything. */
    public static final int MOST = 20_000;

    public Count {
        if (number < 0 || number > MOST) {
            throw new IllegalArgumentException("count: found " + number + ", allowed: 0 to " + MOST);
        }
    }

    /** Reads a whole number. */
    public static Count parse(String text) {
        if (!text.matches("\\d{1,5}")) {
            throw new IllegalArgumentException(
                    "count: found '" + text + "', allowed: a whole number from 0 to " + MOST);
        }
        return new Count(Integer.parseInt(text));
    }

    @Override
    public int compareTo(Count other) {
        return Integer.compare(number, other.number);
    }
}
