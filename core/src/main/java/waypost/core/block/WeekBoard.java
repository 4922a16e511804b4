package waypost.core.block;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.body.Tissue;
import waypost.core.exercise.Progression;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Week;

/**
 * A week of a course as it was done and as it is meant, with what would not hold of it told before its day has come.
 *
 * @param days seven, Monday first
 * @param tallies of every exercise that is meant in the week, in the order of the plan
 * @param contacts of this week beside the one before it
 */
public record WeekBoard(List<Day> days, List<Tally> tallies, Contacts contacts) {

    public WeekBoard {
        days = List.copyOf(days);
        tallies = List.copyOf(tallies);
    }

    /** What is planned for a day: its week, and every exercise of the plan that stands then. */
    public record Planned(Week week, List<Meant> meant) {
        public Planned {
            meant = List.copyOf(meant);
        }
    }

    /** A day with what is done on it. */
    public record Day(LocalDate on, List<Slot> slots) {
        public Day {
            slots = List.copyOf(slots);
        }

        /** What stands on it of an exercise. */
        public Optional<Slot> of(RoleKey role) {
            return slots.stream().filter(slot -> slot.role().equals(role)).findFirst();
        }
    }

    /**
     * An exercise on a day.
     *
     * @param placed whether a therapist chose its days; what nobody chose gives way to rest without a word
     */
    public record Slot(RoleKey role, boolean placed, DaySays says) {}

    /**
     * On how many days of the week an exercise comes to be done.
     *
     * @param wanted as its dose says; empty for every day
     */
    public record Tally(RoleKey role, int days, OptionalInt wanted) {

        /** More often than the dose says. */
        public boolean isTooOften() {
            return wanted.isPresent() && days > wanted.getAsInt();
        }

        /** Less often than the dose says. */
        public boolean isTooSeldom() {
            return days < wanted.orElse(Week.DAYS);
        }
    }

    /**
     * How often a foot meets the ground hard, over all exercises.
     *
     * @param before in the week before, as done and as meant
     */
    public record Contacts(int before, int meant) {

        private static final int WHOLE = 100;

        /** The share by which contacts rise in a week above the one before it; empty where that had none. */
        public OptionalInt most() {
            return before == 0
                    ? OptionalInt.empty()
                    : OptionalInt.of(before * (WHOLE + Progression.CONTACTS.usual()) / WHOLE);
        }

        public boolean isTooMany() {
            return meant > most().orElse(Integer.MAX_VALUE);
        }
    }

    /** What would not hold: exercises whose days a therapist chose, on days on which they are closed or rest. */
    public List<Slot> broken(Day day) {
        return day.slots().stream()
                .filter(slot -> slot.placed() && slot.says().isBroken())
                .toList();
    }

    /** Of two weeks that follow each other the later one. */
    static WeekBoard of(List<Day> before, List<Day> week, WeekDoses doses) {
        Map<RoleKey, Integer> times = new HashMap<>();
        List<RoleKey> order = new ArrayList<>();
        for (Day day : week) {
            for (Slot slot : day.slots()) {
                if (!order.contains(slot.role())) {
                    order.add(slot.role());
                }
                times.merge(slot.role(), slot.says().isWorked() ? 1 : 0, Integer::sum);
            }
        }
        List<Tally> tallies = order.stream()
                .map(role -> new Tally(role, times.getOrDefault(role, 0), doses.daysAWeek(role)))
                .toList();
        return new WeekBoard(week, tallies, new Contacts(contacts(before, doses), contacts(week, doses)));
    }

    private static int contacts(List<Day> days, WeekDoses doses) {
        return days.stream()
                .flatMap(day -> day.slots().stream())
                .mapToInt(slot -> slot.says().contacts(slot.role(), doses))
                .sum();
    }

    /** The tissues that a day works hard, each by which exercise. */
    static Map<Tissue, RoleKey> hard(Day day, WeekDoses doses) {
        Map<Tissue, RoleKey> hard = new HashMap<>();
        for (Slot slot : day.slots()) {
            Set<Tissue> worked = slot.says().isWorked() ? doses.hard(slot.role()) : Set.of();
            worked.forEach(tissue -> hard.putIfAbsent(tissue, slot.role()));
        }
        return hard;
    }
}
