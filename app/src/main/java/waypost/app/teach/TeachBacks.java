package waypost.app.teach;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.band.BandOrders;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Side;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.teach.Recall;
import waypost.core.teach.TaughtBack;
import waypost.library.plain.PlainDates;
import waypost.library.plain.PlainRules;
import waypost.library.plain.PlainText;
import waypost.library.words.BandNames;
import waypost.library.words.PrecautionWords;
import waypost.library.words.RecallWords;

/** Keeps what was taught back; rows are only added. */
@Service
public class TeachBacks {

    private static final int LONGEST_LAPSE = 500;

    private final TeachMapper mapper;
    private final CourseLoader loader;
    private final BandOrders bands;
    private final ClinicClock clock;

    TeachBacks(TeachMapper mapper, CourseLoader loader, BandOrders bands, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.bands = bands;
        this.clock = clock;
    }

    /** A row as it is kept. */
    record Kept(String rule, String taught, boolean said, boolean shown, String lapse, LocalDate enteredOn, String by) {

        TaughtBack time() {
            return new TaughtBack(enteredOn, taught, said, shown, lapse);
        }
    }

    /** The precautions of a standing: what is due first, and of that what was missed most. */
    List<Taught> of(LoadedCourse course, Standing standing) {
        List<Kept> kept = mapper.find(course.row().id());
        BandNames names = bands.names(course.row().clinicId());
        return standing.strictestPrecautions().stream()
                .map(precaution -> taught(course, standing, precaution, kept, names))
                .sorted(Comparator.comparing(Taught::recall, Recall.ORDER))
                .toList();
    }

    private static Taught taught(
            LoadedCourse course, Standing standing, Precaution<?> precaution, List<Kept> kept, BandNames names) {
        String rule = precaution.limit().limit().head().id();
        String words = names.in(PrecautionWords.say(precaution));
        List<Kept> times = kept.stream().filter(row -> row.rule().equals(rule)).toList();
        Recall recall = Recall.of(times.stream().map(Kept::time).toList(), words, standing.date());
        String by = times.isEmpty() ? "" : times.get(times.size() - 1).by();
        Pictures pictures =
                Pictures.of(standing, precaution, Side.valueOf(course.row().side()));
        return new Taught(
                rule,
                words,
                recall,
                RecallWords.say(recall, by),
                plainly(course, standing, precaution),
                pictures.meant(),
                pictures.notMeant());
    }

    private static List<Taught.Plainly> plainly(LoadedCourse course, Standing standing, Precaution<?> precaution) {
        LocalDate dayZero = standing.course().resolved().dayZero();
        return PlainText.LANGUAGES.stream()
                .map(PlainText::in)
                .map(text -> new Taught.Plainly(
                        text.locale().getLanguage(),
                        new PlainRules(
                                        text,
                                        new PlainDates(text, dayZero),
                                        course.row().protocolId())
                                .say(precaution)))
                .toList();
    }

    /** Keeps that a precaution was said and shown, or that it lapsed. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, UUID id, String rule, boolean said, boolean shown, String lapse) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        String words = standing.strictestPrecautions().stream()
                .filter(precaution -> precaution.limit().limit().head().id().equals(rule))
                .findFirst()
                .map(precaution -> bands.names(course.row().clinicId()).in(PrecautionWords.say(precaution)))
                .orElseThrow(
                        () -> new FormProblem("rule", "This precaution is not in force today. Open the page again."));
        if (lapse.isBlank() && !said && !shown) {
            throw new FormProblem("said", "Tick what the patient has done: said it, shown it on the other limb.");
        }
        String why = Entered.words("lapse", lapse, LONGEST_LAPSE);
        mapper.insert(id, courseId, rule, words, said, shown, why, staff.id(), today, clock.now());
    }

    @Mapper
    interface TeachMapper {

        @Select("""
                select t.rule, t.taught, t.said, t.shown, t.lapse, t.entered_on, a.display_name as "by"
                  from teach_back t
                  join account a on a.id = t.entered_by
                 where t.course_id = #{courseId}
                 order by t.nth
                """)
        List<Kept> find(UUID courseId);

        @Insert("""
                insert into teach_back (id, course_id, rule, taught, said, shown, lapse, entered_by, entered_on, entered_at)
                values (#{id}, #{courseId}, #{rule}, #{taught}, #{said}, #{shown}, #{lapse}, #{by}, #{on}, #{at})
                on conflict (id) do nothing
                """)
        int insert(
                UUID id,
                UUID courseId,
                String rule,
                String taught,
                boolean said,
                boolean shown,
                String lapse,
                UUID by,
                LocalDate on,
                Instant at);
    }
}
