package waypost.core.progression;

import java.util.List;
import waypost.core.gate.Verdict;
import waypost.core.milestone.Milestone;
import waypost.core.program.Program;
import waypost.core.program.Stage;

/**
 * Where a course stands in a program on a day.
 *
 * @param proposal what the program asks today, for its own sake
 */
public record ProgramToday(Program program, List<At> stages, Proposal proposal) {

    /** Where a stage lies, seen from where somebody stands. */
    public enum Place {
        BEHIND,
        HERE,
        NEXT,
        AHEAD
    }

    /**
     * One stage today.
     *
     * @param cleanRunning sessions running that were clean, on the one where it stands
     * @param verdict of the stage's whole dose on this day
     * @param wants what is asked besides, met or not
     */
    public record At(Stage stage, Place place, int cleanRunning, Verdict verdict, List<Milestone> wants) {

        public At {
            wants = List.copyOf(wants);
        }
    }

    public ProgramToday {
        stages = List.copyOf(stages);
    }
}
