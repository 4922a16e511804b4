package waypost.app.range;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.followup.StrictRange;
import waypost.core.followup.StrictRange.Asked;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.library.words.RangeWords;

/** The postures of a course as they are shown, with what was taken today. */
record RangeLines(Standing standing, List<Asked> asked) {

    static RangeLines of(Standing standing) {
        return new RangeLines(standing, StrictRange.of(standing).asked());
    }

    /**
     * A posture.
     *
     * @param today what was taken today; blank before
     * @param both how far both arms go; blank where not both were taken
     */
    public record Line(
            int at,
            String title,
            String posture,
            String cue,
            String passive,
            String active,
            boolean open,
            boolean movable,
            boolean ownMotion,
            boolean together,
            boolean bothSides,
            String unit,
            String today,
            String both) {}

    List<Line> lines() {
        return Stream.iterate(0, at -> at < asked.size(), at -> at + 1)
                .map(at -> line(at, asked.get(at)))
                .toList();
    }

    private Line line(int at, Asked asked) {
        return new Line(
                at,
                asked.measure().title(),
                RangeWords.say(asked.posture()),
                RangeWords.cue(asked.posture()),
                RangeWords.reach(asked, Mode.PASSIVE),
                RangeWords.reach(asked, Mode.ACTIVE),
                asked.isOpen(),
                asked.passive().isPresent(),
                asked.active().isPresent(),
                asked.isTogether(),
                asked.measure().bothSides(),
                asked.measure().unit().suffix(),
                today(asked),
                asked.isTogether() ? both(asked) : "");
    }

    private String today(Asked asked) {
        Side operated = standing.facts().side();
        Readings readings = standing.facts().readings();
        String id = asked.measure().id();
        LocalDate date = standing.date();
        return Stream.of(
                        said("moved ", readings.latestOn(date, id, operated, Mode.PASSIVE)),
                        said("by itself ", helped(asked)),
                        said("without help ", strict(asked, operated)),
                        asked.measure().bothSides() ? said("the other side ", strict(asked, operated.other())) : "")
                .filter(said -> !said.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private Optional<Reading> helped(Asked asked) {
        return standing.facts().readings().all().stream()
                .filter(reading -> reading.measure().equals(asked.measure().id())
                        && reading.date().equals(standing.date())
                        && reading.mode() == Mode.ACTIVE
                        && !reading.strict()
                        && reading.side() == standing.facts().side())
                .reduce((first, second) -> second);
    }

    private Optional<Reading> strict(Asked asked, Side side) {
        return standing.facts()
                .readings()
                .latestStrict(asked.measure().id(), side, Mode.ACTIVE)
                .filter(reading -> reading.date().equals(standing.date()));
    }

    private static String said(String as, Optional<Reading> reading) {
        return reading.map(taken -> as + Plain.number(taken.amount().value())).orElse("");
    }

    private String both(Asked asked) {
        Side operated = standing.facts().side();
        OptionalDouble both = StrictRange.both(value(strict(asked, operated)), value(strict(asked, operated.other())));
        return both.isPresent()
                ? "Both arms go up to " + Plain.number(both.getAsDouble()) + "°: the worse sets it."
                : "";
    }

    private static OptionalDouble value(Optional<Reading> reading) {
        return reading.map(taken -> OptionalDouble.of(taken.amount().value())).orElseGet(OptionalDouble::empty);
    }
}
