package waypost.library.words;

import java.util.Optional;
import waypost.core.course.Progress;
import waypost.core.criterion.Criterion;
import waypost.core.milestone.Milestone;

/** Says what to do next about a milestone. */
public record NextStepWords(Dates dates) {

    /** One instruction, verb first; for a met milestone what keeps it. */
    public String say(Milestone milestone, Optional<Progress> progress) {
        return switch (milestone.state()) {
            case MET -> milestone.criterion().head().latched() ? "Nothing more." : "Keep it: lost again, it closes.";
            case PENDING -> "Measure again on another day.";
            case OUT_OF_DATE, MISSING -> take(milestone);
            case NOT_MET -> notMet(milestone, progress);
            case TEST_NOT_SAFE_YET ->
                milestone
                        .safeFrom()
                        .map(day -> "Test it from " + dates.say(day) + " on.")
                        .orElse("Wait until the test is open.");
        };
    }

    private static String take(Milestone milestone) {
        Criterion criterion = milestone.criterion();
        if (criterion instanceof Criterion.Attested attested) {
            return switch (attested.kind()) {
                case CLEARANCE -> "Ask the " + attested.by() + ".";
                case TAUGHT_BACK -> "Teach it, and let the patient say and show it.";
                case IMAGING_SEEN -> "Ask the " + attested.by() + " for the image.";
            };
        }
        return criterion instanceof Criterion.Tolerated ? "Do it, and ask the next morning." : "Measure it today.";
    }

    private static String notMet(Milestone milestone, Optional<Progress> progress) {
        if (milestone.criterion() instanceof Criterion.NoFurther) {
            return "Hold back: it goes further than is wanted.";
        }
        boolean plateau = progress.map(Progress::plateau).orElse(false);
        boolean forecast = progress.flatMap(Progress::forecast).isPresent();
        return plateau
                ? "Change something, and tell the surgeon: it stands still."
                : forecast ? "Go on as now." : "Work on it, and measure at each visit.";
    }
}
