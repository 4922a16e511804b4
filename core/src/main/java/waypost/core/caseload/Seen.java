package waypost.core.caseload;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import waypost.core.followup.VisitAdvice;
import waypost.core.protocol.Frequency;

/**
 * The visits of a course.
 *
 * @param last the last one that took place; empty where none has
 * @param next the next one that is booked, today or later
 * @param inTheLastFortnight how many took place in the fourteen days up to today
 * @param reported the day of the last report to the surgeon; empty before the first
 */
public record Seen(
        Optional<LocalDate> last, Optional<LocalDate> next, int inTheLastFortnight, Optional<LocalDate> reported) {

    public static final Seen NEVER = new Seen(Optional.empty(), Optional.empty(), 0, Optional.empty());

    private static final int REPORT_DAYS = 42;
    private static final int DAYS_A_WEEK = 7;
    private static final int WEEKS_OF_A_FORTNIGHT = 2;

    /** Six weeks after the operation or the report before a report is due (common practice, no source). */
    Optional<Concern> reportDue(LocalDate dayZero, LocalDate today) {
        int days = (int) ChronoUnit.DAYS.between(reported.orElse(dayZero), today);
        return days >= REPORT_DAYS ? Optional.of(new Concern.ReportDue(days, reported.isEmpty())) : Optional.empty();
    }

    /** A day or two late is no concern: the days advised and half as many more, three at least (common practice, no source). */
    Optional<Concern> tooSeldom(VisitAdvice advice, LocalDate since, LocalDate today) {
        long wanted = advice.daysToNext();
        long allowed = wanted + Math.max(3, wanted / 2);
        LocalDate from = last.filter(day -> day.isAfter(since)).orElse(since);
        LocalDate until = next.filter(day -> !day.isBefore(today)).orElse(today);
        long days = ChronoUnit.DAYS.between(from, until);
        return days > allowed
                ? Optional.of(new Concern.TooSeldom((int) ChronoUnit.DAYS.between(from, today), (int) wanted, next))
                : Optional.empty();
    }

    /** Twice as often as advised and more than three a week is (common practice, no source). */
    Optional<Concern> tooOften(VisitAdvice advice) {
        double advised = (double) DAYS_A_WEEK / advice.daysToNext() * WEEKS_OF_A_FORTNIGHT;
        double written = advice.written().map(Frequency::perWeek).orElse(0.0) * WEEKS_OF_A_FORTNIGHT;
        double wanted = Math.max(advised, written);
        return inTheLastFortnight > 2 * wanted && inTheLastFortnight > 3 * WEEKS_OF_A_FORTNIGHT / 2
                ? Optional.of(new Concern.TooOften(inTheLastFortnight, (int) Math.round(wanted)))
                : Optional.empty();
    }
}
