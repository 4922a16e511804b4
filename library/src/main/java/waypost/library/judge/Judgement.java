package waypost.library.judge;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import waypost.core.course.Compensated;
import waypost.core.course.DutyStatus;
import waypost.core.course.Neighbours;
import waypost.core.course.NextPhase;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.course.Unlocking;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.milestone.Milestone;
import waypost.core.reason.Reason;
import waypost.core.safety.RedFlag;
import waypost.core.time.CourseDay;
import waypost.core.visit.Visit;
import waypost.library.bundle.Bundle;
import waypost.library.words.Dates;
import waypost.library.words.DutyWords;
import waypost.library.words.MilestoneWords;
import waypost.library.words.PrecautionWords;
import waypost.library.words.Said;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** A standing in words: the shape of judge's JSON, whose keys are fixed and documented in docs/formats/judge.md. */
public record Judgement(
        String course,
        String on,
        int day,
        String counted,
        String phase,
        String protocol,
        String review,
        List<Asked> unanswered,
        List<Kept> precautions,
        List<Due> duties,
        Optional<Next> next,
        List<Judged> verdicts,
        List<Offer> proposals,
        List<Flag> flags) {

    /** A question that the operation note leaves open. */
    public record Asked(String question, String ask, int wouldOpen) {}

    /** A precaution in force. */
    public record Kept(String rule, String says, Optional<String> until, String source) {}

    /** A duty in force. */
    public record Due(String rule, String says, boolean overdue, boolean conflict) {}

    /** What stands before the next phase. */
    public record Next(String phase, String earliest, boolean timeReached, boolean ready, List<Post> milestones) {}

    /** A milestone. */
    public record Post(String milestone, String title, String state, String says, boolean compensatedWouldMeet) {}

    /**
     * What is proposed for an exercise of the plan.
     *
     * @param kind do, rest, closed or finished
     * @param why the grounds, in words
     */
    public record Offer(
            String asked,
            String kind,
            Optional<String> role,
            Optional<String> way,
            Optional<String> dose,
            Optional<String> until,
            List<String> why) {}

    /** A red flag that is asked of this course. */
    public record Flag(String flag, String asks, String tier, String says, boolean raised) {}

    /** A verdict on one role. */
    public record Judged(
            String activity,
            String role,
            String title,
            String verdict,
            Optional<String> opensByTime,
            Optional<String> nearestOpen,
            Optional<String> next,
            Optional<String> instead,
            boolean switchedOff,
            List<Given> reasons) {}

    /** A reason. */
    public record Given(String kind, String says, String change, String source) {}

    public static Judgement of(String courseId, Visit visit, Bundle bundle) {
        Standing standing = visit.standing();
        Set<String> helped = Compensated.wouldMeet(standing);
        Set<RoleKey> off = Set.copyOf(standing.switchedOff());
        Words words = Words.of(standing.course().resolved());
        LocalDate dayZero = standing.course().resolved().dayZero();
        return new Judgement(
                courseId,
                standing.date().toString(),
                standing.day().number(),
                Dates.bothCountings(standing.day()),
                standing.phase().id(),
                standing.course().resolved().protocol().face(),
                standing.course().resolved().protocol().review(),
                Unlocking.ranked(standing.course(), standing.date()).stream()
                        .map(Judgement::asked)
                        .toList(),
                standing.precautions().stream()
                        .map(p -> kept(p, words, dayZero))
                        .toList(),
                standing.duties().stream().map(d -> due(d, words)).toList(),
                standing.next().map(next -> next(next, words, dayZero, helped)),
                standing.verdicts().stream()
                        .map(v -> judged(v, standing, bundle, off))
                        .toList(),
                new Offers(visit, bundle).all(),
                visit.asked().stream().map(flag -> flag(flag, visit)).toList());
    }

    private static Next next(NextPhase next, Words words, LocalDate dayZero, Set<String> helped) {
        return new Next(
                next.phase().id(),
                next.earliest().dateFrom(dayZero).toString(),
                next.timeReached(),
                next.ready(),
                next.milestones().stream().map(m -> post(m, words, helped)).toList());
    }

    private static Asked asked(Unlocking unlocking) {
        return new Asked(unlocking.question().id(), unlocking.question().prompt(), unlocking.most());
    }

    private static Kept kept(Precaution<?> precaution, Words words, LocalDate dayZero) {
        Optional<CourseDay> until = precaution.step().until();
        return new Kept(
                precaution.limit().limit().head().id(),
                PrecautionWords.say(precaution),
                until.map(day -> day.dateFrom(dayZero).toString()),
                words.source(precaution.limit().from()));
    }

    private static Due due(DutyStatus duty, Words words) {
        return new Due(duty.ruleId(), new DutyWords(words).say(duty), duty.overdue(), duty.conflict());
    }

    private static Flag flag(RedFlag flag, Visit visit) {
        return new Flag(
                flag.id(),
                flag.asks(),
                flag.tier().name().toLowerCase(Locale.ROOT).replace('_', ' '),
                flag.says(),
                visit.isRaised(flag));
    }

    private static Post post(Milestone milestone, Words words, Set<String> helped) {
        return new Post(
                milestone.criterion().id(),
                milestone.criterion().title(),
                MilestoneWords.state(milestone),
                new MilestoneWords(words.dates()).say(milestone),
                helped.contains(milestone.criterion().id()));
    }

    private static Judged judged(Verdict verdict, Standing standing, Bundle bundle, Set<RoleKey> off) {
        Words words = Words.of(standing.course().resolved());
        Activity activity = bundle.findActivity(verdict.role().activity()).orElseThrow();
        String role = activity.roles().stream()
                .filter(r -> r.name().equals(verdict.role().role()))
                .map(Role::title)
                .findFirst()
                .orElseThrow();
        boolean isOpen = verdict.kind().isOpen();
        Neighbours beside = new Neighbours(standing);
        Optional<CourseDay> opens = isOpen ? Optional.empty() : standing.opensByTime(verdict.role());
        return new Judged(
                verdict.role().activity(),
                verdict.role().role(),
                activity.title() + ", " + role,
                Terms.verdict(verdict.kind()),
                opens.map(day ->
                        day.dateFrom(standing.course().resolved().dayZero()).toString()),
                isOpen ? Optional.empty() : beside.nearestOpen(verdict.role()).map(RoleKey::toString),
                isOpen ? beside.next(verdict.role()).map(RoleKey::toString) : Optional.empty(),
                !isOpen && activity instanceof Activity.Test test ? Optional.of(test.alternative()) : Optional.empty(),
                off.contains(verdict.role()),
                verdict.reasons().stream().map(r -> given(r, words)).toList());
    }

    private static Given given(Reason reason, Words words) {
        Said said = words.say(reason);
        return new Given(Terms.verdict(reason.kind()), said.sentence(), said.change(), said.source());
    }
}
