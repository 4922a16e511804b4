package waypost.library.words;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.followup.Behind;
import waypost.core.followup.Measured;
import waypost.core.followup.VisitAdvice;
import waypost.core.measure.Plain;

/** Drafts a progress report for the surgeon from where a course stands. It adds nothing of its own, and no name. */
public record ReportWords(Words words) {

    private static final int MOST_MEASURES = 16;

    /** A part of it. */
    public record Section(String title, List<String> lines) {
        public Section {
            lines = List.copyOf(lines);
        }
    }

    /**
     * The report of a day.
     *
     * @param since the day of the report before; empty where there was none
     */
    public List<Section> draft(Standing standing, String operation, Optional<LocalDate> since) {
        List<Section> sections = new ArrayList<>();
        sections.add(new Section("Where on the way", where(standing, operation)));
        sections.add(new Section("Range, strength and what else was measured", measured(standing, since)));
        sections.add(new Section("Milestones of the next phase", milestones(standing)));
        sections.add(new Section("Behind", behind(standing)));
        sections.add(new Section("What happened", happened(standing, since)));
        return sections.stream().filter(section -> !section.lines().isEmpty()).toList();
    }

    /** As it is signed and kept. */
    public static String text(List<Section> sections) {
        StringBuilder text = new StringBuilder();
        for (Section section : sections) {
            text.append(section.title()).append('\n');
            section.lines().forEach(line -> text.append("- ").append(line).append('\n'));
            text.append('\n');
        }
        return text.toString().strip();
    }

    /** What only the surgeon can answer; blank where nothing is open. */
    public String asks(Standing standing) {
        List<String> open = standing.course().resolved().unanswered().stream()
                .map(question -> question.prompt())
                .toList();
        boolean call = VisitAdvice.of(standing).kind() == VisitAdvice.Kind.CALL_SURGEON;
        return String.join("\n", open)
                + (call
                        ? (open.isEmpty() ? "" : "\n") + "How do you want to go on, and do you want to see the patient?"
                        : "");
    }

    private List<String> where(Standing standing, String operation) {
        List<String> lines = new ArrayList<>();
        lines.add(operation + ", " + Dates.bothCountings(standing.day()) + ".");
        lines.add("Phase: " + standing.phase().title() + ".");
        standing.next()
                .ifPresent(next -> lines.add("Next: " + next.phase().title() + ", "
                        + (next.timeReached()
                                ? "time is reached, "
                                : "not before " + words.dates().say(next.earliest()) + ", ")
                        + next.met() + " of " + next.milestones().size() + " milestones met."));
        VisitAdvice advice = VisitAdvice.of(standing);
        advice.homeShare()
                .ifPresent(share -> lines.add("Home work done: " + Math.round(share) + " % of what was asked."));
        return lines;
    }

    private static List<String> measured(Standing standing, Optional<LocalDate> since) {
        return Measured.of(standing, since).stream()
                .limit(MOST_MEASURES)
                .map(ReportWords::say)
                .toList();
    }

    private static String say(Measured found) {
        String mode = found.measure().end().isPresent()
                ? ", " + found.latest().mode().name().toLowerCase(Locale.ROOT)
                : "";
        String now = MilestoneWords.reading(found.measure(), found.latest().amount());
        return found.measure().title() + mode + ": " + now + error(found) + " on "
                + Dates.say(found.latest().date())
                + found.other()
                        .map(other -> "; other side " + MilestoneWords.reading(found.measure(), other.amount()))
                        .orElse("")
                + found.before()
                        .map(before -> "; "
                                + (found.isChanged() ? "from " : "no change beyond the error from ")
                                + MilestoneWords.reading(found.measure(), before.amount()) + " on "
                                + Dates.say(before.date()))
                        .orElse("")
                + found.expected()
                        .map(point -> "; expected " + MilestoneWords.corridor(found.measure(), point))
                        .orElse("")
                + ".";
    }

    private static String error(Measured found) {
        double error = found.measure().errorOf(found.latest());
        return error > 0
                ? " \u00b1 " + Plain.number(error) + found.measure().unit().suffix()
                : "";
    }

    private List<String> milestones(Standing standing) {
        MilestoneWords said = new MilestoneWords(words.dates());
        return standing.next().stream()
                .flatMap(next -> next.milestones().stream())
                .map(milestone -> milestone.criterion().title() + ": " + (milestone.isMet() ? "met. " : "not met. ")
                        + said.say(milestone))
                .toList();
    }

    private List<String> behind(Standing standing) {
        return Behind.of(standing).stream()
                .map(behind -> new BehindWords(words).say(behind))
                .toList();
    }

    private static List<String> happened(Standing standing, Optional<LocalDate> since) {
        List<String> lines = new ArrayList<>();
        standing.facts()
                .holds()
                .forEach(hold -> lines.add("On hold since " + Dates.say(hold.from()) + ": " + hold.why() + "."));
        standing.facts()
                .unlooked()
                .forEach(event -> lines.add(Words.plainName(event.clock()) + " on " + Dates.say(event.on())
                        + ", not looked after: " + event.words() + "."));
        since.ifPresent(day -> lines.add("The report before is of " + Dates.say(day) + "."));
        return lines;
    }
}
