package waypost.app.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import waypost.app.store.LoadedCourse;
import waypost.app.store.ReadingRow;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Measure;
import waypost.core.measure.Unit;
import waypost.core.reason.VerdictKind;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Word;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.Words;

/** What the measures page lists and offers. */
public record MeasurePage(List<Choice> choices, List<Line> lines, List<String> doubts) {

    private static final Set<String> ALWAYS = Set.of("pain-during", "pain-next-morning");

    /** A measure that can be chosen. */
    public record Choice(String id, String title, String hint) {}

    /** A reading on the list. */
    public record Line(
            UUID id, String title, String side, String mode, String value, String on, String rater, boolean strict) {}

    /** The page of a course where it stands. */
    public static MeasurePage of(LoadedCourse course, Standing standing) {
        List<Choice> choices = new ArrayList<>();
        List<Measure> measures = relevant(course);
        ranges(measures)
                .forEach(motion -> choices.add(new Choice(
                        ReadingForm.RANGE + motion,
                        Words.sentenceCase(Word.of(motion.joint())) + " range",
                        "as 0-10-120 or 5-0-130")));
        measures.forEach(m -> choices.add(new Choice(m.id(), m.title(), hint(m, standing, course))));
        List<Line> lines = course.readings().stream()
                .sorted(Comparator.comparing(ReadingRow::measuredOn).reversed())
                .map(row -> line(row, course))
                .toList();
        return new MeasurePage(choices, lines, doubts(course));
    }

    /** What the protocol's milestones and schedule, its tests and its readings so far are about. */
    private static List<Measure> relevant(LoadedCourse course) {
        Set<String> ids = new HashSet<>(ALWAYS);
        course.protocol().followUp().measuring().forEach(due -> ids.add(due.measure()));
        course.protocol().criteria().forEach(c -> c.measures().forEach(m -> ids.add(m.id())));
        course.bundle().activities().stream()
                .filter(a -> a instanceof Activity.Test && course.course().speaksOf(a))
                .forEach(a -> ids.add(((Activity.Test) a).measure()));
        course.readings().forEach(row -> ids.add(row.measure()));
        return course.bundle().measures().stream()
                .filter(m -> ids.contains(m.id()))
                .toList();
    }

    /** Motions of which both ends are measured: they can be told in the three-number form. */
    private static List<Motion> ranges(List<Measure> measures) {
        return Arrays.stream(Motion.values())
                .filter(motion -> Arrays.stream(Direction.values())
                        .allMatch(end -> measures.stream()
                                .anyMatch(m -> m.motion().equals(Optional.of(motion))
                                        && m.end().equals(Optional.of(end)))))
                .toList();
    }

    private static String hint(Measure measure, Standing standing, LoadedCourse course) {
        String form = switch (measure.unit()) {
            case DEGREES ->
                measure.end().equals(Optional.of(Direction.NEGATIVE)) ? "-10 lacks 10, +5 beyond zero" : "degrees";
            case EFFUSION_GRADE -> "zero, trace, 1+, 2+ or 3+";
            case SEEN -> "seen or not seen";
            case SCORE -> "0 to 10";
            case MUSCLE_GRADE -> "0 to 5";
            case COUNT -> "a number";
            case NEWTON_METRES, KILOGRAMS, METRES, CENTIMETRES, SECONDS, PERCENT ->
                measure.unit().suffix().strip();
        };
        return form + notSafe(measure, standing, course).orElse("");
    }

    /** The test that yields a measure, when it is too early for it; a hold alone does not make measuring unsafe. */
    private static Optional<RoleKey> closedTest(String measure, Standing standing, LoadedCourse course) {
        return course.bundle().activities().stream()
                .filter(a -> a instanceof Activity.Test test && test.measure().equals(measure))
                .map(a -> new RoleKey(a.id(), a.roles().get(0).name()))
                .filter(role -> {
                    VerdictKind kind = standing.verdict(role).kind();
                    return !kind.isOpen() && kind != VerdictKind.ON_HOLD;
                })
                .findFirst();
    }

    private static Optional<String> notSafe(Measure measure, Standing standing, LoadedCourse course) {
        Dates dates = new Dates(course.row().dayZero());
        return closedTest(measure.id(), standing, course).map(role -> {
            Optional<CourseDay> opens = standing.opensByTime(role);
            return "; not on the operated side"
                    + opens.map(day -> " before " + dates.say(day)).orElse(" yet");
        });
    }

    private static Line line(ReadingRow row, LoadedCourse course) {
        Measure measure = course.bundle().measure(row.measure());
        boolean operated = row.side().equals(course.row().side());
        return new Line(
                row.id(),
                measure.title(),
                row.side().toLowerCase(Locale.ROOT) + (operated ? ", operated" : ""),
                measure.unit() == Unit.DEGREES && measure.motion().isPresent()
                        ? row.mode().toLowerCase(Locale.ROOT)
                        : "",
                MilestoneWords.reading(measure, measure.amount(row.value().doubleValue())),
                Dates.say(row.measuredOn()),
                row.rater(),
                row.strict());
    }

    private static List<String> doubts(LoadedCourse course) {
        return Stream.concat(contradictions(course), measuredTooEarly(course))
                .distinct()
                .toList();
    }

    private static Stream<String> contradictions(LoadedCourse course) {
        return course.bundle().measures().stream()
                .filter(measure -> measure.end().isPresent())
                .flatMap(measure -> course.course().history().readings().activeBeyondPassive(measure).stream()
                        .map(active -> measure.title() + " on " + Dates.say(active.date())
                                + ": active goes further than passive by more than the tool's error. Measure again."));
    }

    /** What was done is kept, but a test before it was safe measures the pain rather than the strength. */
    private static Stream<String> measuredTooEarly(LoadedCourse course) {
        Map<LocalDate, Standing> standings = new HashMap<>();
        return course.readings().stream()
                .filter(row -> row.side().equals(course.row().side()))
                .filter(row -> closedTest(
                                row.measure(),
                                standings.computeIfAbsent(
                                        row.measuredOn(),
                                        date -> course.course().on(date, date, Outlook.TIME_ONLY)),
                                course)
                        .isPresent())
                .map(row -> course.bundle().measure(row.measure()).title() + " on " + Dates.say(row.measuredOn())
                        + ": the test was not open on that day. Watch for irritation, and measure again later.");
    }
}
