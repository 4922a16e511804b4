package waypost.app.today;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import waypost.app.course.CourseHeads;
import waypost.app.store.LoadedCourse;
import waypost.core.course.DutyStatus;
import waypost.core.course.NextPhase;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** Writes today's list. */
@Component
class TodayRows {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int SCALE_DAYS = 280;
    private static final int SCALE_WIDTH = 200;

    List<TodayRow> rows(List<AppointmentRow> appointments, Map<UUID, LoadedCourse> courses, LocalDate day) {
        return appointments.stream()
                .flatMap(
                        a -> Optional.ofNullable(courses.get(a.courseId())).map(course -> row(a, course, day)).stream())
                .toList();
    }

    private TodayRow row(AppointmentRow appointment, LoadedCourse course, LocalDate day) {
        Standing standing = course.course().on(day, day, Outlook.TIME_ONLY);
        int number = standing.day().number();
        return new TodayRow(
                appointment.id(),
                appointment.version(),
                CLOCK.format(appointment.startsAt()),
                Appointments.said(appointment.state()) + (appointment.walkIn() ? ", walk-in" : ""),
                appointment.state().next().stream()
                        .sorted()
                        .map(s -> new TodayRow.Move(s.name(), Appointments.said(s)))
                        .toList(),
                appointment.courseId(),
                course.row().patientName(),
                CourseHeads.operation(course),
                Integer.toString(number),
                Dates.bothCountingsShort(standing.day()),
                strip(course, standing),
                opened(appointment, course, standing),
                due(standing),
                minds(course, standing));
    }

    private static TodayRow.Strip strip(LoadedCourse course, Standing standing) {
        Protocol protocol = course.protocol();
        List<TodayRow.Post> posts = new ArrayList<>();
        for (Phase phase : protocol.phases().subList(1, protocol.phases().size())) {
            int at = phase.earliest().from(course.row().dayZero()).number();
            posts.add(new TodayRow.Post(
                    x(at), protocol.hasReached(standing.phase().id(), phase.id())));
        }
        String next = standing.next().map(TodayRows::nextGate).orElse("last phase");
        return new TodayRow.Strip(
                x(standing.day().number()), posts, standing.phase().title() + " · " + next);
    }

    private static String nextGate(NextPhase next) {
        return next.met() + " of " + next.milestones().size() + " met";
    }

    private static int x(int day) {
        return Math.max(0, Math.min(SCALE_WIDTH, day * SCALE_WIDTH / SCALE_DAYS));
    }

    private static String opened(AppointmentRow appointment, LoadedCourse course, Standing standing) {
        Optional<LocalDate> before = appointment.lastVisit();
        if (before.isEmpty()) {
            return "first visit";
        }
        Standing then = course.course().on(before.get(), before.get(), Outlook.TIME_ONLY);
        int opened = standing.openedSince(then).size();
        return opened == 0 ? "none" : opened + " opened";
    }

    private static String due(Standing standing) {
        List<Milestone> needed = standing.next().map(NextPhase::milestones).orElse(List.of());
        String due = needed.stream()
                .filter(m -> m.state().wantsReading())
                .flatMap(TodayRows::toMeasure)
                .distinct()
                .limit(3)
                .collect(Collectors.joining(", "));
        return due.isEmpty() ? "–" : due;
    }

    private static Stream<String> toMeasure(Milestone milestone) {
        List<String> measures =
                milestone.criterion().measures().map(Measure::title).toList();
        return measures.isEmpty() ? Stream.of(milestone.criterion().title()) : measures.stream();
    }

    private static List<TodayRow.Mind> minds(LoadedCourse course, Standing standing) {
        List<TodayRow.Mind> minds = new ArrayList<>();
        standing.facts().holds().forEach(hold -> minds.add(new TodayRow.Mind("hold", "on hold: " + hold.why())));
        course.course()
                .resolved()
                .unanswered()
                .forEach(q -> minds.add(new TodayRow.Mind("ask", Words.plainName(q.id()) + " not stated")));
        standing.duties().stream()
                .filter(DutyStatus::overdue)
                .forEach(d -> minds.add(new TodayRow.Mind("overdue", "overdue: " + d.title())));
        standing.next()
                .filter(NextPhase::ready)
                .ifPresent(next -> minds.add(
                        new TodayRow.Mind("ready", "ready for " + next.phase().title())));
        return minds;
    }
}
