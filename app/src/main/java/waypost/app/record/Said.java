package waypost.app.record;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import waypost.library.words.Dates;

/** The parts of an entry as they are stored, by their place; what is absent is empty. */
record Said(@Nullable String[] parts) {

    String at(int place) {
        String part = parts[place];
        return part == null ? "" : part;
    }

    boolean is(int place) {
        return at(place).equals("true");
    }

    boolean has(int place) {
        return !at(place).isEmpty();
    }

    /** A stored name in plain letters: "VERY_STIFF" is "very stiff". */
    String plain(int place) {
        return at(place).toLowerCase(Locale.ROOT).replace('_', ' ').replace('-', ' ');
    }

    String day(int place) {
        return Dates.say(LocalDate.parse(at(place)));
    }

    /** The part with words before it; empty where it is absent. */
    String with(String before, int place) {
        return has(place) ? before + at(place) : "";
    }

    /** A number without needless zeros. */
    String number(int place) {
        return new BigDecimal(at(place)).stripTrailingZeros().toPlainString();
    }

    /** The parts at these places that are there, one below the other. */
    String lines(int... places) {
        return IntStream.of(places)
                .mapToObj(this::at)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining("\n"));
    }

    /** What is not empty, one behind the other. */
    static String joined(String... words) {
        return Stream.of(words).filter(word -> !word.isEmpty()).collect(Collectors.joining());
    }
}
