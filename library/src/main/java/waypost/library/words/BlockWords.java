package waypost.library.words;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.course.NextPhase;
import waypost.core.course.Progress;
import waypost.core.course.Standing;
import waypost.core.milestone.Milestone;

/** Says in one sentence what stands between a patient and the next phase. */
public record BlockWords(MilestoneWords words) {

    private static final int IN_SIGHT = 3;

    /** Such as "Into Strength: not before Mon 5 May; bend of 110° (98° on Thu 3 Apr, about 24 Apr); 2 more." */
    public String say(Standing standing) {
        return standing.next().map(next -> say(next, Progress.of(standing))).orElse("The last phase is reached.");
    }

    private String say(NextPhase next, List<Progress> progress) {
        String into = "Into " + next.phase().title() + ": ";
        if (next.ready()) {
            return into + "nothing is missing; somebody may sign.";
        }
        List<Milestone> missing = next.milestones().stream()
                .filter(milestone -> !milestone.isMet())
                .toList();
        String time = next.timeReached() ? "" : "not before " + words.dates().say(next.earliest());
        String first = missing.stream()
                .limit(IN_SIGHT)
                .map(milestone -> missing(milestone, progress))
                .collect(Collectors.joining("; "));
        String more = missing.size() > IN_SIGHT ? "; " + (missing.size() - IN_SIGHT) + " more" : "";
        return into + time + (time.isEmpty() || first.isEmpty() ? "" : "; ") + first + more + ".";
    }

    /** The same without numbers: "Load, then land: not before Sun 27 Dec; missing bend of 130°, clean step-down." */
    public String brief(Standing standing) {
        return standing.next().map(this::brief).orElse("The last phase is reached.");
    }

    private String brief(NextPhase next) {
        List<String> missing = next.milestones().stream()
                .filter(milestone -> !milestone.isMet())
                .map(milestone -> milestone.criterion().title())
                .toList();
        String time = next.timeReached()
                ? ""
                : "not before "
                        + SignWords.date(next.earliest().dateFrom(words.dates().dayZero()));
        String more = missing.size() > IN_SIGHT ? " and " + (missing.size() - IN_SIGHT) + " more" : "";
        String what = missing.isEmpty()
                ? ""
                : "missing " + missing.stream().limit(IN_SIGHT).collect(Collectors.joining(", ")) + more;
        String between = time.isEmpty() || what.isEmpty() ? "" : "; ";
        return next.ready()
                ? next.phase().title() + ": nothing is missing."
                : next.phase().title() + ": " + time + between + what + ".";
    }

    private String missing(Milestone milestone, List<Progress> progress) {
        String expected = progress.stream()
                .filter(one -> one.milestone().equals(milestone))
                .flatMap(one -> one.forecast().stream())
                .findFirst()
                .map(forecast -> ", about " + SignWords.date(forecast.expected()))
                .orElse("");
        return milestone.criterion().title() + " (" + MilestoneWords.state(milestone) + words.shortly(milestone)
                + expected + ")";
    }
}
