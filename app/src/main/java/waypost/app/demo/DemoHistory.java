package waypost.app.demo;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import waypost.app.account.Staff;
import waypost.app.store.CourseLoader;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Plan;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.protocol.Protocol;
import waypost.library.simulated.Healing;
import waypost.library.simulated.SimulatedPatient;

/** The last weeks' work of an invented patient, done as it was proposed on its day. */
@Component
@Profile("demo")
class DemoHistory {

    private static final int WEEKS = 4;
    private static final int DAYS_BETWEEN = 3;

    private final CourseLoader loader;
    private final HistoryMapper mapper;

    DemoHistory(CourseLoader loader, HistoryMapper mapper) {
        this.loader = loader;
        this.mapper = mapper;
    }

    /** Writes sets and check-ins of the days before today. */
    void write(Staff staff, UUID courseId, Healing healing, LocalDate today) {
        Course course = loader.load(staff.clinicId(), courseId).course();
        Protocol protocol = course.resolved().protocol();
        LocalDate first = protocol.firstPhase()
                .earliest()
                .from(course.resolved().dayZero())
                .dateFrom(course.resolved().dayZero());
        SimulatedPatient patient = new SimulatedPatient(healing, new Random(courseId.hashCode()));
        List<SetDone> sets = new ArrayList<>();
        List<Response> responses = new ArrayList<>();
        List<RoleKey> plan = new ArrayList<>();
        Optional<Response> last = Optional.empty();
        for (LocalDate day = today.minusWeeks(WEEKS); day.isBefore(today); day = day.plusDays(DAYS_BETWEEN)) {
            if (day.isAfter(first)) {
                Standing standing = course.on(day, day, Outlook.TIME_ONLY);
                WorkLog done = new WorkLog(sets, responses);
                int baseline = Math.floorMod(day.hashCode(), 3);
                checkIn(staff, courseId, day, baseline, last);
                List<SetDone> todays = worked(
                        standing, done, new DayOfWork(baseline, Optional.empty(), Optional.empty()), plan, patient);
                write(staff, courseId, todays, day);
                sets.addAll(todays);
                if (!todays.isEmpty()) {
                    last = Optional.of(patient.answers(day, baseline));
                    responses.add(last.get());
                }
            }
        }
        block(staff, courseId, plan, today);
    }

    private static List<SetDone> worked(
            Standing standing, WorkLog done, DayOfWork day, List<RoleKey> plan, SimulatedPatient patient) {
        Proposals proposals = new Proposals(standing, done, day);
        if (plan.isEmpty()) {
            plan.addAll(new Plan(standing).first());
        }
        List<SetDone> sets = new ArrayList<>();
        for (int nth = 0; nth < plan.size(); nth++) {
            Proposal proposal = proposals.of(plan.get(nth));
            if (proposal instanceof Proposal.Do toDo) {
                plan.set(nth, toDo.role());
            }
            proposal.toDo().ifPresent(toDo -> sets.addAll(patient.does(toDo, standing.date(), proposals.pain())));
        }
        return sets;
    }

    private void checkIn(Staff staff, UUID courseId, LocalDate day, int baseline, Optional<Response> last) {
        mapper.insertCheckIn(
                UUID.randomUUID(),
                courseId,
                day,
                baseline,
                last.flatMap(Response::after).orElse(null),
                last.flatMap(Response::nextMorning).orElse(null),
                last.map(Response::swollen).orElse(false) ? "MORE" : "NONE",
                staff.id(),
                at(staff, day, 0));
    }

    private void write(Staff staff, UUID courseId, List<SetDone> sets, LocalDate day) {
        for (int nth = 0; nth < sets.size(); nth++) {
            SetDone set = sets.get(nth);
            mapper.insertSet(
                    UUID.randomUUID(),
                    courseId,
                    set,
                    set.role().toString(),
                    set.load().map(load -> BigDecimal.valueOf(load.amount())).orElse(null),
                    set.load().map(load -> load.unit().name()).orElse(null),
                    set.setUp().toString(),
                    nth,
                    staff.id(),
                    at(staff, day, nth + 1));
        }
    }

    private void block(Staff staff, UUID courseId, List<RoleKey> plan, LocalDate today) {
        if (plan.isEmpty()) {
            return;
        }
        UUID block = UUID.randomUUID();
        mapper.insertBlock(block, courseId, today.minusWeeks(2), staff.id(), at(staff, today.minusWeeks(2), 0));
        plan.stream()
                .distinct()
                .forEach(role -> mapper.insertItem(
                        UUID.randomUUID(), block, role.toString(), staff.id(), at(staff, today.minusWeeks(2), 1)));
    }

    private static Instant at(Staff staff, LocalDate day, int minutes) {
        return day.atTime(LocalTime.of(9, 0))
                .plusMinutes(minutes)
                .atZone(staff.clinicZone())
                .toInstant();
    }

    @Mapper
    interface HistoryMapper {

        @Insert("""
                insert into check_in (id, course_id, checked_on, pain_now, pain_after, pain_morning, swelling, words, flags,
                                      entered_by, entered_at)
                values (#{id}, #{courseId}, #{day}, #{painNow}, #{painAfter}, #{painMorning}, #{swelling}, '', '', #{by},
                        #{at})
                """)
        int insertCheckIn(
                UUID id,
                UUID courseId,
                LocalDate day,
                int painNow,
                @Nullable Integer painAfter,
                @Nullable Integer painMorning,
                String swelling,
                UUID by,
                Instant at);

        @Insert("""
                insert into set_done (id, course_id, done_on, role, amount, load_amount, load_unit, set_up, pain, form, device,
                                      device_nth, done_at, entered_by, entered_at)
                values (#{id}, #{courseId}, #{set.on}, #{role}, #{set.amount}, #{load}, #{unit}, #{setUp}, #{set.pain}, #{set.form},
                        'demo', #{nth}, #{at}, #{by}, #{at})
                """)
        int insertSet(
                UUID id,
                UUID courseId,
                @Param("set") SetDone set,
                String role,
                @Nullable BigDecimal load,
                @Nullable String unit,
                String setUp,
                int nth,
                UUID by,
                Instant at);

        @Insert("""
                insert into block (id, course_id, begins_on, weeks, written_by, written_at)
                values (#{id}, #{courseId}, #{beginsOn}, 4, #{by}, #{at})
                """)
        int insertBlock(UUID id, UUID courseId, LocalDate beginsOn, UUID by, Instant at);

        @Insert("""
                insert into plan_change (id, block_id, kind, role, entered_by, entered_at)
                values (#{id}, #{blockId}, 'ADD', #{role}, #{by}, #{at})
                """)
        int insertItem(UUID id, UUID blockId, String role, UUID by, Instant at);
    }
}
