package waypost.app.measure;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.doubt.Doubts;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Measure;
import waypost.library.words.Dates;
import waypost.library.words.DoubtWords;
import waypost.library.words.MilestoneWords;

/**
 * The readings on record, latest first, so many as one page shows, with what is doubtful among the newest.
 *
 * @param earlier id of the reading behind which the next page begins; empty on the last
 */
public record ReadingsPage(List<Line> lines, List<String> doubts, String earlier) {

    /** As many readings as a page shows. */
    static final int LENGTH = 200;

    private static final int DOUBTED_DAYS = 14;

    /** A reading on the list; {@code how} is empty where it was taken as usual. */
    public record Line(
            UUID id,
            String title,
            String side,
            String mode,
            String value,
            String on,
            String rater,
            boolean strict,
            String how) {}

    /** @param kept one more than a page shows, where there are more */
    static ReadingsPage of(LoadedCourse course, Standing standing, List<KeptReading> kept) {
        List<KeptReading> shown = kept.subList(0, Math.min(LENGTH, kept.size()));
        return new ReadingsPage(
                shown.stream().map(reading -> line(reading, course)).toList(),
                new Doubting(course, standing).about(shown),
                kept.size() > LENGTH ? shown.get(LENGTH - 1).id().toString() : "");
    }

    private static Line line(KeptReading kept, LoadedCourse course) {
        Measure measure = course.bundle().measure(kept.measure());
        boolean operated = kept.side() == Sheets.operated(course);
        return new Line(
                kept.id(),
                measure.title(),
                kept.side().name().toLowerCase(Locale.ROOT) + (operated ? ", operated" : ""),
                measure.motion().isPresent() ? kept.mode().name().toLowerCase(Locale.ROOT) : "",
                MilestoneWords.reading(measure, measure.amount(kept.value().doubleValue())),
                Dates.say(kept.measuredOn()),
                kept.rater(),
                kept.strict(),
                kept.how().said());
    }

    /** Looks through what was measured in the last two weeks. */
    private record Doubting(LoadedCourse course, Standing standing, Map<LocalDate, Standing> then) {

        Doubting(LoadedCourse course, Standing standing) {
            this(course, standing, new HashMap<>());
        }

        List<String> about(List<KeptReading> kept) {
            LocalDate since = standing.date().minusDays(DOUBTED_DAYS);
            List<KeptReading> recent = kept.stream()
                    .filter(reading -> reading.measuredOn().isAfter(since))
                    .toList();
            return Stream.concat(
                            recent.stream().flatMap(this::doubts),
                            recent.stream().flatMap(this::tooEarly))
                    .distinct()
                    .toList();
        }

        private Stream<String> doubts(KeptReading kept) {
            Measure measure = course.bundle().measure(kept.measure());
            return new Doubts(Sheets.operated(course), course.row().dayZero())
                            .contradictions(
                                    measure,
                                    kept.reading(measure),
                                    standing.facts().readings())
                            .stream()
                            .map(doubt -> Dates.say(kept.measuredOn()) + " · " + DoubtWords.say(doubt));
        }

        /** What was done is kept, but a test before it was safe measures the pain rather than the strength. */
        private Stream<String> tooEarly(KeptReading kept) {
            Measure measure = course.bundle().measure(kept.measure());
            Side operated = Sheets.operated(course);
            return Stream.of(kept)
                    .filter(reading -> reading.side() == operated)
                    .filter(reading -> MeasuringSheet.closedTest(measure, standingOn(reading.measuredOn()))
                            .isPresent())
                    .map(reading -> measure.title() + " on " + Dates.say(reading.measuredOn())
                            + ": the test was not open on that day. Watch for irritation, and measure again later.");
        }

        private Standing standingOn(LocalDate date) {
            return then.computeIfAbsent(date, day -> course.on(day));
        }
    }
}
