package waypost.app.course;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import waypost.app.band.BandOrders;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Side;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.followup.Behind;
import waypost.core.limit.Allowed;
import waypost.core.log.Event;
import waypost.core.log.Hold;
import waypost.core.question.Question;
import waypost.core.time.CourseDay;
import waypost.core.time.DayZero;
import waypost.library.words.BandNames;
import waypost.library.words.Dates;
import waypost.library.words.PrecautionWords;
import waypost.library.words.SignWords;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Writes the head of a course's pages. */
@Component
public class CourseHeads {

    private final BandOrders bands;

    CourseHeads(BandOrders bands) {
        this.bands = bands;
    }

    /** The head for a standing. */
    public CourseHead head(LoadedCourse course, Standing standing, LocalDate today) {
        Dates dates = new Dates(course.row().dayZero());
        return new CourseHead(
                course.row().id(),
                course.row().patientName(),
                Dates.say(course.row().birthDate()) + " (" + age(course, standing.date()) + ")",
                course.row().patientNumber(),
                operation(course),
                course.patient().size(),
                dayZero(course, today),
                standing.day().number() < 0 ? "Before" : "Day " + standing.day().number(),
                Dates.bothCountings(standing.day()),
                standing.phase().title(),
                standing.next().map(n -> n.met() + "/" + n.milestones().size()).orElse(""),
                course.protocol().face(),
                course.protocol().review(),
                viewing(standing, today),
                standing.date(),
                strip(course, standing, dates),
                "");
    }

    /** Such as "operated Mon 3 Mar 2031 by Dr Moss". */
    private static String dayZero(LoadedCourse course, LocalDate today) {
        LocalDate dayZero = course.row().dayZero();
        DayZero clock = course.protocol().clock();
        return Terms.since(clock, dayZero.isAfter(today)) + " " + Dates.say(dayZero)
                + (clock == DayZero.SURGERY ? " by " : ", referred by ")
                + course.row().surgeon();
    }

    /** Such as "right knee ligament reconstruction". */
    public static String operation(LoadedCourse course) {
        String side = Side.valueOf(course.row().side()).name().toLowerCase(Locale.ROOT);
        return side + " · " + course.row().operation();
    }

    private static int age(LoadedCourse course, LocalDate on) {
        return course.row().birthDate().until(on).getYears();
    }

    private static String viewing(Standing standing, LocalDate today) {
        if (standing.date().equals(today)) {
            return "";
        }
        String which = standing.date().isBefore(today)
                ? "as the rules stood, with today's knowledge of that day"
                : standing.planned() ? "if all goes to plan" : "time only: phase and readings as they are today";
        return Dates.say(standing.date()) + " · " + which;
    }

    private List<CourseHead.Strip> strip(LoadedCourse course, Standing standing, Dates dates) {
        List<CourseHead.Strip> strip = new ArrayList<>();
        standing.facts()
                .holds()
                .forEach(hold -> strip.add(new CourseHead.Strip(
                        "hold", "On hold: " + hold.why(), "review " + SignWords.date(hold.review()))));
        strip.addAll(stopped(standing));
        for (Question question : course.course().resolved().unanswered()) {
            strip.add(new CourseHead.Strip(
                    "ask",
                    Words.sentenceCase(Words.plainName(question.id())) + "? not stated",
                    (question.isDecisive() ? "nothing opens until it is" : "stricter rule applied") + " · ask "
                            + course.row().surgeon()));
        }
        course.course()
                .resolved()
                .pain()
                .ifPresent(pain -> strip.add(new CourseHead.Strip(
                        pain.rule().most() == 0 ? "barred" : "limit",
                        Words.say(pain),
                        pain.rule().head().title())));
        BandNames names = bands.names(course.row().clinicId());
        standing.strictestPrecautions().forEach(p -> strip.add(cell(p, dates, names)));
        DutyStrip words = new DutyStrip(dates);
        standing.duties().forEach(duty -> duty.accept(words).ifPresent(strip::add));
        BehindStrip behind = new BehindStrip(dates);
        Behind.of(standing).forEach(one -> one.accept(behind).ifPresent(strip::add));
        return strip;
    }

    /** What stops work besides this course's own holds: an event nobody looked after, a red flag in another course. */
    private static List<CourseHead.Strip> stopped(Standing standing) {
        List<CourseHead.Strip> strip = new ArrayList<>();
        standing.facts().unlooked().forEach(event -> strip.add(unlooked(event, "")));
        standing.gate()
                .others()
                .forEach(other -> other.facts()
                        .unlooked()
                        .forEach(event -> strip.add(unlooked(event, Words.name(other.course()) + " · "))));
        standing.gate()
                .others()
                .forEach(other -> other.facts().holds().stream()
                        .filter(Hold::stopsEverything)
                        .forEach(hold -> strip.add(new CourseHead.Strip(
                                "hold",
                                "All work on hold: " + hold.why(),
                                Words.name(other.course()) + " · review " + SignWords.date(hold.review())))));
        return strip;
    }

    private static CourseHead.Strip unlooked(Event event, String course) {
        return new CourseHead.Strip(
                "hold",
                Words.sentenceCase(Words.plainName(event.clock())) + ", not looked after: " + event.words(),
                course + "on " + SignWords.date(event.on()) + " · carried motion only, no tests");
    }

    private static CourseHead.Strip cell(Precaution<?> precaution, Dates dates, BandNames names) {
        boolean nothing = precaution.step().value() instanceof Allowed.Nothing<?>;
        Optional<CourseDay> until = precaution.step().until();
        String detail = until.map(day -> "until " + SignWords.date(day.dateFrom(dates.dayZero())))
                .orElse(precaution.limit().limit().head().forGood() ? "for good" : "no end written");
        return new CourseHead.Strip(nothing ? "barred" : "limit", names.in(PrecautionWords.say(precaution)), detail);
    }
}
