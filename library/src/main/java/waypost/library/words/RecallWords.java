package waypost.library.words;

import java.util.Optional;
import waypost.core.teach.Recall;
import waypost.core.teach.TaughtBack;

/** Says whether a precaution is to be taught back, and why. */
public final class RecallWords {

    private RecallWords() {}

    /** @param by who saw it the last time; empty where nobody did */
    public static String say(Recall recall, String by) {
        return recall.last().map(last -> say(recall, last, by)).orElse("Due: not taught back yet.");
    }

    private static String say(Recall recall, TaughtBack last, String by) {
        String on = Dates.say(last.on());
        return switch (recall.state()) {
            case NEVER_ASKED -> "Due: not taught back yet.";
            case LAPSED -> "Due again, it lapsed on " + on + ": " + last.lapse() + "." + missed(recall);
            case HALF_KNOWN ->
                "Due: " + (last.said() ? "said, not shown yet." : "shown, not said yet.") + missed(recall);
            case CHANGED -> "Due again: it has changed. It was: " + last.taught() + ".";
            case ONCE_MORE -> "Due once more: it was missed before and last known on " + on + "." + missed(recall);
            case KNOWN -> "Said and shown on " + on + ", seen by " + by + "." + again(recall);
        };
    }

    private static String missed(Recall recall) {
        return recall.missed() < 2 ? "" : " Missed " + recall.missed() + " times so far.";
    }

    private static String again(Recall recall) {
        Optional<String> day = recall.again().map(Dates::say);
        return day.map(on -> " Missed before: asked for once more from " + on + ".")
                .orElse("");
    }
}
