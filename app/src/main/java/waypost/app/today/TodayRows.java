package waypost.app.today;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import waypost.app.account.Staff;
import waypost.app.appointment.AppointmentRow;
import waypost.app.audit.ReadLog;
import waypost.app.course.CourseHeads;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.compare.Difference;
import waypost.core.compare.Turned;
import waypost.core.course.DutyStatus;
import waypost.core.course.NextPhase;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.followup.Behind;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.measure.Measure;
import waypost.core.milestone.Milestone;
import waypost.core.time.CourseDay;
import waypost.library.words.Dates;
import waypost.library.words.PrecautionWords;
import waypost.library.words.Words;

/** Writes today's list. */
@Component
class TodayRows {

    private static final Logger LOG = LoggerFactory.getLogger(TodayRows.class);
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");
    private static final int NUMBERS_IN_SIGHT = 2;
    private static final int DUE_IN_SIGHT = 2;

    private final CourseLoader loader;
    private final ReadLog readLog;
    private final Entries entries;
    private final OpenVisits openVisits;

    TodayRows(CourseLoader loader, ReadLog readLog, Entries entries, OpenVisits openVisits) {
        this.loader = loader;
        this.readLog = readLog;
        this.entries = entries;
        this.openVisits = openVisits;
    }

    /** The courses that come on a day, with the same few queries for one as for a hundred. */
    Map<UUID, LoadedCourse> courses(Staff staff, List<AppointmentRow> appointments) {
        return loader.loadAll(
                staff.clinicId(),
                appointments.stream().map(AppointmentRow::courseId).distinct().toList());
    }

    /** Logs that somebody looked at the list. */
    void seen(Staff staff, Map<UUID, LoadedCourse> courses) {
        readLog.sawAll(staff, courses.keySet(), ReadLog.TODAY);
    }

    /** The rows of a day as one person sees them. */
    List<TodayRow> rows(
            Staff staff, List<AppointmentRow> appointments, Map<UUID, LoadedCourse> courses, LocalDate day) {
        Map<UUID, Instant> looks = readLog.lastLooks(staff, courses.keySet());
        Map<UUID, Integer> counts = entries.sinceLastLook(staff, courses.keySet());
        Map<UUID, List<TodayRow.Mind>> open = openVisits.of(courses.keySet(), day);
        List<TodayRow> rows = new ArrayList<>();
        List<AppointmentRow> unreadable = new ArrayList<>();
        for (AppointmentRow appointment : appointments) {
            UUID id = appointment.courseId();
            LoadedCourse course = courses.get(id);
            if (course == null) {
                unreadable.add(appointment);
                continue;
            }
            try {
                Standing standing = course.on(day);
                Optional<LocalDate> looked = Optional.ofNullable(looks.get(id))
                        .map(at -> at.atZone(staff.clinicZone()).toLocalDate());
                String news = news(course, standing, looked, counts.getOrDefault(id, 0));
                rows.add(row(appointment, course, standing, news, open.getOrDefault(id, List.of())));
            } catch (RuntimeException odd) {
                LOG.error("today's row of course {} can't be made: {}", id, odd.getClass());
                unreadable.add(appointment);
            }
        }
        rows.addAll(unreadable(staff, unreadable));
        rows.sort(Comparator.comparing(TodayRow::time));
        return rows;
    }

    /** Rows that stand alone: who it is and that the course can't be read. */
    private List<TodayRow> unreadable(Staff staff, List<AppointmentRow> appointments) {
        Map<UUID, String> names = loader.patientNames(
                staff.clinicId(),
                appointments.stream().map(AppointmentRow::courseId).distinct().toList());
        return appointments.stream()
                .flatMap(appointment -> Optional.ofNullable(names.get(appointment.courseId()))
                        .map(name -> TodayRow.unreadable(appointment, CLOCK.format(appointment.startsAt()), name))
                        .stream())
                .toList();
    }

    private static TodayRow row(
            AppointmentRow appointment, LoadedCourse course, Standing standing, String news, List<TodayRow.Mind> open) {
        return new TodayRow(
                appointment.id(),
                CLOCK.format(appointment.startsAt()),
                appointment.state(),
                appointment.walkIn(),
                appointment.courseId(),
                course.row().patientName(),
                CourseHeads.operation(course),
                Integer.toString(standing.day().number()),
                counted(standing.day()),
                TodayRow.SmallWay.of(course, standing),
                precautions(standing),
                standing.next().map(next -> gate(next, standing)).orElse("last phase"),
                opened(appointment, course, standing),
                news,
                due(standing),
                Stream.concat(minds(course, standing).stream(), open.stream()).toList());
    }

    private static String counted(CourseDay day) {
        return Dates.bothCountingsShort(day).split(" · ", 2)[0];
    }

    /** The numbers of motions and weight bearing, and how many things are barred. */
    private static List<TodayRow.MiniSign> precautions(Standing standing) {
        List<Precaution<?>> all = standing.strictestPrecautions();
        List<TodayRow.MiniSign> signs = new ArrayList<>();
        for (Precaution<?> precaution : all) {
            Limit<?> limit = precaution.limit().limit();
            Allowed<?> allowed = precaution.step().value();
            if (signs.size() < NUMBERS_IN_SIGHT
                    && isNumber(limit)
                    && allowed.most().isPresent()) {
                signs.add(new TodayRow.MiniSign(
                        "open-with-limit",
                        PrecautionWords.brief(limit, allowed),
                        limit.head().title()));
            }
        }
        List<String> barred = all.stream()
                .filter(precaution -> precaution.step().value() instanceof Allowed.Nothing<?>)
                .map(precaution -> precaution.limit().limit().head().title())
                .toList();
        if (!barred.isEmpty()) {
            signs.add(new TodayRow.MiniSign("barred", Integer.toString(barred.size()), String.join("; ", barred)));
        }
        return signs;
    }

    private static boolean isNumber(Limit<?> limit) {
        return limit instanceof MotionLimit
                || limit instanceof AmountLimit<?> amount && amount.quantity() instanceof LimbQuantity.Share;
    }

    private static String gate(NextPhase next, Standing standing) {
        int days = next.earliest().number() - standing.day().number();
        return next.met() + "/" + next.milestones().size() + " · "
                + (days > 0 ? "in " + days + " d" : -days + " d ago");
    }

    private static String opened(AppointmentRow appointment, LoadedCourse course, Standing standing) {
        return appointment
                .lastVisit()
                .map(before -> changed(course, standing, before, "none opened"))
                .orElse("first visit");
    }

    private static String news(LoadedCourse course, Standing standing, Optional<LocalDate> looked, int entries) {
        return looked.map(day -> news(course, standing, day, entries)).orElse("all of it new to you");
    }

    /** What time and what others did since a day. */
    private static String news(LoadedCourse course, Standing standing, LocalDate looked, int entries) {
        List<String> news = new ArrayList<>();
        if (looked.isBefore(standing.date())) {
            String changed = changed(course, standing, looked, "");
            if (!changed.isEmpty()) {
                news.add(changed);
            }
        }
        if (entries > 0) {
            news.add(entries == 1 ? "1 entry" : entries + " entries");
        }
        return news.isEmpty() ? "nothing new to you" : "new to you: " + String.join(", ", news);
    }

    private static String changed(LoadedCourse course, Standing standing, LocalDate since, String none) {
        List<Turned> turned = Difference.turned(course.on(since), standing);
        long opened =
                turned.stream().filter(role -> role.way() == Turned.Way.OPENS).count();
        long closed =
                turned.stream().filter(role -> role.way() == Turned.Way.CLOSES).count();
        String counted = Stream.of(opened > 0 ? opened + " opened" : "", closed > 0 ? closed + " closed" : "")
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining(", "));
        return counted.isEmpty() ? none : counted;
    }

    private static String due(Standing standing) {
        List<Milestone> needed = standing.next().map(NextPhase::milestones).orElse(List.of());
        String due = needed.stream()
                .filter(m -> m.state().wantsReading())
                .flatMap(TodayRows::toMeasure)
                .distinct()
                .limit(DUE_IN_SIGHT)
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
        standing.stops().stream()
                .filter(hold -> !standing.facts().holds().contains(hold))
                .forEach(hold -> minds.add(new TodayRow.Mind("hold", "all work on hold: " + hold.why())));
        Stream.concat(
                        Stream.of(standing.facts()),
                        standing.gate().others().stream().map(other -> other.facts()))
                .flatMap(facts -> facts.unlooked().stream())
                .forEach(event -> minds.add(new TodayRow.Mind(
                        "hold", Words.plainName(event.clock()) + " not looked after: " + event.words())));
        standing.duties().stream()
                .filter(DutyStatus::overdue)
                .forEach(d -> minds.add(new TodayRow.Mind("overdue", "overdue: " + d.title())));
        BehindMind behind = new BehindMind();
        Behind.of(standing).forEach(one -> one.accept(behind).ifPresent(minds::add));
        course.course()
                .resolved()
                .unanswered()
                .forEach(q -> minds.add(new TodayRow.Mind("ask", Words.plainName(q.id()) + " not stated")));
        standing.next()
                .filter(NextPhase::ready)
                .ifPresent(next -> minds.add(
                        new TodayRow.Mind("ready", "ready for " + next.phase().title())));
        return minds;
    }
}
