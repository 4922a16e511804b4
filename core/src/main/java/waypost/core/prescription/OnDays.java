package waypost.core.prescription;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;

/** On which days of a week an exercise is meant to be done. */
public sealed interface OnDays {

    /** On each. */
    OnDays EVERY = new OfKinds(Set.of());

    /** Whether it is meant on a date of a week. */
    boolean isOn(LocalDate date, Week week);

    /** Whether somebody chose days, rather than leave it to every one. */
    boolean isChosen();

    /**
     * On days of some kinds, whichever weekdays these are.
     *
     * @param kinds none for every day
     */
    record OfKinds(Set<DayKind> kinds) implements OnDays {
        public OfKinds {
            kinds = Set.copyOf(kinds);
        }

        @Override
        public boolean isOn(LocalDate date, Week week) {
            return kinds.isEmpty()
                    || week.kindOf(date)
                            .map(kind -> kinds.stream().anyMatch(kind::isOf))
                            .orElse(true);
        }

        @Override
        public boolean isChosen() {
            return !kinds.isEmpty();
        }
    }

    /** On weekdays on which it was placed, one at least, whatever these are for. */
    record Weekdays(Set<DayOfWeek> days) implements OnDays {
        public Weekdays {
            days = Set.copyOf(days);
            if (days.isEmpty()) {
                throw new IllegalArgumentException("weekdays: found none, allowed: one to seven");
            }
        }

        @Override
        public boolean isOn(LocalDate date, Week week) {
            return days.contains(date.getDayOfWeek());
        }

        @Override
        public boolean isChosen() {
            return true;
        }
    }
}
