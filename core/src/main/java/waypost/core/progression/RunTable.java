package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;

/**
 * How a session of stages goes on from repetition to repetition, all of it worked out beforehand: who follows it needs no
 * rule of their own, and can follow it without a connection. Pain over the limit and form that is lost end it from
 * anywhere.
 *
 * @param stages those that the session may come to, easiest first
 * @param states where it may stand; it begins at the first
 * @param most repetitions that the session has at most, over all stages
 */
public record RunTable(List<Stage> stages, List<State> states, int most) {

    /** So many clean ones running open the next stage at once (Hickey et al. 2020, from memory). */
    public static final int CLEAN_TO_OPEN = 3;

    /** So many running that were not clean are enough for a day (common practice, no source). */
    public static final int NOT_CLEAN_TO_END = 2;

    public RunTable {
        stages = List.copyOf(stages);
        states = List.copyOf(states);
    }

    /**
     * A stage.
     *
     * @param shut why the one after it does not open today, whatever is done; empty where it does
     */
    public record Stage(RoleKey role, Optional<Ground> shut) {}

    /** Why a session is over. */
    public enum End {
        /** As many as the session has. */
        ENOUGH,
        /** The day's ground contacts leave no more. */
        FULL,
        /** Not clean, twice running. */
        FORM
    }

    /**
     * Where a session stands.
     *
     * @param stage number of the stage on which the next one is done
     * @param clean how many clean ones running on it
     * @param done how many in the session
     * @param opened whether the last one opened this stage
     * @param ended why nothing follows; empty where something does
     * @param afterClean number of the state after a clean one; its own where nothing follows
     * @param afterOther number of the state after one that was not clean
     */
    public record State(
            int stage, int clean, int done, boolean opened, Optional<End> ended, int afterClean, int afterOther) {}

    /** The state after repetitions, each clean or not. */
    public State after(List<Boolean> clean) {
        State now = states.get(0);
        for (boolean each : clean) {
            now = states.get(each ? now.afterClean() : now.afterOther());
        }
        return now;
    }
}
