package waypost.library.words;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Bearing;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;
import waypost.core.measure.Plain;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.time.CourseDay;

/** The few characters on a sign: the number of a limit, the date of an opening, what is missing. */
public final class SignWords {

    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    private SignWords() {}

    /** The note on a verdict's sign; empty for what is simply open. */
    public static String note(Verdict verdict, Role full, Standing standing) {
        return switch (verdict.kind()) {
            case OPEN -> "";
            case OPEN_WITH_LIMIT ->
                verdict.reducedTo().map(reduced -> cut(full, reduced)).orElseGet(() -> setUp(verdict));
            case ON_HOLD -> "on hold";
            case NOT_COVERED -> "ask";
            case NOT_YET, BARRED -> later(verdict, standing);
        };
    }

    /** Only a few letters fit: that it must be set up, or that the dose begins lower. */
    private static String setUp(Verdict verdict) {
        boolean setUp = verdict.reasons().stream().anyMatch(Reason.SetUpNeeded.class::isInstance);
        return setUp ? "set-up" : "less";
    }

    private static String later(Verdict verdict, Standing standing) {
        Optional<CourseDay> opens = standing.opensByTime(verdict.role());
        if (opens.isPresent()) {
            return date(opens.get().dateFrom(standing.course().resolved().dayZero()));
        }
        for (Reason reason : verdict.reasons()) {
            if (reason instanceof NotYet.RangeUnknown) {
                return "measure range";
            }
            if (reason instanceof Reason.RangeShort range) {
                return "needs " + Terms.degrees(range.needed());
            }
            if (reason instanceof NotYet.PhaseNotSigned phase) {
                return "phase: " + phase.wanted().title();
            }
            if (reason instanceof NotYet.MilestoneNotMet) {
                return "milestone";
            }
            if (reason instanceof Reason.InOtherCourse) {
                return "other course";
            }
        }
        Optional<CourseDay> last =
                verdict.reasons().stream().flatMap(r -> r.changesOn().stream()).max(Comparator.naturalOrder());
        return last.map(day -> "until "
                        + date(day.dateFrom(standing.course().resolved().dayZero())))
                .orElse("");
    }

    /** Such as "Mon 7 Apr". */
    public static String date(LocalDate date) {
        return SHORT.format(date);
    }

    private static String cut(Role full, Role reduced) {
        List<Demand> before = full.demands();
        for (int i = 0; i < before.size(); i++) {
            Demand now = reduced.demands().get(i);
            if (!now.equals(before.get(i))) {
                return cut(before.get(i), now);
            }
        }
        return reduced.setUps().equals(full.setUps()) ? "" : "set-up";
    }

    private static String cut(Demand before, Demand now) {
        if (now instanceof Movement movement && before instanceof Movement full) {
            if (movement.arc().equals(full.arc())) {
                return Terms.loading(movement.loading());
            }
            boolean onlyAbove = movement.arc().least().equals(full.arc().least());
            return onlyAbove
                    ? "to " + Terms.degrees(movement.arc().most())
                    : Plain.number(movement.arc().most().value()) + "–"
                            + Terms.degrees(movement.arc().least());
        }
        if (now instanceof Demand.Held held) {
            return Terms.load(held.load());
        }
        return now instanceof Bearing bearing ? Plain.number(bearing.share().percent()) + " %" : "";
    }
}
