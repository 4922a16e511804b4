package waypost.core.exercise;

import java.util.Arrays;
import java.util.stream.Collectors;

/** What is counted in a set. */
public enum Counted {
    REPS("reps"),
    HOLDS("holds"),
    SECONDS("s"),
    MINUTES("min"),
    METRES("m"),
    STEPS("steps"),
    CONTACTS("contacts"),
    THROWS("throws"),
    TURNS("turns"),
    TAPS("taps"),
    REACHES("reaches"),
    ROWS("rows"),
    SWINGS("swings"),
    CLIMBS("climbs"),
    RUNS("runs"),
    FLIGHTS("flights"),
    ROUNDS("rounds"),
    TIMES("times");

    private final String word;

    Counted(String word) {
        this.word = word;
    }

    /** As it is written after a number. */
    public String word() {
        return word;
    }

    /** Whether a clock counts it. */
    public boolean isTime() {
        return this == SECONDS || this == MINUTES;
    }

    /** Whether more of it is more of the same work, such as runs, contacts or minutes, and not a set's own measure. */
    public boolean isVolume() {
        return this != REPS && this != HOLDS && this != SECONDS;
    }

    /** How much one step up or down of a set is. */
    public int step() {
        return switch (this) {
            case SECONDS, METRES -> 5;
            case CONTACTS -> 2;
            default -> 1;
        };
    }

    /** Reads the written word, also in the singular. */
    static Counted of(String word) {
        return Arrays.stream(values())
                .filter(counted ->
                        counted.word.equals(word) || counted.singular().equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("found '" + word + "', allowed: "
                        + Arrays.stream(values()).map(Counted::word).collect(Collectors.joining(", "))));
    }

    private String singular() {
        return word.length() > 1 && word.endsWith("s") ? word.substring(0, word.length() - 1) : word;
    }
}
