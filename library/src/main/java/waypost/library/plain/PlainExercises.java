package waypost.library.plain;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Names exercises to a patient.
 *
 * @param written the name of an activity by its id as the library writes it, in English
 */
public record PlainExercises(PlainText words, Function<String, String> written) {

    /** Names one after another, a short sentence each. */
    static String listed(List<String> titles) {
        return titles.stream().sorted().map(title -> " " + title + ".").collect(Collectors.joining());
    }

    public String title(String activity) {
        return words.find("exercise." + activity).orElseGet(() -> {
            String title = written.apply(activity);
            return words.locale().equals(Locale.ENGLISH) ? title : "«" + title + "»";
        });
    }
}
