package waypost.library.text;

import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Says what was found and what is allowed, with the nearest allowed word where one is near. */
public final class Suggestion {

    private static final int NEAR = 3;
    private static final int LISTED = 12;

    private Suggestion() {}

    public static String oneOf(String found, Collection<String> allowed) {
        return "found '" + found + "', allowed: " + listed(found, allowed) + nearest(found, allowed);
    }

    public static String key(String found, Collection<String> allowed) {
        return "found the unknown key '" + found + "', allowed: " + String.join(", ", allowed)
                + nearest(found, allowed);
    }

    /** All of a short list; of a long one those that look most like what was found. */
    private static String listed(String found, Collection<String> allowed) {
        if (allowed.size() <= LISTED) {
            return String.join(", ", allowed);
        }
        LevenshteinDistance distance = LevenshteinDistance.getDefaultInstance();
        return allowed.stream()
                        .sorted(Comparator.comparing((String word) -> distance.apply(found, word))
                                .thenComparing(Comparator.naturalOrder()))
                        .limit(LISTED)
                        .collect(Collectors.joining(", "))
                + " and " + (allowed.size() - LISTED) + " more";
    }

    private static String nearest(String found, Collection<String> allowed) {
        LevenshteinDistance distance = new LevenshteinDistance(NEAR);
        Optional<String> near = allowed.stream()
                .filter(word -> distance.apply(found, word) >= 0)
                .min(Comparator.comparing(word -> distance.apply(found, word)));
        return near.map(word -> ". Maybe '" + word + "'").orElse("");
    }
}
