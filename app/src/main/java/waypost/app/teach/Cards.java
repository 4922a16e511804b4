package waypost.app.teach;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.app.figure.Figure;
import waypost.app.store.LoadedCourse;
import waypost.core.exercise.Activity;
import waypost.library.plain.PlainExercises;
import waypost.library.plain.PlainText;
import waypost.library.plain.Told;

/**
 * What is taught, on paper in the patient's words.
 *
 * @param text the texts of the language
 */
public record Cards(PlainText text, List<Card> all) {

    /** A precaution: told, drawn as it is meant and as it is not. */
    public record Card(Told told, Optional<Side> meant, Optional<Side> notMeant) {}

    /** A movement with its name, or how far a joint alone is moved. */
    public record Side(String title, Figure figure) {}

    /** In a language of the patients, the first of them where another is asked for. */
    static Cards of(String language, LoadedCourse course, List<Taught> taught) {
        Locale locale = PlainText.LANGUAGES.stream()
                .filter(known -> known.getLanguage().equals(language))
                .findFirst()
                .orElse(PlainText.LANGUAGES.get(0));
        PlainText text = PlainText.in(locale);
        PlainExercises exercises = new PlainExercises(
                text,
                id -> course.bundle().findActivity(id).map(Activity::title).orElse(id));
        return new Cards(
                text,
                taught.stream()
                        .map(each -> new Card(
                                told(each, locale),
                                side(text, each.meant(), exercises, "page.so-far"),
                                side(text, each.notMeant(), exercises, "page.too-far")))
                        .toList());
    }

    private static Told told(Taught taught, Locale locale) {
        return taught.plain().stream()
                .filter(plain -> plain.language().equals(locale.getLanguage()))
                .findFirst()
                .orElseThrow()
                .told();
    }

    private static Optional<Side> side(
            PlainText text, Optional<Taught.Picture> picture, PlainExercises exercises, String ofJoint) {
        return picture.map(drawn ->
                new Side(drawn.activity().map(exercises::title).orElseGet(() -> text.say(ofJoint)), drawn.figure()));
    }
}
