package waypost.app.teach;

import java.util.List;
import java.util.Optional;
import waypost.app.figure.Figure;
import waypost.core.teach.Recall;
import waypost.library.plain.Told;

/**
 * A precaution in force, as it is taught.
 *
 * @param state what was taught back when, or why it is due
 * @param plain as one says it to the patient, in each language
 * @param meant what it leaves; empty where nothing of the kind is open
 * @param notMeant what it takes away; empty where neither an exercise nor a joint alone would show it
 */
public record Taught(
        String rule,
        String words,
        Recall recall,
        String state,
        List<Plainly> plain,
        Optional<Picture> meant,
        Optional<Picture> notMeant) {

    /** What a patient is told, in one language. */
    public record Plainly(String language, Told told) {
        public String says() {
            return String.join(" ", told.all());
        }
    }

    /**
     * A movement.
     *
     * @param activity the exercise; empty where a joint alone is moved
     * @param title what it is called on the staff's pages
     */
    public record Picture(Optional<String> activity, String title, Figure figure) {}

    public boolean due() {
        return recall.isDue();
    }
}
