package waypost.app.patientpage;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;
import waypost.app.appointment.Appointments;
import waypost.app.home.HomePrograms;
import waypost.app.home.WrittenProgram;
import waypost.app.store.CourseLoader;
import waypost.core.course.Course;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeProgram;
import waypost.core.log.WorkLog;
import waypost.library.plain.PlainText;

/**
 * A patient's visits and times at home as iCalendar (RFC 5545). Every moment stands in universal time, so that a change of
 * the clock moves none; no event says more than that there is one.
 */
@Component
class PatientCalendar {

    private static final Duration AT_HOME = Duration.ofMinutes(15);
    private static final Duration VISIT = Duration.ofMinutes(45);

    private final CourseLoader loader;
    private final HomePrograms programs;
    private final Appointments appointments;
    private final HomeLinks links;

    PatientCalendar(CourseLoader loader, HomePrograms programs, Appointments appointments, HomeLinks links) {
        this.loader = loader;
        this.programs = programs;
        this.appointments = appointments;
        this.links = links;
    }

    String of(HomeLinks.Whose whose) {
        LocalDate today = links.today(whose);
        Optional<WrittenProgram> written = programs.of(whose.courseId());
        PlainText text = PlainText.in(written.map(WrittenProgram::language).orElse(PlainText.LANGUAGES.get(0)));
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Waypost//At home//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Instant from = today.atStartOfDay(whose.zone()).toInstant();
        Stream<VEvent> visits = appointments.bookedFrom(whose.clinicId(), whose.courseId(), from).stream()
                .map(at -> event(whose, at, VISIT, text.say("page.calendar.visit")));
        Stream<VEvent> atHome = written.map(WrittenProgram::program).stream()
                .flatMap(program -> moments(whose, program, today).stream())
                .map(at -> event(whose, at, AT_HOME, text.say("page.calendar.home")));
        Stream.concat(visits, atHome).forEach(calendar::add);
        return calendar.toString();
    }

    /** When anything is due, each moment once; what is closed on a day is due at none. */
    private SortedSet<Instant> moments(HomeLinks.Whose whose, HomeProgram program, LocalDate today) {
        Course course = loader.load(whose.clinicId(), whose.courseId()).course();
        SortedSet<Instant> moments = new TreeSet<>();
        for (HomeDay day : new HomeDays(course, today, program, WorkLog.NONE).all()) {
            if (day.on().isBefore(today)) {
                continue;
            }
            for (HomeDay.Judged judged : day.due()) {
                judged.line().rhythm().due(day.on(), program.waking(), whose.zone()).stream()
                        .map(ZonedDateTime::toInstant)
                        .forEach(moments::add);
            }
        }
        return moments;
    }

    /** The same event has the same id whenever it is asked for, and the id says nothing. */
    private static VEvent event(HomeLinks.Whose whose, Instant at, Duration length, String says) {
        VEvent event = new VEvent(at, length, says);
        String named = whose.courseId() + " " + at + " " + length;
        event.add(new Uid(
                UUID.nameUUIDFromBytes(named.getBytes(StandardCharsets.UTF_8)).toString()));
        return event;
    }
}
