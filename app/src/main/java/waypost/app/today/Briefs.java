package waypost.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;
import waypost.app.appointment.AppointmentRow;
import waypost.app.appointment.Appointments;
import waypost.app.course.CourseHead;
import waypost.app.course.CourseHeads;
import waypost.app.rack.Sign;
import waypost.app.rack.Signs;
import waypost.app.store.LoadedCourse;
import waypost.core.compare.Difference;
import waypost.core.compare.Turned;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.milestone.Milestone;
import waypost.library.words.BlockWords;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.SignWords;

/** Writes the brief of a visit. */
@Component
class Briefs {

    private static final Set<String> ALARMS = Set.of("hold", "overdue", "behind");
    private static final int PRECAUTIONS = 6;
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final CourseHeads heads;

    Briefs(CourseHeads heads) {
        this.heads = heads;
    }

    Brief brief(AppointmentRow appointment, LoadedCourse course, LocalDate day) {
        Standing standing = course.on(day);
        MilestoneWords words = new MilestoneWords(new Dates(course.row().dayZero()));
        Optional<Difference> since =
                appointment.lastVisit().map(visit -> Difference.between(course.on(visit), standing));
        List<CourseHead.Strip> strip = heads.head(course, standing, day).strip();
        return new Brief(
                course.row().id(),
                appointment.id(),
                appointment.version(),
                CLOCK.format(appointment.startsAt()),
                Appointments.said(appointment.state()),
                course.row().patientName(),
                CourseHeads.operation(course),
                new BlockWords(words).say(standing),
                standing.phase().title()
                        + standing.next().map(next -> gate(next, words.dates())).orElse(" · the last phase"),
                blocking(standing, words),
                appointment.lastVisit().map(SignWords::date).orElse(""),
                since.map(difference -> signs(difference, Turned.Way.OPENS)).orElse(List.of()),
                since.map(difference -> signs(difference, Turned.Way.CLOSES)).orElse(List.of()),
                strip.stream().filter(cell -> ALARMS.contains(cell.kind())).toList(),
                strip.stream()
                        .filter(cell -> !ALARMS.contains(cell.kind()))
                        .limit(PRECAUTIONS)
                        .toList(),
                moves(appointment));
    }

    private static List<Brief.Move> moves(AppointmentRow appointment) {
        return appointment.state().next().stream()
                .sorted()
                .map(state -> new Brief.Move(state.name(), Appointments.said(state)))
                .toList();
    }

    private static List<String> blocking(Standing standing, MilestoneWords words) {
        return standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .filter(milestone -> !milestone.isMet())
                .map(milestone -> blocks(milestone, words))
                .toList();
    }

    private static String gate(NextPhase next, Dates dates) {
        return " · " + next.met() + " of " + next.milestones().size() + " milestones · "
                + next.phase().title()
                + (next.timeReached() ? ": time is reached" : " not before " + dates.say(next.earliest()));
    }

    private static String blocks(Milestone milestone, MilestoneWords words) {
        return milestone.criterion().title() + ": " + words.say(milestone);
    }

    private static List<Sign> signs(Difference difference, Turned.Way way) {
        Signs signs = new Signs(difference.after());
        return difference.turned(way).stream()
                .filter(turned -> difference.after().course().speaksOf(signs.activity(turned.role())))
                .map(turned -> signs.of(turned.after()))
                .toList();
    }
}
