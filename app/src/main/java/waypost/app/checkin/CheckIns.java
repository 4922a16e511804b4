package waypost.app.checkin;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.app.milestone.Holds;
import waypost.app.shell.ClinicClock;
import waypost.app.store.Bundles;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.followup.VisitAdvice;
import waypost.core.log.Hold;
import waypost.core.log.Response;
import waypost.core.measure.Measure;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;

/** Keeps check-ins; a flag that stops treatment places a hold in the same breath, whoever ticked it. */
@Service
public class CheckIns {

    private final CheckInMapper mapper;
    private final CourseLoader loader;
    private final Bundles bundles;
    private final ReadingEntry readings;
    private final Holds holds;
    private final ClinicClock clock;

    CheckIns(
            CheckInMapper mapper,
            CourseLoader loader,
            Bundles bundles,
            ReadingEntry readings,
            Holds holds,
            ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.bundles = bundles;
        this.readings = readings;
        this.holds = holds;
        this.clock = clock;
    }

    /** A check-in of today, for its page. */
    public record Kept(
            UUID id, int painNow, String flags, @Nullable Tier gravest, Instant enteredAt, String enteredBy) {}

    /** A row to be written. */
    record Row(
            UUID id,
            UUID courseId,
            LocalDate checkedOn,
            CheckIn said,
            @Nullable Integer homeSessions,
            String words,
            String flags,
            @Nullable String sleep,
            Response.Soreness soreness,
            @Nullable Tier gravest,
            UUID by,
            Instant at) {

        public @Nullable Integer painAfter() {
            return said.painAfter().orElse(null);
        }

        public String flagIds() {
            return String.join(" ", said.flags());
        }

        public @Nullable Integer painMorning() {
            return said.painNextMorning().orElse(null);
        }
    }

    /** What is asked of a course. Flags are safety, so they are those that ship now, whatever bundle it is pinned to. */
    public List<RedFlag> asked(LoadedCourse course) {
        return bundles.shipped().redFlags().stream()
                .filter(flag -> flag.concerns(course.course().resolved().region()))
                .toList();
    }

    /** The check-ins of a day, the latest first. */
    List<Kept> on(LoadedCourse course, LocalDate day) {
        return mapper.find(course.row().id(), day);
    }

    /** What was said on a day, as lines of a note. */
    public List<String> told(UUID courseId, LocalDate day) {
        return mapper.findTold(courseId, day);
    }

    /** Keeps a check-in and what follows from it. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, CheckInForm form) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        List<RedFlag> asked = asked(course);
        CheckIn said = form.read(asked);
        Optional<Integer> sessions = form.readHomeSessions();
        LocalDate today = clock.today(staff);
        List<RedFlag> raised = said.raised(asked);
        Tier gravest = said.gravest(asked).orElse(null);
        Row row = row(staff, courseId, form, said, raised, gravest);
        if (mapper.insert(row) == 0) {
            return;
        }
        mapper.insertVisit(UUID.randomUUID(), courseId, today, staff.id(), clock.now());
        said.painNextMorning().ifPresent(pain -> read(staff, course, form, "pain-next-morning", pain));
        sessions.ifPresent(done -> read(staff, course, form, VisitAdvice.HOME_SESSIONS, done));
        if (gravest != null && gravest.stopsTreatment()) {
            holds.place(
                    staff,
                    courseId,
                    new Holds.Wanted(derived(form, "hold"), Hold.Kind.RED_FLAG, why(raised), today, today));
        }
    }

    private Row row(
            Staff staff, UUID courseId, CheckInForm form, CheckIn said, List<RedFlag> raised, @Nullable Tier gravest) {
        return new Row(
                form.readId(),
                courseId,
                clock.today(staff),
                said,
                form.readHomeSessions().orElse(null),
                form.readWords(),
                raised.stream().map(RedFlag::asks).collect(Collectors.joining(" ")),
                form.readSleep(),
                form.readSoreness(),
                gravest,
                staff.id(),
                clock.now());
    }

    private static String why(List<RedFlag> raised) {
        String signs = raised.stream()
                .filter(flag -> flag.tier().stopsTreatment())
                .map(RedFlag::asks)
                .collect(Collectors.joining(" "));
        String why = "red flag: " + signs;
        return why.length() <= 300 ? why : why.substring(0, 297) + "...";
    }

    private void read(Staff staff, LoadedCourse course, CheckInForm form, String id, int value) {
        Optional<Measure> known = course.bundle().findMeasure(id);
        known.ifPresent(measure -> readings.add(
                staff,
                course,
                new ReadingEntry.Value(
                        derived(form, id),
                        measure,
                        Side.valueOf(course.row().side()),
                        Mode.ACTIVE,
                        measure.amount(value),
                        clock.today(staff),
                        true,
                        HowTaken.worked("said at check-in", HowTaken.Source.SHEET))));
    }

    private static UUID derived(CheckInForm form, String what) {
        return UUID.nameUUIDFromBytes((form.readId() + what).getBytes(StandardCharsets.UTF_8));
    }

    @Mapper
    interface CheckInMapper {

        @Insert("""
                insert into check_in (id, course_id, checked_on, pain_now, pain_after, pain_morning, swelling,
                                      home_sessions, words, flags, flag_ids, sleep, soreness, gravest, entered_by,
                                      entered_at)
                values (#{row.id}, #{row.courseId}, #{row.checkedOn}, #{row.said.painNow}, #{row.painAfter},
                        #{row.painMorning}, #{row.said.swelling}, #{row.homeSessions}, #{row.words}, #{row.flags},
                        #{row.flagIds}, #{row.sleep}, #{row.soreness}, #{row.gravest}, #{row.by}, #{row.at})
                on conflict (id) do nothing
                """)
        int insert(@Param("row") Row row);

        @Insert("""
                insert into visit (id, course_id, visited_on, begun_by, begun_at)
                values (#{id}, #{courseId}, #{on}, #{by}, #{at})
                on conflict do nothing
                """)
        int insertVisit(UUID id, UUID courseId, LocalDate on, UUID by, Instant at);

        @Select("""
                select 'Pain now ' || pain_now || ' of 10' || coalesce(', after last time ' || pain_after, '')
                           || coalesce(', the morning after ' || pain_morning, '')
                           || '. Swelling ' || case swelling when 'NONE' then 'none' when 'MORE' then 'more than last time'
                                               else 'as last time' end
                           || coalesce('. ' || case sleep when 'WELL' then 'Slept well' when 'WOKE' then 'Woke with it'
                                               when 'HARDLY' then 'Hardly slept for it' end, '')
                           || coalesce('. Home sessions in seven days: ' || home_sessions, '')
                           || case when flags = '' then '. No red flag' else '. Red flags, yes to: ' || flags end
                           || case when words = '' then '' else '. Says: ' || words end || '.'
                  from check_in
                 where course_id = #{courseId} and checked_on = #{day}
                 order by entered_at, id
                """)
        List<String> findTold(UUID courseId, LocalDate day);

        @Select("""
                select c.id, c.pain_now, c.flag_ids as flags, c.gravest, c.entered_at, a.display_name as entered_by
                  from check_in c
                  join account a on a.id = c.entered_by
                 where c.course_id = #{courseId} and c.checked_on = #{day}
                 order by c.entered_at desc, c.id
                """)
        List<Kept> find(UUID courseId, LocalDate day);
    }
}
