package waypost.core.block;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import waypost.core.prescription.Week;

/**
 * Lays an exercise out over a week as often as its dose says: strength on days for strength where there are enough of them,
 * else days that lie far apart; what works a tissue hard never on days that follow each other (common practice, no source).
 */
record Spread(Week week) {

    private static final List<Set<DayOfWeek>> APART = List.of(
            EnumSet.of(DayOfWeek.MONDAY),
            EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY),
            EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY),
            EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY),
            EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.FRIDAY, DayOfWeek.SATURDAY),
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY),
            EnumSet.allOf(DayOfWeek.class));

    /** More than three days of a week can't all have a day between. */
    private static final int MOST_HARD = 3;

    /**
     * The days of an exercise.
     *
     * @param times how often a week, 1 to 7
     */
    Set<DayOfWeek> days(int times, boolean isStrength, boolean isHard) {
        int wanted = isHard ? Math.min(times, MOST_HARD) : times;
        List<DayOfWeek> strength = isStrength ? strength() : List.of();
        if (strength.size() == wanted && !(isHard && follow(strength))) {
            return EnumSet.copyOf(strength);
        }
        return APART.get(wanted - 1);
    }

    private List<DayOfWeek> strength() {
        return week.kinds().isEmpty()
                ? List.of()
                : Stream.of(DayOfWeek.values())
                        .filter(day -> week.kinds().get(day.ordinal()).isStrength())
                        .toList();
    }

    /** Whether any two follow each other, from one week to the next too. */
    private static boolean follow(List<DayOfWeek> days) {
        return days.stream().anyMatch(day -> days.contains(day.plus(1)));
    }
}
