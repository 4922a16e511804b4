package waypost.core.home;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.WorkingDose;

/**
 * One exercise of a program for home.
 *
 * @param begun the dose of its first day
 * @param days weekdays on which it is done; none for every day
 * @param growth by which the dose grows; empty while it stays
 * @param words the therapist's own to the patient, at most 200 characters
 */
public record HomeLine(
        RoleKey role,
        WorkingDose begun,
        Rhythm rhythm,
        Set<DayOfWeek> days,
        Optional<HomeGrowth> growth,
        String words) {

    private static final int LONGEST_WORDS = 200;

    public HomeLine {
        days = Set.copyOf(days);
        if (words.length() > LONGEST_WORDS) {
            throw new IllegalArgumentException(
                    "words: found " + words.length() + " characters, allowed: " + LONGEST_WORDS + " at most");
        }
    }

    boolean isOn(LocalDate day) {
        return days.isEmpty() || days.contains(day.getDayOfWeek());
    }

    /** The dose of a day, of a program that began on {@code from}. */
    public WorkingDose doseOn(LocalDate day, LocalDate from) {
        SetAim aim = begun.aim();
        int more = growth.map(each -> each.onTop(aim.most(), from, day)).orElse(0);
        SetAim grown = new SetAim(
                aim.least() + more, aim.most() + more, aim.counted(), aim.holdSeconds(), aim.each(), aim.remark());
        return new WorkingDose(begun.sets(), grown, begun.load(), begun.setUp());
    }
}
