package waypost.core.progression;

import java.time.LocalDate;
import java.util.Optional;
import waypost.core.log.Bout;

/**
 * Contacts rise by at most a tenth a week; a flare takes a fifth off the session. In the seven days up to the next bout
 * never more than a tenth above the seven days before them (common practice, no source).
 *
 * @param risePercent a week at most
 */
record ContactsByWeek(int risePercent) implements ProgressionRule {

    private static final int FLARE_PERCENT = 20;
    private static final int DAYS = 7;

    @Override
    public Step next(Task task) {
        int sets = task.usual().sets();
        int session = task.last().total();
        Optional<Ground> pained = task.pained();
        if (pained.isPresent()) {
            return capped(task, Way.DOWN, session * (100 - FLARE_PERCENT) / 100 / sets, pained.get());
        }
        Optional<Ground> stay = WithinRange.stay(task);
        int days = task.daysOnLevel(Bout::total);
        Ground week = new Ground.DaysOnLevel(days, DAYS);
        int risen = session * (100 + risePercent) / 100 / sets;
        return stay.isPresent() || days < DAYS || risen * sets <= session
                ? capped(task, Way.SAME, session / sets, stay.orElse(week))
                : capped(task, Way.UP, risen, week);
    }

    /** What another rule says, within the same share of the week. */
    static ProgressionRule over(ProgressionRule other, int risePercent) {
        return task -> {
            Step step = other.next(task);
            return new ContactsByWeek(risePercent)
                    .capped(task, step.way(), step.dose().aim().most(), step.why());
        };
    }

    /** Never over the week's share; where less than half a session is left of it, a rest until the days have moved on. */
    Step capped(Task task, Way way, int amount, Ground why) {
        int sets = task.usual().sets();
        LocalDate today = task.today();
        int before = total(task, today.minusDays(2L * DAYS - 1), today.minusDays(DAYS));
        int thisWeek = total(task, today.minusDays(DAYS - 1), today.minusDays(1));
        int allowed = before * (100 + risePercent) / 100;
        int left = Math.max(0, allowed - thisWeek) / sets;
        if (before == 0 || left >= amount) {
            return task.step(way, task.now().at(Math.max(1, amount)), why);
        }
        Ground share = new Ground.WeeksShare(before, allowed);
        return left * 2 >= amount
                ? task.step(Way.DOWN, task.now().at(left), share)
                : new Step(Way.REST, task.now().at(Math.max(1, amount)), share, today.plusDays(1));
    }

    private static int total(Task task, LocalDate from, LocalDate to) {
        return task.ever().stream()
                .filter(bout -> !bout.on().isBefore(from) && !bout.on().isAfter(to))
                .mapToInt(Bout::total)
                .sum();
    }
}
