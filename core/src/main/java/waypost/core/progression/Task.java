package waypost.core.progression;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import waypost.core.demand.Load;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.prescription.LoadStep;
import waypost.core.prescription.WorkingDose;

/**
 * One exercise that is to be dosed: its usual dose, what was done of it, and the day.
 *
 * @param setUps the ways in which it can be set up
 * @param bouts before today that count for the rule, oldest first; at least one
 * @param ever all of them: what adds up over a week does not begin anew with a dose
 * @param today the day of the next bout
 */
public record Task(
        WorkingDose usual, Arrangements setUps, List<Bout> bouts, List<Bout> ever, PainLimit pain, LocalDate today) {

    /** Where everything that was done counts for the rule. */
    public Task(WorkingDose usual, Arrangements setUps, List<Bout> bouts, PainLimit pain, LocalDate today) {
        this(usual, setUps, bouts, bouts, pain, today);
    }

    /** Of an exercise that is set up in one way only. */
    public Task(WorkingDose usual, List<Bout> bouts, PainLimit pain, LocalDate today) {
        this(usual, Arrangements.NONE, bouts, pain, today);
    }

    /** The same where another dose is asked. */
    Task asking(WorkingDose other) {
        return new Task(other, setUps, bouts, ever, pain, today);
    }

    public Task {
        bouts = List.copyOf(bouts);
        ever = List.copyOf(ever);
        if (bouts.isEmpty()) {
            throw new IllegalArgumentException("a task: found no bout, allowed: at least one");
        }
    }

    public Bout last() {
        return bouts.get(bouts.size() - 1);
    }

    /** What was held last, or what is usually held. */
    Optional<Load> load() {
        return last().load().or(usual::load);
    }

    /** What broke the pain rule last time: in a set, afterwards, or the next morning. */
    Optional<Ground> pained() {
        return pained(last());
    }

    /** What broke the pain rule last time, or that form was lost. */
    Optional<Ground> painedOrLost() {
        return pained().or(() ->
                last().worstForm() == SetDone.Form.LOST ? Optional.of(new Ground.FormNotGood(true)) : Optional.empty());
    }

    private Optional<Ground> pained(Bout bout) {
        return over(Optional.of(bout.worstPain()), Ground.PainOver.When.IN_A_SET)
                .or(() -> answered(bout));
    }

    /** What was over the rule after the last time: afterwards, or the next morning. */
    Optional<Ground> answered() {
        return answered(last());
    }

    private Optional<Ground> answered(Bout bout) {
        Optional<Response> response = bout.response();
        return over(response.flatMap(Response::after), Ground.PainOver.When.AFTERWARDS)
                .or(() -> response.filter(Response::flared).map(Ground.Flared::new))
                .or(() -> over(response.flatMap(Response::nextMorning), Ground.PainOver.When.NEXT_MORNING));
    }

    private Optional<Ground> over(Optional<Integer> found, Ground.PainOver.When when) {
        return found.filter(pain::isBrokenBy).map(felt -> new Ground.PainOver(felt, pain.most(), when));
    }

    /** Whether a bout was done as asked: every set, so much in each, in good form, within the pain rule ever after. */
    boolean isClean(Bout bout, int amount) {
        return bout.sets().size() >= usual.sets()
                && bout.leastAmount() >= amount
                && bout.worstForm() == SetDone.Form.GOOD
                && pained(bout).isEmpty();
    }

    /** How many of the last bouts running were clean at this amount and at what is held now. */
    int cleanRunning(int amount) {
        int running = 0;
        for (int nth = bouts.size() - 1; nth >= 0; nth--) {
            Bout bout = bouts.get(nth);
            if (!isClean(bout, amount) || !isAlike(bout)) {
                return running;
            }
            running++;
        }
        return running;
    }

    /** Days from the first of the last bouts running that were alike in this, to today. */
    int daysOnLevel(ToIntFunction<Bout> level) {
        LocalDate first = last().on();
        for (int nth = bouts.size() - 1; nth >= 0; nth--) {
            Bout bout = bouts.get(nth);
            if (level.applyAsInt(bout) != level.applyAsInt(last()) || !isAlike(bout)) {
                break;
            }
            first = bout.on();
        }
        return (int) ChronoUnit.DAYS.between(first, today);
    }

    /** Whether it was done with what was held last, set up as it was last. */
    private boolean isAlike(Bout bout) {
        return bout.load().equals(last().load())
                && setUps.complete(bout.setUp()).equals(setUps.complete(last().setUp()));
    }

    /** The dose as it is now: the usual one at the last load, set up as it was last. */
    WorkingDose now() {
        WorkingDose so = usual.in(setUps.complete(last().setUp()));
        return load().map(so::with).orElse(so);
    }

    Step step(Way way, WorkingDose dose, Ground why) {
        return new Step(way, dose, why, today);
    }

    /** One load lighter, or set up one choice easier where nothing is held; the rung before where there is neither. */
    Step lighter(Ground why) {
        return lighter(now(), setUps)
                .map(less -> step(Way.DOWN, less, why))
                .orElseGet(() -> step(Way.RUNG_BEFORE, now(), why));
    }

    /** One load heavier, or set up one choice harder where nothing is held; the next rung where there is neither. */
    Step heavier(Ground why) {
        return beside(now(), LoadStep::up, setUps::harder)
                .map(more -> step(Way.UP, more, why))
                .orElseGet(() -> step(Way.NEXT_RUNG, now(), why));
    }

    /** A dose one load lighter, or set up one choice easier where nothing is held; empty where there is neither. */
    static Optional<WorkingDose> lighter(WorkingDose now, Arrangements setUps) {
        return beside(now, LoadStep::down, setUps::easier);
    }

    private static Optional<WorkingDose> beside(
            WorkingDose now, Function<Load, Optional<Load>> load, Function<Arrangement, Optional<Arrangement>> setUp) {
        return now.load().isPresent()
                ? now.load().flatMap(load).map(now::with)
                : setUp.apply(now.setUp()).map(now::in);
    }
}
