package waypost.core.exercise;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * How an exercise is set up: a choice for each of its settings, by the setting's name.
 *
 * @param chosen empty where the exercise has no settings, or nobody wrote down how it was set up
 */
public record Arrangement(SortedMap<String, String> chosen) {

    /** Nothing chosen, or nothing known. */
    public static final Arrangement UNSAID = new Arrangement(Map.of());

    private static final int LONGEST = 200;
    private static final String BETWEEN = "; ";
    private static final String IS = ": ";

    public Arrangement {
        chosen = Collections.unmodifiableSortedMap(new TreeMap<>(chosen));
    }

    public Arrangement(Map<String, String> chosen) {
        this(new TreeMap<>(chosen));
    }

    /**
     * Reads "hand support: free; step height: 15 cm"; an empty text is {@link #UNSAID}.
     *
     * @throws IllegalArgumentException for anything else, or over 200 characters
     */
    public static Arrangement parse(String text) {
        if (text.length() > LONGEST) {
            throw unreadable(text.substring(0, LONGEST));
        }
        SortedMap<String, String> chosen = new TreeMap<>();
        for (String each : text.isEmpty() ? new String[0] : text.split(BETWEEN, -1)) {
            String[] parts = each.split(IS, 2);
            if (parts.length < 2 || parts[0].isBlank() || parts[1].isBlank()) {
                throw unreadable(text);
            }
            chosen.put(parts[0], parts[1]);
        }
        return new Arrangement(chosen);
    }

    private static IllegalArgumentException unreadable(String text) {
        return new IllegalArgumentException(
                "set-up: found '" + text + "', allowed: settings such as 'step height: 15 cm; hand support: free'");
    }

    public Optional<String> choice(String setting) {
        return Optional.ofNullable(chosen.get(setting));
    }

    /** This with another choice for one setting. */
    public Arrangement with(String setting, String choice) {
        SortedMap<String, String> other = new TreeMap<>(chosen);
        other.put(setting, choice);
        return new Arrangement(other);
    }

    /** As {@link #parse} reads it. */
    @Override
    public String toString() {
        return chosen.entrySet().stream()
                .map(each -> each.getKey() + IS + each.getValue())
                .collect(Collectors.joining(BETWEEN));
    }
}
