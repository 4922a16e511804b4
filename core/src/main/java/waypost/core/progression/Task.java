package waypost.core.progression;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import waypost.core.demand.Load;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.SetDone;

/**
 * One exercise that is to be dosed: its usual dose, what was done of it, and the day.
 *
 * @param bouts before today, oldest first; at least one
 * @param today the day of the next bout
 */
public record Task(Prescription usual, List<Bout> bouts, PainLimit pain, LocalDate today) {

    public Task {
        bouts = List.copyOf(bouts);
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

    private Optional<Ground> pained(Bout bout) {
        Optional<Response> response = bout.response();
        return over(Optional.of(bout.worstPain()), Ground.PainOver.When.IN_A_SET)
                .or(() -> over(response.flatMap(Response::after), Ground.PainOver.When.AFTERWARDS))
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
            if (!isClean(bout, amount) || !bout.load().equals(last().load())) {
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
            if (level.applyAsInt(bout) != level.applyAsInt(last())
                    || !bout.load().equals(last().load())) {
                break;
            }
            first = bout.on();
        }
        return (int) ChronoUnit.DAYS.between(first, today);
    }

    /** The dose as it is now: the usual one at the last load. */
    Prescription now() {
        return load().map(usual::with).orElse(usual);
    }

    Step step(Way way, Prescription dose, Ground why) {
        return new Step(way, dose, why, today);
    }

    /** One load lighter, or the rung before where there is nothing lighter. */
    Step lighter(Ground why) {
        return load().flatMap(LoadStep::down)
                .map(load -> step(Way.DOWN, now().with(load), why))
                .orElseGet(() -> step(Way.RUNG_BEFORE, now(), why));
    }

    /** One load heavier, or the next rung where nothing is held. */
    Step heavier(Ground why) {
        return load().flatMap(LoadStep::up)
                .map(load -> step(Way.UP, now().with(load), why))
                .orElseGet(() -> step(Way.NEXT_RUNG, now(), why));
    }
}
