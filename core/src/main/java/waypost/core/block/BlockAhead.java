package waypost.core.block;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;

/**
 * What may be planned in a block: each role that opens in its weeks, with the first day for which it is meant. The day
 * itself has the last word: the gate judges once more when it has come.
 */
public final class BlockAhead {

    private final Map<RoleKey, FirstDay> first;
    private final Optional<Standing> begins;

    private BlockAhead(Map<RoleKey, FirstDay> first, Optional<Standing> begins) {
        this.first = first;
        this.begins = begins;
    }

    /**
     * A block looked at from {@code today}. What time alone opens in it goes before what opens if all goes to plan, even
     * where the plan would open it sooner.
     */
    public static BlockAhead of(Course course, LocalDate today, BlockSpan span) {
        Map<RoleKey, FirstDay> first = new HashMap<>(opening(course, today, span, Outlook.TO_PLAN));
        first.putAll(opening(course, today, span, Outlook.TIME_ONLY));
        return new BlockAhead(first, span.firstFrom(today).map(day -> course.on(day, today, Outlook.TIME_ONLY)));
    }

    private static Map<RoleKey, FirstDay> opening(Course course, LocalDate today, BlockSpan span, Outlook outlook) {
        Map<RoleKey, FirstDay> first = new HashMap<>();
        for (LocalDate day : daysOfChange(course, today, span)) {
            for (Verdict verdict : course.on(day, today, outlook).verdicts()) {
                if (verdict.kind().isOpen()) {
                    first.putIfAbsent(verdict.role(), new FirstDay(day, outlook, verdict, Optional.empty()));
                } else {
                    first.computeIfPresent(verdict.role(), (role, open) -> open.closing(day));
                }
            }
        }
        return first;
    }

    /** The first day of the block that is not past, and the later ones on which any verdict may change. */
    private static SortedSet<LocalDate> daysOfChange(Course course, LocalDate today, BlockSpan span) {
        SortedSet<LocalDate> days = new TreeSet<>();
        span.firstFrom(today).ifPresent(from -> {
            days.add(from);
            days.addAll(course.timeline());
            course.daysOfChange()
                    .forEach(day -> days.add(day.dateFrom(course.resolved().dayZero())));
            days.removeIf(day -> day.isBefore(from) || !span.contains(day));
        });
        return days;
    }

    /** The day for which a role is meant; empty where nothing opens it in the block. */
    public Optional<FirstDay> of(RoleKey role) {
        return Optional.ofNullable(first.get(role));
    }

    /** What the gate says of a role on the first day of the block that is not past; empty where all of it is. */
    public Optional<Verdict> atBegin(RoleKey role) {
        return begins.map(standing -> standing.verdict(role));
    }
}
