package waypost.core.followup;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import waypost.core.course.DutyStatus;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Frequency;

/**
 * How often to come, as advice: a stiff patient who does the home work needs more visits, one who does not needs a talk
 * first. What was missed calls the surgeon before any talk, and a window that is closing is never answered with a talk
 * first, which would cost the days that are left. Common practice, no source.
 *
 * @param written what the protocol says for now; empty where it says nothing
 * @param behind what it rests on
 * @param homeShare the share of the home sessions asked for that were done, in percent; empty when nobody asked
 */
public record VisitAdvice(Kind kind, Optional<Frequency> written, List<Behind> behind, OptionalDouble homeShare) {

    /** The measure by which home work is told: sessions done in the last seven days. */
    public static final String HOME_SESSIONS = "home-sessions";

    /** At least so much of it counts as done: common practice, no source. */
    public static final double DONE_PERCENT = 80;

    /** Less than so much is talked about even while nothing is behind yet: common practice, no source. */
    public static final double LITTLE_PERCENT = 50;

    private static final int HOME_VALID_DAYS = 14;
    private static final double USUAL_A_WEEK = 2;
    private static final double LEAST_A_WEEK = 0.5;
    private static final int DAYS_A_WEEK = 7;

    /** What is advised. */
    public enum Kind {
        MORE_OFTEN,
        SAME,
        LESS_OFTEN,
        TALK_ABOUT_HOME_WORK,
        CALL_SURGEON
    }

    public VisitAdvice {
        behind = List.copyOf(behind);
    }

    /** The advice for a standing. */
    public static VisitAdvice of(Standing standing) {
        List<Behind> behind = Behind.of(standing);
        OptionalDouble home = homeShare(standing);
        return new VisitAdvice(kind(standing, behind, home), written(standing), behind, home);
    }

    private static Kind kind(Standing standing, List<Behind> behind, OptionalDouble home) {
        boolean slow = !behind.isEmpty();
        boolean missed = behind.stream().anyMatch(VisitAdvice::isMissed);
        if (missed) {
            return Kind.CALL_SURGEON;
        }
        if (behind.stream().anyMatch(Behind.Closing.class::isInstance)) {
            return Kind.MORE_OFTEN;
        }
        if (isLittle(slow, home)) {
            return Kind.TALK_ABOUT_HOME_WORK;
        }
        if (behind.stream().anyMatch(Behind.Plateau.class::isInstance)) {
            return Kind.CALL_SURGEON;
        }
        if (slow) {
            return Kind.MORE_OFTEN;
        }
        return isAhead(standing) ? Kind.LESS_OFTEN : Kind.SAME;
    }

    /** Whether the home work is to be talked about, first or beside what cannot wait for it. */
    public boolean asksForATalk() {
        return isLittle(!behind.isEmpty(), homeShare);
    }

    private static boolean isLittle(boolean slow, OptionalDouble home) {
        boolean done = home.isPresent() && home.getAsDouble() >= DONE_PERCENT;
        return home.isPresent() && home.getAsDouble() < LITTLE_PERCENT || slow && !done;
    }

    /** How many days until the next visit: by how often the protocol writes, one a week more or less by the advice. */
    public long daysToNext() {
        double perWeek = written.map(Frequency::perWeek).orElse(USUAL_A_WEEK);
        double wanted = switch (kind) {
            case MORE_OFTEN, CALL_SURGEON -> perWeek + 1;
            case LESS_OFTEN -> Math.max(LEAST_A_WEEK, perWeek - 1);
            case SAME, TALK_ABOUT_HOME_WORK -> perWeek;
        };
        return Math.max(1, Math.round(DAYS_A_WEEK / wanted));
    }

    private static boolean isMissed(Behind behind) {
        return behind instanceof Behind.Overdue overdue && overdue.duty() instanceof DutyStatus.Due;
    }

    /** Whether all that the next phase asks for is met and only time is missing. */
    private static boolean isAhead(Standing standing) {
        return standing.next()
                .map(next -> !next.timeReached() && !next.milestones().isEmpty() && allMet(next))
                .orElse(false);
    }

    private static boolean allMet(NextPhase next) {
        return next.milestones().stream().allMatch(Milestone::isMet);
    }

    private static Optional<Frequency> written(Standing standing) {
        return now(standing.course().resolved().followUp().visits(), standing);
    }

    private static Optional<Frequency> now(List<FollowUp.Stretch> stretches, Standing standing) {
        return stretches.stream()
                .filter(stretch -> !standing.day()
                        .isBefore(standing.course().resolved().clocks().day(stretch.from())))
                .reduce((earlier, later) -> later)
                .map(FollowUp.Stretch::often);
    }

    private static OptionalDouble homeShare(Standing standing) {
        Optional<Double> asked =
                now(standing.course().resolved().followUp().home(), standing).map(Frequency::perWeek);
        Optional<Reading> done = standing.course().measures().stream()
                .filter(measure -> measure.id().equals(HOME_SESSIONS))
                .findFirst()
                .flatMap((Measure measure) -> Corridors.latest(measure, standing))
                .filter(reading -> !reading.date().isBefore(standing.date().minusDays(HOME_VALID_DAYS)));
        if (asked.isEmpty() || done.isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Math.min(100, done.get().amount().value() / asked.get() * 100));
    }
}
