package waypost.library.words;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.followup.Behind;
import waypost.core.milestone.Milestone;

/** Drafts a message to the surgeon: where the patient stands, what is behind, what is asked. No name of the patient. */
public record SurgeonMessageWords(Words words) {

    /** About everything that is behind; with nothing behind, about what blocks the next phase. */
    public String draft(Standing standing, String operation) {
        List<Behind> behind = Behind.of(standing);
        return operation + ", " + standing.day() + ", phase \""
                + standing.phase().title() + "\".\n\n"
                + holds(standing)
                + (behind.isEmpty() ? missing(standing) : behind(behind))
                + "\n\nPlease tell us how to go on, and whether you want to see the patient sooner.";
    }

    private static String holds(Standing standing) {
        return standing.facts().holds().stream()
                .map(hold -> "On hold since " + Dates.say(hold.from()) + ": " + hold.why() + "\n\n")
                .collect(Collectors.joining());
    }

    private String behind(List<Behind> behind) {
        return "Behind what is expected:\n"
                + behind.stream()
                        .map(one -> "- " + new BehindWords(words).say(one))
                        .collect(Collectors.joining("\n"));
    }

    private String missing(Standing standing) {
        MilestoneWords milestones = new MilestoneWords(words.dates());
        return standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .filter(milestone -> !milestone.isMet())
                .map((Milestone milestone) -> "- " + milestone.criterion().title() + ": " + milestones.say(milestone))
                .collect(Collectors.joining("\n", "For the next phase is missing:\n", ""));
    }
}
