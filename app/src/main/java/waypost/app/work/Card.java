package waypost.app.work;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import waypost.app.figure.Figure;
import waypost.app.rack.Sign;
import waypost.core.exercise.Arrangement;

/**
 * One exercise as it is worked at.
 *
 * @param planned the plan's role for which it stands, activity/role
 * @param limits what limits it today
 * @param proposal what is proposed
 * @param done today's sets
 * @param next the set to be done; empty where there is nothing to do
 * @param before the last times, the latest first
 * @param pulls how hard the clinic's band pulls; empty where none does, or nobody has measured it
 * @param prescribed what a therapist prescribed, by whom and when; empty where nobody did
 * @param back what to do at once after too much pain or a stop; empty otherwise
 */
public record Card(
        String planned,
        Sign sign,
        List<String> limits,
        Optional<Figure> figure,
        String placed,
        String equipment,
        String pulls,
        Proposed proposal,
        List<Done> done,
        Optional<Next> next,
        List<String> before,
        Optional<Back> back,
        List<String> stopped,
        Teach teach,
        Clocks clocks,
        String prescribed,
        Trick trick,
        List<Choice> neighbours) {

    /** What is proposed, in words. */
    public record Proposed(String kind, String way, String dose, String rule, String why, String pain) {}

    /** A set that was done. */
    public record Done(UUID id, String said, int pain, boolean over, String form) {}

    /**
     * The fields of the next set as they are filled in beforehand.
     *
     * @param of how many are asked
     */
    public record Next(
            UUID entryId,
            int nth,
            int of,
            int amount,
            int step,
            String counted,
            String load,
            String unit,
            String unitWord,
            String loadStep,
            List<Choosing> settings,
            int painMost,
            String asked) {}

    /** A setting and what can be chosen of it. */
    public record Choosing(String name, List<Option> options) {}

    /** A choice as it is sent, and whether the gate closes the exercise in it today. */
    public record Option(String value, String text, boolean chosen, boolean closed) {}

    /**
     * The step back, with the role to which it leads.
     *
     * @param load the lighter load of the next set; empty where the load does not change
     * @param setUp how the next set is set up
     */
    public record Back(String said, String role, String title, boolean otherRung, String load, Arrangement setUp) {}

    /** What works for the patient, and who said so; both blank where nobody did. */
    public record Trick(String words, String by) {
        static final Trick NONE = new Trick("", "");
    }

    /** What is said and looked for. */
    public record Teach(List<String> cues, List<String> faults, List<String> easier, List<String> stop) {}

    /**
     * What a clock is good for in this exercise.
     *
     * @param tempo lowering, pause, lifting, pause; empty without one
     * @param holdSeconds 0 without a hold
     * @param eachWay whether two directions are counted
     * @param led whether a session of it can be led from the full screen
     */
    public record Clocks(
            String tempo, int holdSeconds, int restSeconds, boolean counts, boolean eachWay, boolean led) {}

    /** An open neighbour on the ladder. */
    public record Choice(String role, String title) {}
}
