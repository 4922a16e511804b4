package waypost.library.simulated;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Unit;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Phase;
import waypost.core.protocol.Protocol;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/** What lies under the skin: when each criterion will be ready, and what would be measured on a day. */
final class Hidden {

    private static final int DAYS_AHEAD = 5;
    private static final double MARGIN_OF_ERROR = 1.3;
    private static final double OF_THE_SPAN = 0.12;

    /** One value that is reached by a day. */
    private record Anchor(int day, double value) {}

    /** What is measured. */
    private record Key(Measure measure, Mode mode) {}

    private final Resolved resolved;
    private final Healing healing;
    private final Map<String, Integer> ready = new LinkedHashMap<>();
    private final Map<Key, List<Anchor>> anchors = new LinkedHashMap<>();
    private final Map<Key, Double> caps = new LinkedHashMap<>();

    Hidden(Resolved resolved, List<Measure> known, Healing healing) {
        this.resolved = resolved;
        this.healing = healing;
        Protocol protocol = resolved.protocol();
        for (Phase phase : protocol.phases()) {
            int day = protocol.after(phase)
                    .map(next -> Math.max(dayOf(phase) + 1, dayOf(next) - DAYS_AHEAD))
                    .orElse(dayOf(phase) + 1);
            phase.leave().forEach(id -> ready.putIfAbsent(id, day));
        }
        int middle = dayOf(protocol.phases().get(protocol.phases().size() - 1)) / 2;
        for (Criterion criterion : protocol.criteria()) {
            anchor(criterion, ready.computeIfAbsent(criterion.id(), id -> middle));
        }
        for (FollowUp.Corridor corridor : resolved.followUp().corridors()) {
            known.stream()
                    .filter(measure -> measure.id().equals(corridor.measure()))
                    .forEach(measure -> corridor(measure, corridor));
        }
        anchors.values().forEach(list -> list.sort(Comparator.comparingInt(Anchor::day)));
    }

    private int dayOf(Phase phase) {
        return phase.earliest().from(resolved.dayZero()).number();
    }

    private void corridor(Measure measure, FollowUp.Corridor corridor) {
        Mode mode = anchors.keySet().stream()
                .filter(key -> key.measure().equals(measure))
                .map(Key::mode)
                .findFirst()
                .orElse(measure.motion().isPresent() ? Mode.PASSIVE : Mode.ACTIVE);
        for (FollowUp.Point point : corridor.points()) {
            int day = point.from().from(resolved.dayZero()).number();
            add(measure, mode, day, (point.low() + point.high()) / 2);
        }
    }

    private void anchor(Criterion criterion, int day) {
        if (criterion instanceof Criterion.Several several) {
            several.parts().forEach(part -> anchor(part, day));
        } else if (criterion instanceof Criterion.SymmetryAtLeast symmetry) {
            double share = Math.min(1, symmetry.percent() / 100 + 0.05);
            double other = other(symmetry.measure());
            boolean higher = symmetry.measure().better() == Measure.Better.HIGHER;
            add(symmetry.measure(), symmetry.mode(), day, higher ? other * share : other / share);
        } else if (criterion instanceof Criterion.RatioBetween ratio) {
            double divisor = other(ratio.divisor());
            add(ratio.divisor(), ratio.mode(), day, divisor);
            add(ratio.measure(), ratio.mode(), day, divisor * (ratio.least() + ratio.most()) / 200);
        } else if (criterion instanceof Criterion.Observed observed) {
            add(observed.measure(), observed.mode(), day, 1);
        } else {
            anchorBound(criterion, day);
        }
    }

    private void anchorBound(Criterion criterion, int day) {
        if (criterion instanceof Criterion.Reach reach) {
            add(
                    reach.measure(),
                    reach.mode(),
                    day,
                    better(reach.measure(), reach.bound().value(), 1));
        } else if (criterion instanceof Criterion.NoFurther limit) {
            caps.put(
                    new Key(limit.measure(), limit.mode()),
                    better(limit.measure(), limit.bound().value(), -1));
            add(
                    limit.measure(),
                    limit.mode(),
                    day,
                    better(limit.measure(), limit.bound().value(), -1));
        } else if (criterion instanceof Criterion.Deficit deficit) {
            double lacking = Math.max(
                    0,
                    deficit.most().value()
                            - MARGIN_OF_ERROR
                                    * deficit.measure()
                                            .error()
                                            .at(deficit.most().value()));
            add(deficit.measure(), deficit.mode(), day, lesser(deficit.measure(), lacking));
        }
    }

    private double better(Measure measure, double bound, int way) {
        double by = way * MARGIN_OF_ERROR * measure.error().at(bound);
        return bound + (measure.better() == Measure.Better.HIGHER ? by : -by);
    }

    private double lesser(Measure measure, double lacking) {
        return other(measure) + (measure.better() == Measure.Better.HIGHER ? -lacking : lacking);
    }

    private void add(Measure measure, Mode mode, int day, double value) {
        anchors.computeIfAbsent(new Key(measure, mode), key -> new ArrayList<>())
                .add(new Anchor(day, clipped(measure, value)));
    }

    private static double clipped(Measure measure, double value) {
        return Math.max(measure.least(), Math.min(measure.most(), value));
    }

    /** The healthy side: what is usual, or four fifths of what can be entered. */
    private static double other(Measure measure) {
        return measure.norm()
                .map(Measure.Norm::value)
                .orElse(
                        measure.better() == Measure.Better.LOWER
                                ? Math.max(0, measure.least())
                                : measure.least() + 0.6 * (measure.most() - measure.least()));
    }

    /** Whether something that somebody must say would be said by then. */
    boolean isReady(Criterion criterion, int day) {
        return day >= ready.getOrDefault(criterion.id(), Integer.MAX_VALUE);
    }

    /** What would be read on a day, both sides where both are taken; what may not be measured yet is left out. */
    List<Reading> readings(CourseDay day, Side operated, Set<String> notSafe) {
        List<Reading> read = new ArrayList<>();
        LocalDate date = day.dateFrom(resolved.dayZero());
        anchors.forEach((key, list) -> {
            Measure measure = key.measure();
            if (!notSafe.contains(measure.id())) {
                double own = value(key, measure, list, day.number());
                read.add(reading(measure, operated, key.mode(), own, date));
                if (measure.bothSides()) {
                    read.add(reading(measure, operated.other(), key.mode(), other(measure), date));
                }
            }
        });
        return read;
    }

    private static Reading reading(Measure measure, Side side, Mode mode, double value, LocalDate date) {
        double rounded = clipped(measure, Math.round(value * 10) / 10.0);
        return Reading.usual(measure, side, mode, measure.amount(rounded), date, true, "made up");
    }

    private double value(Key key, Measure measure, List<Anchor> list, int day) {
        double slow = day * healing.pace(isRange(measure));
        double best = start(measure, list.get(0));
        Optional<Anchor> before = Optional.empty();
        for (Anchor anchor : list) {
            if (anchor.day() <= slow) {
                best = better(measure, best, anchor.value());
                before = Optional.of(anchor);
            } else {
                int from = before.map(Anchor::day).orElse(0);
                double share = Math.max(0, (slow - from) / (anchor.day() - from));
                best = better(measure, best, best + (anchor.value() - best) * share);
                break;
            }
        }
        Optional<Double> cap = Optional.ofNullable(caps.get(key));
        double reached = best;
        return cap.map(most -> better(measure, most, reached) == most ? reached : most)
                .orElse(reached);
    }

    /** How far something moves: of one joint, or of a leg as a whole. */
    private static boolean isRange(Measure measure) {
        return measure.motion().isPresent() || measure.unit() == Unit.DEGREES;
    }

    private static double better(Measure measure, double one, double other) {
        return measure.better() == Measure.Better.HIGHER ? Math.max(one, other) : Math.min(one, other);
    }

    private static double start(Measure measure, Anchor first) {
        double off = OF_THE_SPAN * (measure.most() - measure.least());
        return clipped(measure, measure.better() == Measure.Better.HIGHER ? first.value() - off : first.value() + off);
    }
}
