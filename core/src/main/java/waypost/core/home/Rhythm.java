package waypost.core.home;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** How often on a day. */
public sealed interface Rhythm {

    /**
     * When it is due on a day, by the clock of the patient's place; on a day on which that clock is put forward or back
     * as far apart as on any other.
     */
    List<ZonedDateTime> due(LocalDate day, Waking waking, ZoneId zone);

    /** How many boxes there are to tick on a usual day. */
    int slots(Waking waking);

    <R> R accept(Visitor<R> visitor);

    /**
     * So many times, spread over the waking hours.
     *
     * @param aDay 1 to 12
     */
    record Times(int aDay) implements Rhythm {

        private static final int MOST = 12;
        private static final int MINUTES_OF_A_SLOT = 30;

        public Times {
            if (aDay < 1 || aDay > MOST) {
                throw new IllegalArgumentException("times a day: found " + aDay + ", allowed: 1 to " + MOST);
            }
        }

        /** In the middle of equal parts of the day, on the half hour before. */
        @Override
        public List<ZonedDateTime> due(LocalDate day, Waking waking, ZoneId zone) {
            ZonedDateTime begins = waking.begins(day, zone);
            long minutes = Duration.between(begins, waking.ends(day, zone)).toMinutes();
            return IntStream.range(0, aDay)
                    .mapToObj(nth -> begins.plusMinutes(
                            minutes * (2L * nth + 1) / (2L * aDay) / MINUTES_OF_A_SLOT * MINUTES_OF_A_SLOT))
                    .toList();
        }

        @Override
        public int slots(Waking waking) {
            return aDay;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.times(this);
        }
    }

    /**
     * Again and again while the patient is up.
     *
     * @param everyMinutes 30 to 240
     */
    record Hourly(int everyMinutes) implements Rhythm {

        private static final int LEAST = 30;
        private static final int MOST = 240;

        public Hourly {
            if (everyMinutes < LEAST || everyMinutes > MOST) {
                throw new IllegalArgumentException(
                        "minutes between: found " + everyMinutes + ", allowed: " + LEAST + " to " + MOST);
            }
        }

        @Override
        public List<ZonedDateTime> due(LocalDate day, Waking waking, ZoneId zone) {
            ZonedDateTime ends = waking.ends(day, zone);
            return Stream.iterate(waking.begins(day, zone), ends::isAfter, due -> due.plusMinutes(everyMinutes))
                    .toList();
        }

        /** On a day without a change of the clock. */
        @Override
        public int slots(Waking waking) {
            return due(LocalDate.EPOCH, waking, ZoneOffset.UTC).size();
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.hourly(this);
        }
    }

    /** Answers once for each. */
    interface Visitor<R> {
        R times(Times rhythm);

        R hourly(Hourly rhythm);
    }
}
