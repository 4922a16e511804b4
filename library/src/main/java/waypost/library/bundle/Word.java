package waypost.library.bundle;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Turns the words of a file into the core's constants, and back. */
public final class Word {

    private Word() {}

    /** KNEE_FLEXION is written "knee flexion". */
    public static String of(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The constant that is written so. */
    public static <E extends Enum<E>> E read(Class<E> type, String word) {
        E[] constants = type.getEnumConstants();
        return Arrays.stream(constants)
                .filter(constant -> of(constant).equals(word))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(Suggestion.oneOf(
                        word, Arrays.stream(constants).map(Word::of).toList())));
    }

    /** The constant that is written under {@code key}. */
    public static <E extends Enum<E>> E at(Entry entry, String key, Class<E> type) {
        return entry.at(key).as(word -> read(type, word));
    }

    /** The constant that is written under {@code key}, if any. */
    public static <E extends Enum<E>> Optional<E> maybe(Entry entry, String key, Class<E> type) {
        return entry.maybe(key, word -> read(type, word));
    }

    /** Every constant in the list under {@code key}. */
    static <E extends Enum<E>> Set<E> all(Entry entry, String key, Class<E> type) {
        return Set.copyOf(entry.list(key, element -> element.as(word -> read(type, word))));
    }

    /** The direction that this motion calls so. */
    static Direction direction(Motion motion, String word) {
        for (Direction direction : Direction.values()) {
            if (motion.name(direction).equals(word)) {
                return direction;
            }
        }
        throw new IllegalArgumentException(
                Suggestion.oneOf(word, List.of(motion.name(Direction.POSITIVE), motion.name(Direction.NEGATIVE))));
    }

    /** Reads "0 to 90", and for a limit also "at most 90" and "at least 45", bounded by what the joint can do. */
    static Arc arc(Motion motion, String text) {
        Arc possible = motion.possible();
        if (text.startsWith("at most ")) {
            return new Arc(possible.least(), Degrees.parse(text.substring("at most ".length())));
        }
        if (text.startsWith("at least ")) {
            return new Arc(Degrees.parse(text.substring("at least ".length())), possible.most());
        }
        String[] ends = text.split(" to ", -1);
        if (ends.length != 2) {
            throw new IllegalArgumentException(
                    "found '" + text + "', allowed: an arc such as '0 to 90', 'at most 90' or 'at least 45'");
        }
        return new Arc(Degrees.parse(ends[0]), Degrees.parse(ends[1]));
    }

    /** Reads a zone that is entered by going beyond its edge: "over 60", "under 0" or "60 to 120". */
    static Arc zone(Motion motion, String text) {
        Arc possible = motion.possible();
        if (text.startsWith("over ")) {
            return new Arc(Degrees.parse(text.substring("over ".length())), possible.most());
        }
        if (text.startsWith("under ")) {
            return new Arc(possible.least(), Degrees.parse(text.substring("under ".length())));
        }
        return arc(motion, text);
    }
}
