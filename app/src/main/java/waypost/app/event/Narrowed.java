package waypost.app.event;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NarrowingRow;
import waypost.app.store.NotFoundException;
import waypost.library.words.Dates;

/** A therapist narrows alone, at once, and takes it back with a reason; a narrowing never opens anything. */
@Service
public class Narrowed {

    private final NarrowingMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Narrowed(NarrowingMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /**
     * A narrowing as it was typed.
     *
     * @param what kind and subject, such as {@code BARS:squat}, {@code LIMIT:bend} or {@code MOTION:knee flexion}
     * @param allow what is still allowed; blank for a bar
     * @param until the last day; blank until it is taken back
     */
    public record Typed(
            @Nullable String narrowingId,
            @Nullable String what,
            @Nullable String allow,
            @Nullable String until,
            @Nullable String narrowWhy) {

        private NarrowingRow row(LoadedCourse course, Staff staff, LocalDate today) {
            String[] parts = text(what).split(":", 2);
            if (parts.length != 2) {
                throw new FormProblem("what", "Choose what is narrowed.");
            }
            LocalDate last = text(until).isEmpty() ? null : Entered.date("until", text(until));
            if (last != null && (last.isBefore(today) || last.isAfter(today.plusYears(2)))) {
                throw new FormProblem(
                        "until",
                        "Found " + Dates.say(last) + ", allowed: " + Dates.say(today) + " to "
                                + Dates.say(today.plusYears(2)) + ", or blank.");
            }
            return checked(
                    new NarrowingRow(
                            Entered.id("narrowingId", text(narrowingId)),
                            course.row().id(),
                            Reason.of("narrowWhy", text(narrowWhy)),
                            Entered.choice(NarrowingRow.Kind.class, "what", parts[0]),
                            parts[1],
                            text(allow),
                            today,
                            last,
                            staff.name()),
                    course);
        }

        private static String text(@Nullable String value) {
            return value == null ? "" : value.strip();
        }

        /** Refuses what its protocol and library do not have. */
        private static NarrowingRow checked(NarrowingRow row, LoadedCourse course) {
            boolean bars = row.kind() == NarrowingRow.Kind.BARS;
            if (bars && course.bundle().findActivity(row.subject()).isEmpty()) {
                throw new FormProblem("what", "Found '" + row.subject() + "', allowed: one of the choices shown.");
            }
            try {
                row.narrowing(course.protocol());
                return row;
            } catch (IllegalArgumentException unreadable) {
                throw new FormProblem("allow", String.valueOf(unreadable.getMessage()));
            }
        }
    }

    /** Keeps a narrowing; it applies at once. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, Typed typed) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        mapper.insert(typed.row(course, staff, clock.today(staff)), staff.id(), clock.now());
    }

    /** Takes a narrowing back; both rows stay. */
    @Transactional
    public void takeBack(Staff staff, UUID courseId, UUID narrowingId, String why) {
        NarrowingRow narrowing = loader.load(staff.clinicId(), courseId).narrowings().stream()
                .filter(row -> row.id().equals(narrowingId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        try {
            mapper.withdraw(UUID.randomUUID(), narrowing, Reason.of("why", why), staff.id(), clock.now());
        } catch (DuplicateKeyException takenBackMeanwhile) {
            throw new FormProblem("why", "Somebody else took it back a moment ago. Nothing was written.");
        }
    }

    @Mapper
    interface NarrowingMapper {

        @Insert("""
                insert into narrowing (id, course_id, why, kind, subject, allow, since, last_on, entered_by, entered_at)
                values (#{row.id}, #{row.courseId}, #{row.why}, #{row.kind}, #{row.subject}, #{row.allow}, #{row.since},
                        #{row.lastOn}, #{by}, #{at})
                on conflict (id) do nothing
                """)
        int insert(NarrowingRow row, UUID by, Instant at);

        @Insert("""
                insert into narrowing (id, course_id, replaces, withdrawn, why, kind, subject, allow, since, last_on,
                                       entered_by, entered_at)
                values (#{id}, #{row.courseId}, #{row.id}, true, #{why}, #{row.kind}, #{row.subject}, #{row.allow},
                        #{row.since}, #{row.lastOn}, #{by}, #{at})
                """)
        int withdraw(UUID id, NarrowingRow row, String why, UUID by, Instant at);
    }
}
