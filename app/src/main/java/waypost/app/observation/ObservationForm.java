package waypost.app.observation;

import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.UUID;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.core.movement.Fault;
import waypost.core.movement.Grade;
import waypost.core.movement.Observation;
import waypost.core.movement.Seen;
import waypost.core.movement.Watched;

/** What was ticked of a movement, by field: each fault has one for the operated side and one for the other. */
record ObservationForm(Map<String, String> fields) {

    private static final int MOST_PAIN = 10;
    private static final int MOST_DEGREES = 180;
    private static final int WORDS_MOST = 300;

    UUID readId() {
        return Entered.id("watchId", field("watchId"));
    }

    Watched readMovement() {
        return Entered.choice(Watched.class, "movement", field("movement"));
    }

    Observation read() {
        Watched movement = readMovement();
        List<Seen> seen = movement.faults().stream()
                .map(fault -> new Seen(fault, grade("operated", fault), grade("other", fault)))
                .toList();
        int pain = Entered.whole("painMost", field("painMost"), MOST_PAIN).orElse(0);
        OptionalInt from = Entered.whole("painFrom", field("painFrom"), MOST_DEGREES)
                .map(OptionalInt::of)
                .orElse(OptionalInt.empty());
        if (from.isPresent() && pain == 0) {
            throw new FormProblem(
                    "painMost", "Found an angle at which pain begins, and no pain. Say how much, 1 to 10.");
        }
        return new Observation(movement, seen, pain, from);
    }

    String readWords() {
        return Entered.words("words", field("words"), WORDS_MOST);
    }

    /** What was sent in a field; empty where nothing was. */
    String field(String name) {
        return fields.getOrDefault(name, "");
    }

    /** Nothing is taken for clean that nobody said was: a fault is graded, or all that is not marked is said not to be there. */
    private Grade grade(String side, Fault fault) {
        if (field("restClean").equals("true") && field(side + "-" + fault).isEmpty()) {
            return Grade.NONE;
        }
        if (field(side + "-" + fault).isEmpty()) {
            throw new FormProblem(
                    "restClean",
                    "Not everything is marked. Mark the rest, or keep it with the button that says the rest was clean.");
        }
        return Entered.choice(Grade.class, side + "-" + fault, field(side + "-" + fault));
    }
}
