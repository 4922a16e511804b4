package waypost.app.runner;

import java.util.List;
import java.util.UUID;

/**
 * A session as its page leads it.
 *
 * @param inPlan whether it stands in the plan, which then follows to the stage that was reached
 * @param closed why there is none today; blank where there is one
 * @param says what the session looks like
 * @param asked the dose in words
 * @param plan what is to come, as JSON for the page to follow
 */
public record RunnerPage(
        UUID courseId,
        String patient,
        String planned,
        boolean inPlan,
        String role,
        String title,
        String closed,
        String says,
        String asked,
        String load,
        String unit,
        List<String> setUp,
        int painMost,
        String pain,
        List<String> cues,
        List<String> stop,
        String plan) {

    public RunnerPage {
        setUp = List.copyOf(setUp);
        cues = List.copyOf(cues);
        stop = List.copyOf(stop);
    }
}
