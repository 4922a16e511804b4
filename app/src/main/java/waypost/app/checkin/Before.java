package waypost.app.checkin;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import waypost.core.log.Response;
import waypost.library.coursefile.CheckedIn;

/**
 * What was said when the patient last came in.
 *
 * @param answers by the field of the form
 */
public record Before(Map<String, String> answers) {

    static final Before NOTHING = new Before(Map.of());

    static Before of(CheckedIn told) {
        Map<String, String> answers = new TreeMap<>();
        answers.put("painNow", String.valueOf(told.said().painNow()));
        told.said().painAfter().ifPresent(pain -> answers.put("painAfter", String.valueOf(pain)));
        told.said().painNextMorning().ifPresent(pain -> answers.put("painMorning", String.valueOf(pain)));
        answers.put("swelling", words(told.said().swelling()));
        if (told.soreness() != Response.Soreness.NONE) {
            answers.put("soreness", words(told.soreness()));
        }
        return new Before(answers);
    }

    private static String words(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** "last 3"; empty where that was not said. */
    public String last(String field) {
        return answers.containsKey(field) ? "last " + answers.get(field) : "";
    }
}
