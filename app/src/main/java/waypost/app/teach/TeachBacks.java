package waypost.app.teach;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
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
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Arc;
import waypost.core.body.Side;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.limit.MotionLimit;
import waypost.library.plain.PlainDates;
import waypost.library.plain.PlainRules;
import waypost.library.plain.PlainText;
import waypost.library.words.BandNames;
import waypost.library.words.Dates;
import waypost.library.words.PrecautionWords;

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

    /**
     * A precaution in force.
     *
     * @param state what was taught back when, or why it is due
     * @param plain as one says it to the patient, in each language
     * @param figure where it is about an angle
     */
    public record Item(
            String rule, String words, List<Plainly> plain, String state, boolean due, Optional<Figure> figure) {}

    /** What a patient is told, in one language. */
    public record Plainly(String language, String says) {}

    /** A row as it is kept. */
    record Kept(
            String rule, String taught, boolean said, boolean shown, String lapse, LocalDate enteredOn, String by) {}

    /** The precautions of a standing, what is due first. */
    List<Item> of(LoadedCourse course, Standing standing) {
        List<Kept> kept = mapper.find(course.row().id());
        BandNames names = bands.names(course.row().clinicId());
        return standing.strictestPrecautions().stream()
                .map(precaution -> item(
                        precaution,
                        plainly(course, standing, precaution),
                        kept,
                        names,
                        Side.valueOf(course.row().side())))
                .sorted((one, other) -> Boolean.compare(other.due(), one.due()))
                .toList();
    }

    private static List<Plainly> plainly(LoadedCourse course, Standing standing, Precaution<?> precaution) {
        LocalDate dayZero = standing.course().resolved().dayZero();
        return PlainText.LANGUAGES.stream()
                .map(PlainText::in)
                .map(text -> new Plainly(
                        text.locale().getLanguage(),
                        String.join(
                                " ",
                                new PlainRules(
                                                text,
                                                new PlainDates(text, dayZero),
                                                course.row().protocolId())
                                        .say(precaution)
                                        .all())))
                .toList();
    }

    private static Item item(
            Precaution<?> precaution, List<Plainly> plain, List<Kept> kept, BandNames names, Side side) {
        String rule = precaution.limit().limit().head().id();
        String words = names.in(PrecautionWords.say(precaution));
        Optional<Kept> last =
                kept.stream().filter(row -> row.rule().equals(rule)).reduce((earlier, later) -> later);
        String why = last.map(row -> due(row, words)).orElse("Due: not taught back yet.");
        String state = why.isEmpty()
                ? last.map(row -> "Said and shown on " + Dates.say(row.enteredOn()) + ", seen by " + row.by() + ".")
                        .orElse("")
                : why;
        return new Item(rule, words, plain, state, !why.isEmpty(), figure(precaution, side));
    }

    /** Why it is due; empty when it is not. */
    private static String due(Kept row, String words) {
        if (!row.lapse().isEmpty()) {
            return "Due again, it lapsed on " + Dates.say(row.enteredOn()) + ": " + row.lapse() + ".";
        }
        if (!row.said() || !row.shown()) {
            return "Due: " + (row.said() ? "said, not shown yet." : "shown, not said yet.");
        }
        return row.taught().equals(words) ? "" : "Due again: it has changed. It was: " + row.taught() + ".";
    }

    private static Optional<Figure> figure(Precaution<?> precaution, Side side) {
        return precaution.limit().limit() instanceof MotionLimit limit
                ? precaution
                        .step()
                        .value()
                        .most()
                        .filter(Arc.class::isInstance)
                        .map(arc -> Figures.ofLimit(limit.motion(), (Arc) arc, side))
                : Optional.empty();
    }

    /** Keeps that a precaution was said and shown, or that it lapsed. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, UUID id, String rule, boolean said, boolean shown, String lapse) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        String words = of(course, standing).stream()
                .filter(item -> item.rule().equals(rule))
                .findFirst()
                .map(Item::words)
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
