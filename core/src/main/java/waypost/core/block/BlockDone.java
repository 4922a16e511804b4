package waypost.core.block;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.log.Bout;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Week;

/**
 * What was really done of one exercise in a block.
 *
 * @param daysMeant days of the block on which anything was worked and this was meant to be
 * @param setsMeant what its dose asks on those days
 * @param bouts what was done, by day, oldest first
 */
public record BlockDone(Meant meant, int daysMeant, int setsMeant, List<Bout> bouts) {

    private static final int WHOLE = 100;

    public BlockDone {
        bouts = List.copyOf(bouts);
    }

    /**
     * What is meant of an exercise.
     *
     * @param days the kinds of days that it is meant for; none for every day
     * @param sets what its dose asks of a day
     */
    public record Asked(Meant meant, Set<DayKind> days, int sets) {
        public Asked {
            days = Set.copyOf(days);
        }

        private boolean isMeantOn(LocalDate date, Week week) {
            return meant.isMeantOn(date) && week.daysOf(meant.role(), days).isOn(date, week);
        }
    }

    /** What was done of it in the weeks of a block, as far as they are past. */
    public static BlockDone of(Asked asked, WorkLog work, BlockSpan span, Week week) {
        int daysMeant = (int) work.sessions().stream()
                .map(session -> session.on())
                .filter(day -> span.contains(day) && asked.isMeantOn(day, week))
                .count();
        List<Bout> bouts = work.bouts(asked.meant().role()).stream()
                .filter(bout -> span.contains(bout.on()))
                .toList();
        return new BlockDone(asked.meant(), daysMeant, daysMeant * asked.sets(), bouts);
    }

    public int setsDone() {
        return bouts.stream().mapToInt(bout -> bout.sets().size()).sum();
    }

    /** The share of the sets meant that was done, 0 to 100; empty where none was meant. */
    public OptionalInt percent() {
        return setsMeant == 0 ? OptionalInt.empty() : OptionalInt.of(Math.min(WHOLE, setsDone() * WHOLE / setsMeant));
    }

    public Optional<Bout> first() {
        return bouts.stream().findFirst();
    }

    public Optional<Bout> last() {
        return bouts.isEmpty() ? Optional.empty() : Optional.of(bouts.get(bouts.size() - 1));
    }

    /** The most pain in any of its sets. */
    public OptionalInt worstPain() {
        return bouts.stream().mapToInt(Bout::worstPain).max();
    }
}
