package waypost.app.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.followup.Corridors;
import waypost.core.followup.MeasuringSheet;
import waypost.core.followup.MeasuringSheet.Why;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.core.measure.Plain;
import waypost.core.measure.Questionnaire;
import waypost.core.measure.Unit;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.SignWords;

/** Writes the rows of the measuring sheet. */
record SheetRows(LoadedCourse course, Standing standing, List<KeptReading> latest) {

    SheetRow row(MeasuringSheet.Row row) {
        Measure measure = row.measure();
        Figures figures = new Figures(standing, measure);
        return new SheetRow(
                measure.id(),
                measure.title(),
                fields(measure.taken().method()),
                measure.taken().method() == Method.STOPWATCH,
                hint(measure),
                row.isDue(),
                why(row),
                expected(measure),
                cells(measure),
                figures.said(),
                figures.milestones(new Dates(course.row().dayZero())),
                closed(row),
                row.closed().map(test -> test.test().alternative()).orElse(""),
                measure.taken().questionnaire().map(Questionnaire::items).orElse(0),
                List.of());
    }

    /** The template's fragment for a way of taking. */
    private static String fields(Method method) {
        return switch (method) {
            case ANGLE -> "angle";
            case FORCE -> "force";
            case GRIP, DISTANCE, STOPWATCH -> "trials";
            case COUNTER -> "counter";
            case REACHES -> "reaches";
            case QUESTIONNAIRE -> "answers";
            case GRADE -> "grade";
            case SEEN -> "seen";
            case RATING -> "rating";
            case TAPE -> "tape";
            case NUMBER, DERIVED -> "plain";
        };
    }

    private static String why(MeasuringSheet.Row row) {
        String last = row.last().map(date -> "last " + SignWords.date(date)).orElse("never measured");
        Set<Why> why = row.why();
        String because = why.contains(Why.MILESTONE)
                ? "a milestone waits"
                : why.contains(Why.SCHEDULE)
                        ? "due by schedule"
                        : why.contains(Why.FOLLOWED)
                                ? "followed"
                                : why.contains(Why.BASICS) ? "basics of the joint" : "added";
        return because + " · " + last;
    }

    private String expected(Measure measure) {
        List<String> said = new ArrayList<>();
        new Corridors(standing.course())
                .on(standing.day(), measure)
                .ifPresent(point -> said.add("expected " + MilestoneWords.corridor(measure, point)));
        measure.norm()
                .ifPresent(norm -> said.add("usual " + MilestoneWords.reading(measure, measure.amount(norm.value()))));
        if (measure.error().units() > 0) {
            said.add("error " + Plain.number(measure.error().units())
                    + measure.unit().suffix());
        }
        if (measure.error().percent() > 0) {
            said.add("error " + Plain.number(measure.error().percent()) + " %");
        }
        measure.error()
                .important()
                .ifPresent(least -> said.add("worth while from " + Plain.number(least)
                        + measure.unit().suffix()));
        return String.join(" · ", said);
    }

    private static String hint(Measure measure) {
        return switch (measure.taken().method()) {
            case ANGLE ->
                measure.end().equals(Optional.of(Direction.NEGATIVE)) ? "-10 lacks 10, +5 goes beyond zero" : "";
            case QUESTIONNAIRE ->
                measure.taken()
                        .questionnaire()
                        .map(q -> "each " + q.least() + " to " + q.most() + ", at least " + q.fewest() + " answered")
                        .orElse("");
            case GRADE -> measure.unit() == Unit.EFFUSION_GRADE ? "" : "0 to 5, as 4+ or 4-";
            default -> measure.unit().suffix().strip();
        };
    }

    private String closed(MeasuringSheet.Row row) {
        Dates dates = new Dates(course.row().dayZero());
        return row.closed()
                .map(test -> test.test().title() + " is not safe on the operated side "
                        + standing.opensByTime(test.verdict().role())
                                .map(day -> "before " + dates.say(day))
                                .orElse("yet, and time alone does not open it")
                        + "; earlier only on the surgeon's order.")
                .orElse("");
    }

    private List<SheetRow.Cell> cells(Measure measure) {
        List<SheetRow.Cell> cells = new ArrayList<>();
        Side operated = standing.facts().side();
        for (Side side : measure.bothSides() ? List.of(operated, operated.other()) : List.of(operated)) {
            for (Mode mode : modes(measure)) {
                cells.add(cell(measure, side, mode));
            }
        }
        return cells;
    }

    /** Passive first, then active; what is no movement of a joint has no mode. */
    static List<Mode> modes(Measure measure) {
        return measure.motion().isPresent() ? List.of(Mode.PASSIVE, Mode.ACTIVE) : List.of(Mode.ACTIVE);
    }

    private SheetRow.Cell cell(Measure measure, Side side, Mode mode) {
        Optional<KeptReading> last = latest.stream()
                .filter(reading -> reading.isOf(measure.id(), side, mode))
                .findFirst();
        boolean operated = side == standing.facts().side();
        String sideWord = side.name().toLowerCase(Locale.ROOT);
        String label = (measure.bothSides() ? sideWord + (operated ? ", operated" : "") : "")
                + (measure.motion().isPresent() ? " · " + mode.name().toLowerCase(Locale.ROOT) : "");
        return new SheetRow.Cell(
                side.name(),
                mode.name(),
                label.isEmpty() ? "value" : label,
                operated,
                last.map(reading -> MilestoneWords.reading(
                                        measure, measure.amount(reading.value().doubleValue()))
                                + (reading.measuredOn().equals(standing.date())
                                        ? " today"
                                        : " " + SignWords.date(reading.measuredOn())))
                        .orElse(""),
                last.map(KeptReading::strict).orElse(true),
                last.map(reading -> reading.measuredOn().equals(standing.date()))
                        .orElse(false),
                last.map(reading -> reading.id().toString()).orElse(""),
                UUID.randomUUID().toString(),
                "",
                "",
                false);
    }
}
