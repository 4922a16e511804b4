package waypost.app.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.library.bundle.Word;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** The measures that a course's readings may be of, to choose from. */
public record Choices(List<Choice> choices) {

    private static final Set<String> ALWAYS = Set.of("pain-during", "pain-next-morning", "body-mass", "home-sessions");

    /** A measure that can be chosen. */
    public record Choice(String id, String title, String hint) {}

    /** Those of a course where it stands: first the ranges that can be told in the three-number form. */
    public static Choices of(LoadedCourse course, Standing standing) {
        List<Choice> choices = new ArrayList<>();
        List<Measure> measures = relevant(course, standing);
        ranges(measures)
                .forEach(motion -> choices.add(new Choice(
                        ReadingForm.RANGE + motion,
                        Words.sentenceCase(Word.of(motion.joint())) + " range",
                        "as 0-10-120 or 5-0-130")));
        measures.forEach(m -> choices.add(new Choice(m.id(), m.title(), hint(m, standing, course))));
        return new Choices(choices);
    }

    /** What the protocol's milestones and schedule, its tests and its readings so far are about. */
    static List<Measure> relevant(LoadedCourse course, Standing standing) {
        Set<String> ids = new HashSet<>(ALWAYS);
        course.course().resolved().followUp().measuring().forEach(due -> ids.add(due.measure()));
        course.protocol().criteria().forEach(c -> c.measures().forEach(m -> ids.add(m.id())));
        course.bundle().activities().stream()
                .filter(a -> a instanceof Activity.Test && course.course().speaksOf(a))
                .forEach(a -> ids.add(((Activity.Test) a).measure()));
        standing.facts().readings().all().forEach(reading -> ids.add(reading.measure()));
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
            case SCORE -> "0 to " + Plain.number(measure.most());
            case MUSCLE_GRADE -> "0 to 5";
            case COUNT -> "a number";
            case NEWTON_METRES, KILOGRAMS, METRES, CENTIMETRES, SECONDS, PERCENT ->
                measure.unit().suffix().strip();
        };
        return form + notSafe(measure, standing, course);
    }

    private static String notSafe(Measure measure, Standing standing, LoadedCourse course) {
        Dates dates = new Dates(course.row().dayZero());
        return MeasuringSheet.closedTest(measure, standing)
                .map(test -> "; not on the operated side"
                        + standing.opensByTime(test.verdict().role())
                                .map(day -> " before " + dates.say(day))
                                .orElse(" yet"))
                .orElse("");
    }
}
