package waypost.app.event;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.EventRow;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.library.words.Dates;

/** Puts on record what happened to a limb, who looked after it, and that a course has ended. */
@Service
public class Events {

    private final EventMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Events(EventMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** An event as it was typed. */
    public record Told(String id, String what, String on, String words) {}

    /** Keeps an event: it starts its clock at once. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, Told told) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        if (!course.protocol().eventClocks().contains(told.what())) {
            throw new FormProblem(
                    "what",
                    "Found '" + told.what() + "', allowed: "
                            + String.join(", ", course.protocol().eventClocks()) + ".");
        }
        LocalDate on = Entered.date("on", told.on());
        checkDay(on, "on", course.row().dayZero(), clock.today(staff));
        mapper.insert(
                Entered.id("eventId", told.id()),
                courseId,
                told.what(),
                on,
                Reason.of("words", told.words()),
                staff.id(),
                clock.now());
    }

    /** Somebody has looked at the limb after an event, and says what was found. */
    @Transactional
    public void looked(Staff staff, UUID courseId, UUID eventId, String on, String found) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        EventRow event = event(course, eventId);
        LocalDate day = Entered.date("on", on);
        checkDay(day, "on", event.happenedOn(), clock.today(staff));
        try {
            mapper.insertLooked(eventId, day, Reason.of("found", found), staff.id(), clock.now());
        } catch (DuplicateKeyException lookedMeanwhile) {
            throw new FormProblem("found", "Somebody else looked after it a moment ago. Look at the page again.");
        }
    }

    /** Takes back an event that was entered in error; both rows stay. */
    @Transactional
    public void withdraw(Staff staff, UUID courseId, UUID eventId, String why) {
        EventRow event = event(loader.load(staff.clinicId(), courseId), eventId);
        try {
            mapper.withdraw(UUID.randomUUID(), event, Reason.of("why", why), staff.id(), clock.now());
        } catch (DuplicateKeyException withdrawnMeanwhile) {
            throw new FormProblem("why", "Somebody else took it back a moment ago. Nothing was written.");
        }
    }

    /** Ends a course: from that day it closes nothing that another course of the patient opens. */
    @Transactional
    public void end(Staff staff, UUID courseId, String on, String why) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        LocalDate day = Entered.date("endedOn", on);
        checkDay(day, "endedOn", course.row().dayZero(), clock.today(staff).plusDays(1));
        try {
            mapper.insertEnd(courseId, day, Reason.of("endWhy", why), staff.id(), clock.now());
        } catch (DuplicateKeyException endedMeanwhile) {
            throw new FormProblem("endWhy", "This course has an end already. Nothing was written.");
        }
    }

    private static EventRow event(LoadedCourse course, UUID eventId) {
        return course.events().stream()
                .filter(row -> row.id().equals(eventId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    private static void checkDay(LocalDate day, String field, LocalDate first, LocalDate last) {
        if (day.isBefore(first) || day.isAfter(last)) {
            throw new FormProblem(
                    field,
                    "Found " + Dates.say(day) + ", allowed: " + Dates.say(first) + " to " + Dates.say(last) + ".");
        }
    }

    @Mapper
    interface EventMapper {

        @Insert("""
                insert into event (id, course_id, clock, happened_on, words, entered_by, entered_at)
                values (#{id}, #{courseId}, #{what}, #{on}, #{words}, #{by}, #{at})
                on conflict (id) do nothing
                """)
        int insert(UUID id, UUID courseId, String what, LocalDate on, String words, UUID by, Instant at);

        @Insert("""
                insert into event_looked (event_id, looked_on, found, looked_by, looked_at)
                values (#{eventId}, #{on}, #{found}, #{by}, #{at})
                """)
        int insertLooked(UUID eventId, LocalDate on, String found, UUID by, Instant at);

        @Insert("""
                insert into event (id, course_id, replaces, withdrawn, why, clock, happened_on, words, entered_by,
                                   entered_at)
                values (#{id}, #{row.courseId}, #{row.id}, true, #{why}, #{row.clock}, #{row.happenedOn}, #{row.words},
                        #{by}, #{at})
                """)
        int withdraw(UUID id, EventRow row, String why, UUID by, Instant at);

        @Insert("""
                insert into course_end (course_id, ended_on, why, ended_by, ended_at)
                values (#{courseId}, #{on}, #{why}, #{by}, #{at})
                """)
        int insertEnd(UUID courseId, LocalDate on, String why, UUID by, Instant at);
    }
}
