package waypost.app.runner;

import java.util.List;
import waypost.core.progression.RunTable;
import waypost.core.runner.Beat;

/**
 * What the page follows.
 *
 * @param kind {@code stages}, {@code clock} or {@code throws}
 * @param stages of running; none otherwise
 * @param states where a session of stages may stand; it begins at the first
 * @param most repetitions over all stages
 * @param beats what is said when; none where repetitions lead
 * @param seconds how long the beats last
 * @param perSet how much a set counts
 * @param secondsEach how many seconds one of what a set counts lasts; 0 where no clock counts it
 * @param tapped whether calls are answered by a tap
 */
record LedPlan(
        String kind,
        List<StageLine> stages,
        List<RunTable.State> states,
        int most,
        List<Beat> beats,
        int seconds,
        int sets,
        int perSet,
        int secondsEach,
        int restSeconds,
        boolean tapped) {

    /**
     * A stage in words.
     *
     * @param shut why the one after it does not open today; blank where it does
     */
    record StageLine(String role, String title, String says, String shut) {}
}
