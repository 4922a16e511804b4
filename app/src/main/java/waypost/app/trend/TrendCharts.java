package waypost.app.trend;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.NextPhase;
import waypost.core.course.Progress;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.FollowUp;
import waypost.core.trend.Forecast;
import waypost.core.trend.Trend;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.ProgressWords;
import waypost.library.words.TrendWords;

/** Makes the charts of a standing's measures. */
record TrendCharts(Standing standing) {

    private static final String NO_FORECAST =
            "No forecast: it needs five strict readings over fourteen days that move the right way.";
    private static final List<Mode> MODES = List.of(Mode.PASSIVE, Mode.ACTIVE);

    /** The measures that have at least one reading, the most measured first. */
    List<Measure> measured() {
        Map<String, Long> counts =
                readings().all().stream().collect(Collectors.groupingBy(Reading::measure, Collectors.counting()));
        return standing.course().measures().stream()
                .filter(measure -> counts.containsKey(measure.id()))
                .sorted(Comparator.comparing((Measure measure) -> -counts.getOrDefault(measure.id(), 0L)))
                .toList();
    }

    TrendChart of(Measure measure) {
        List<TrendChart.Series> series = new ArrayList<>();
        Side operated = standing.facts().side();
        for (Side side : List.of(operated, operated.other())) {
            for (Mode mode : MODES) {
                List<TrendChart.Point> points = points(measure, side, mode);
                if (!points.isEmpty()) {
                    series.add(new TrendChart.Series(
                            name(measure, side, mode),
                            side == operated,
                            mode.name().toLowerCase(Locale.ROOT),
                            points));
                }
            }
        }
        Optional<Trend> trend = trend(measure);
        return new TrendChart(
                measure.id(),
                measure.title(),
                measure.unit().suffix().strip(),
                series,
                corridor(measure),
                goals(measure),
                trend.map(line -> line(measure, line)).orElse(null),
                trend.map(TrendWords::say).orElse("") + plateau(measure));
    }

    private Readings readings() {
        return standing.facts().readings();
    }

    private String name(Measure measure, Side side, Mode mode) {
        String words = measure.bothSides() ? side.name().toLowerCase(Locale.ROOT) : "value";
        boolean operated = side == standing.facts().side();
        return (words
                        + (operated && measure.bothSides() ? ", operated" : "")
                        + (measure.motion().isPresent() ? " " + mode.name().toLowerCase(Locale.ROOT) : ""))
                .strip();
    }

    private List<TrendChart.Point> points(Measure measure, Side side, Mode mode) {
        return readings().all().stream()
                .filter(reading ->
                        reading.measure().equals(measure.id()) && reading.side() == side && reading.mode() == mode)
                .map(reading -> new TrendChart.Point(
                        reading.date(),
                        Dates.say(reading.date()),
                        said(measure, reading.amount().value()),
                        measure.errorOf(reading),
                        reading.strict(),
                        MilestoneWords.reading(measure, reading.amount()),
                        reading.rater()))
                .toList();
    }

    /** What lacks 10 is said −10, and drawn below zero. */
    private static double said(Measure measure, double value) {
        return measure.end().equals(Optional.of(Direction.NEGATIVE)) ? 0 - value : value;
    }

    private List<TrendChart.Band> corridor(Measure measure) {
        List<FollowUp.Point> points = standing.course().resolved().followUp().corridors().stream()
                .filter(corridor -> corridor.measure().equals(measure.id()))
                .flatMap(corridor -> corridor.points().stream())
                .toList();
        List<TrendChart.Band> bands = new ArrayList<>();
        for (int i = 0; i < points.size(); i++) {
            FollowUp.Point point = points.get(i);
            LocalDate from = date(point);
            LocalDate to = i + 1 < points.size() ? date(points.get(i + 1)) : from.plusWeeks(12);
            double one = said(measure, point.low());
            double other = said(measure, point.high());
            bands.add(new TrendChart.Band(from, to, Math.min(one, other), Math.max(one, other)));
        }
        return bands;
    }

    private LocalDate date(FollowUp.Point point) {
        LocalDate dayZero = standing.course().resolved().dayZero();
        return standing.course().resolved().clocks().day(point.from()).dateFrom(dayZero);
    }

    private List<TrendChart.Goal> goals(Measure measure) {
        List<Progress> progress = Progress.of(standing);
        return standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                .filter(milestone -> milestone.goal().isPresent()
                        && milestone.criterion() instanceof Criterion.Measured measured
                        && measured.measure().id().equals(measure.id()))
                .map(milestone -> goal(measure, milestone, progress))
                .toList();
    }

    private static TrendChart.Goal goal(Measure measure, Milestone milestone, List<Progress> progress) {
        Optional<Progress> moves = progress.stream()
                .filter(one -> one.milestone().equals(milestone))
                .findFirst();
        Optional<Forecast> forecast = moves.flatMap(Progress::forecast);
        return new TrendChart.Goal(
                milestone.criterion().title(),
                said(measure, milestone.goal().map(Amount::value).orElseThrow()),
                forecast.map(Forecast::earliest).orElse(null),
                forecast.map(Forecast::expected).orElse(null),
                forecast.flatMap(Forecast::latest).orElse(null),
                MilestoneWords.state(milestone)
                        + (milestone.isMet()
                                ? "."
                                : ". " + moves.map(ProgressWords::say).orElse(NO_FORECAST)));
    }

    /** The mode whose readings make the line: passive where there are enough. */
    private List<Reading> lineReadings(Measure measure) {
        List<Reading> passive = standing.sinceDayZero(measure, Mode.PASSIVE);
        List<Reading> active = standing.sinceDayZero(measure, Mode.ACTIVE);
        return passive.size() >= active.size() ? passive : active;
    }

    private Optional<Trend> trend(Measure measure) {
        return Trend.of(measure, lineReadings(measure));
    }

    private static TrendChart.Line line(Measure measure, Trend trend) {
        long days = ChronoUnit.DAYS.between(trend.first(), trend.last());
        double end = value(measure, trend.level());
        double start = value(measure, trend.level() - trend.perDay() * days);
        return new TrendChart.Line(trend.first(), start, trend.last(), end);
    }

    /** From "more is better" back to the value as it is said. */
    private static double value(Measure measure, double level) {
        return said(measure, measure.better() == Measure.Better.HIGHER ? level : -level);
    }

    private String plateau(Measure measure) {
        return Trend.standsStill(
                                measure, lineReadings(measure), standing.facts().known())
                        .orElse(false)
                ? " No change that can be detected for 21 days."
                : "";
    }
}
