package waypost.app.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * What is shown to change the dose of one exercise.
 *
 * @param role of which the dose is, activity/role
 * @param seen the id of the prescription that stands; empty where none does
 * @param standing what is prescribed now, by whom and since when; empty where nothing is
 * @param nudges the small changes, each posted with one tap
 * @param fields what is typed or stands, by field
 * @param counted what a set counts, such as "reps"
 * @param unit of the load; empty where nothing is held
 * @param bounds the number that the rule allows to be set: what it counts; empty where there is none
 */
public record PrescribePanel(
        String role,
        String title,
        UUID entryId,
        String seen,
        String standing,
        List<Change> nudges,
        List<Start> starts,
        Map<String, String> fields,
        String counted,
        String unit,
        String loadStep,
        List<Card.Choosing> settings,
        List<Ticked> days,
        List<Ticked> rules,
        String bounds,
        Judged judged) {

    /** A small change: its name, and what it leads to. */
    public record Change(String name, String says) {}

    /** A dose to begin from. */
    public record Start(String name, String says, boolean chosen) {}

    /** A choice of several. */
    public record Ticked(String name, String says, boolean chosen) {}

    /** What the gate says of the dose as it stands in the fields. */
    public record Judged(boolean open, String says) {}
}
