package waypost.core.course;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.core.log.Evidence;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;

/** What readings that were helped along would have met, had they been strict: told, and never counted. */
public final class Compensated {

    private Compensated() {}

    /** Ids of the criteria that are not met and would be. */
    public static Set<String> wouldMeet(Standing standing) {
        Evidence evidence = standing.course().history().evidence();
        List<Reading> all = evidence.readings().all();
        if (all.stream().allMatch(Reading::strict)) {
            return Set.of();
        }
        Readings taken = new Readings(all.stream().map(Reading::asStrict).toList());
        Course as = standing.course()
                .with(standing.course()
                        .history()
                        .with(new Evidence(taken, evidence.attestations(), evidence.sessions())));
        Set<String> met = standing.milestones().stream()
                .filter(Milestone::isMet)
                .map(milestone -> milestone.criterion().id())
                .collect(Collectors.toSet());
        return as.on(standing.date(), standing.facts().known(), Outlook.TIME_ONLY).milestones().stream()
                .filter(Milestone::isMet)
                .map(milestone -> milestone.criterion().id())
                .filter(id -> !met.contains(id))
                .collect(Collectors.toUnmodifiableSet());
    }
}
