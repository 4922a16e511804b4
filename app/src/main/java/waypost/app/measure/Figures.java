package waypost.app.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.followup.Corridors;
import waypost.core.measure.Amount;
import waypost.core.measure.Derivation;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.measure.Symmetry;
import waypost.core.measure.Unit;
import waypost.core.milestone.Milestone;
import waypost.core.strength.BodyMass;
import waypost.core.strength.Torque;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.SignWords;

/** What follows from a measure's latest reading of the operated side: against the other side, the last time, what is expected. */
record Figures(Standing standing, Measure measure) {

    private static final String BODY_MASS = "body-mass";

    /** Every figure in words; empty where nothing was measured. */
    List<String> said() {
        List<String> said = new ArrayList<>();
        for (Mode mode : List.of(Mode.PASSIVE, Mode.ACTIVE)) {
            latest(operated(), mode).ifPresent(reading -> said.addAll(of(reading)));
        }
        derived(said);
        return said;
    }

    private Side operated() {
        return standing.facts().side();
    }

    private Readings readings() {
        return standing.facts().readings();
    }

    private Optional<Reading> latest(Side side, Mode mode) {
        return readings().latestStrict(measure.id(), side, mode);
    }

    private List<String> of(Reading reading) {
        List<String> said = new ArrayList<>();
        latest(operated().other(), reading.mode())
                .filter(other -> measure.bothSides())
                .map(other -> against(reading, other))
                .ifPresent(said::add);
        before(reading)
                .filter(before -> measure.unit() != Unit.SEEN && measure.unit() != Unit.EFFUSION_GRADE)
                .map(before -> change(before, reading))
                .ifPresent(said::add);
        new Corridors(standing.course())
                .place(standing.day(), measure, reading.amount())
                .filter(place ->
                        reading.mode() == Mode.PASSIVE || measure.motion().isEmpty())
                .map(this::expected)
                .ifPresent(said::add);
        perKilogram(reading).ifPresent(said::add);
        if (measure.id().equals("heel-height-difference")) {
            said.add("about " + Plain.number(reading.amount().value()) + "° of extension");
        }
        return said.stream()
                .map(each -> measure.motion().isPresent() ? mode(reading) + ": " + each : each)
                .toList();
    }

    private static String mode(Reading reading) {
        return reading.mode() == Mode.PASSIVE ? "passive" : "active";
    }

    private String against(Reading mine, Reading other) {
        String side = operated().other() == Side.LEFT ? "the left" : "the right";
        if (measure.unit().isRatioScale()
                && other.amount().value() > 0
                && mine.amount().value() > 0) {
            double percent = Symmetry.between(mine.amount(), other.amount(), measure.better())
                    .percent();
            return Plain.number(percent) + " % of " + side;
        }
        double lacking = measure.gain(mine.amount(), other.amount());
        String unit = measure.unit().suffix();
        return lacking > 0
                ? Plain.number(lacking) + unit + " short of " + side
                : lacking < 0 ? Plain.number(-lacking) + unit + " beyond " + side : "equal to " + side;
    }

    private Optional<Reading> before(Reading reading) {
        return readings().upTo(reading.date().minusDays(1)).latestStrict(measure.id(), reading.side(), reading.mode());
    }

    private String change(Reading before, Reading now) {
        double gain = measure.gain(before.amount(), now.amount());
        double error = measure.errorBetween(before, now);
        String since = " since " + SignWords.date(before.date());
        if (gain == 0) {
            return "as before" + since;
        }
        String by = Plain.number(Math.abs(gain)) + measure.unit().suffix() + (gain > 0 ? " better" : " worse") + since;
        return measure.unit().hasDistances() && !measure.isChange(before, now)
                ? by + ", less than the error of " + Plain.number(error)
                        + measure.unit().suffix() + ": no change"
                : by;
    }

    private String expected(Corridors.Place place) {
        String corridor = new Corridors(standing.course())
                .on(standing.day(), measure)
                .map(point -> MilestoneWords.corridor(measure, point))
                .orElse("");
        return switch (place) {
            case BEHIND -> "behind what is expected, " + corridor;
            case WITHIN -> "as expected, " + corridor;
            case AHEAD -> "ahead of what is expected, " + corridor;
        };
    }

    private Optional<String> perKilogram(Reading reading) {
        if (measure.taken().method() != Method.FORCE) {
            return Optional.empty();
        }
        return readings()
                .latestStrict(BODY_MASS, operated(), Mode.ACTIVE)
                .map(mass -> new Torque(reading.amount().value())
                        .perKilogram(new BodyMass(mass.amount().value())))
                .map(per -> String.format(Locale.ROOT, "%.2f N·m/kg", per));
    }

    /** What is worked out from this measure, and the milestones that wait for either. */
    private void derived(List<String> said) {
        for (Measure each : standing.course().measures()) {
            boolean fromThis = each.taken().derivation().map(Derivation::terms).orElse(List.of()).stream()
                    .anyMatch(term -> term.measure().equals(measure.id()));
            if (fromThis) {
                readings()
                        .latestStrict(each.id(), operated(), Mode.ACTIVE)
                        .map(reading -> each.title() + " " + amount(each, reading.amount()) + ", "
                                + SignWords.date(reading.date()))
                        .ifPresent(said::add);
            }
        }
    }

    private static String amount(Measure of, Amount amount) {
        return MilestoneWords.reading(of, amount);
    }

    /** The state of each milestone of the next phase that this measure decides. */
    List<String> milestones(Dates dates) {
        MilestoneWords words = new MilestoneWords(dates);
        return standing.next().map(next -> next.milestones()).orElse(List.of()).stream()
                .filter(milestone -> milestone
                        .criterion()
                        .measures()
                        .anyMatch(each -> each.id().equals(measure.id())))
                .map((Milestone milestone) -> milestone.criterion().title() + ": " + MilestoneWords.state(milestone)
                        + ". " + words.say(milestone))
                .toList();
    }
}
