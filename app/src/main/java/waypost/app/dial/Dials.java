package waypost.app.dial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Degrees;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.measure.Measure;
import waypost.core.measure.Plain;
import waypost.core.measure.Reading;
import waypost.core.milestone.Milestone;
import waypost.library.bundle.Word;
import waypost.library.words.SignWords;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Draws the dials of a role: each movement that it asks for against what is allowed and what was measured. */
public final class Dials {

    private static final int MOST = 4;
    private static final int EARLIER = 5;
    private static final double INNER = 34;
    private static final double ASKED_AT = 28;
    private static final double OTHER_AT = 86;
    private static final double LABEL_AT = 95;
    private static final double BOUND_AT = 57;
    private static final int TICK_DEGREES = 30;

    private final Standing standing;
    private final List<Measure> measures;

    public Dials(Standing standing, List<Measure> measures) {
        this.standing = standing;
        this.measures = List.copyOf(measures);
    }

    /** One dial for each joint motion of the operated region, at most four. */
    public List<Dial> of(Role role) {
        List<Motion> seen = new ArrayList<>();
        List<Dial> dials = new ArrayList<>();
        for (int at : movements(role)) {
            Demand.Movement movement = (Demand.Movement) role.demands().get(at);
            if (!seen.contains(movement.motion()) && dials.size() < MOST) {
                seen.add(movement.motion());
                dials.add(new Drawing(movement.motion(), Optional.of(movement.arc()), standing.allowedArc(role, at))
                        .dial());
            }
        }
        return dials;
    }

    /** A dial for each motion of the operated joints, to measure by. */
    public List<MeasuringDial> toMeasure() {
        List<MeasuringDial> dials = new ArrayList<>();
        for (Motion motion : Motion.values()) {
            List<String> ends = measures.stream()
                    .filter(measure -> measure.motion().equals(Optional.of(motion)))
                    .map(Measure::id)
                    .toList();
            boolean operated = standing.course().resolved().region().joints().contains(motion.joint());
            if (operated && !ends.isEmpty()) {
                Dial dial = new Drawing(motion, Optional.empty(), allowedToMeasure(motion)).dial();
                dials.add(new MeasuringDial(dial, motion.possible(), ends));
            }
        }
        return dials;
    }

    /** What the limits leave for the test that measures this motion; all of it where no test does. */
    private Optional<Arc> allowedToMeasure(Motion motion) {
        for (Activity activity : standing.course().activities()) {
            if (activity instanceof Activity.Test test
                    && measures.stream()
                            .anyMatch(measure -> measure.id().equals(test.measure())
                                    && measure.motion().equals(Optional.of(motion)))) {
                Role role = test.roles().get(0);
                for (int at : movements(role)) {
                    if (((Demand.Movement) role.demands().get(at)).motion() == motion) {
                        return standing.allowedArc(role, at);
                    }
                }
            }
        }
        return Optional.of(motion.possible());
    }

    private int[] movements(Role role) {
        return IntStream.range(0, role.demands().size())
                .filter(at -> role.demands().get(at) instanceof Demand.Movement movement
                        && movement.concerns(standing.course().resolved().region()))
                .toArray();
    }

    /** One dial on its way. */
    private final class Drawing {

        private final Motion motion;
        private final Optional<Arc> asked;
        private final Optional<Arc> allowed;
        private final Arc possible;
        private final DialFace face;
        private final List<Dial.Shape> shapes = new ArrayList<>();
        private final List<Dial.Label> labels = new ArrayList<>();
        private final List<Dial.Fact> facts = new ArrayList<>();

        Drawing(Motion motion, Optional<Arc> asked, Optional<Arc> allowed) {
            this.motion = motion;
            this.asked = asked;
            this.allowed = allowed;
            this.possible = motion.possible();
            this.face = new DialFace(possible);
        }

        Dial dial() {
            usual();
            allowed();
            shape("rim", face.arc(least(possible), most(possible), DialFace.RIM));
            asked.ifPresent(this::asked);
            otherSide();
            goals();
            Stream.of(Mode.PASSIVE, Mode.ACTIVE).forEach(this::hands);
            for (int tick = 0; tick <= most(possible); tick += TICK_DEGREES) {
                label("tick", tick, LABEL_AT, Integer.toString(tick));
            }
            String title = Words.sentenceCase(Terms.bend(motion));
            return new Dial(title, Word.of(motion), face.viewBox(), shapes, labels, facts);
        }

        private void usual() {
            double from = ofMotion(Direction.NEGATIVE)
                    .flatMap(Measure::norm)
                    .map(Measure.Norm::value)
                    .orElse(0.0);
            ofMotion(Direction.POSITIVE)
                    .flatMap(Measure::norm)
                    .map(Measure.Norm::value)
                    .filter(to -> to > from)
                    .ifPresent(to -> {
                        shape("usual", face.sector(from, to, INNER, DialFace.RIM));
                        fact("usual range", degrees(from) + " to " + degrees(to));
                    });
        }

        private void allowed() {
            if (allowed.isEmpty()) {
                shape("beyond", face.sector(least(possible), most(possible), INNER, DialFace.RIM));
                fact("allowed today", "nothing");
                return;
            }
            Arc arc = allowed.get();
            shape("allowed", face.sector(least(arc), most(arc), INNER, DialFace.RIM));
            bound(arc.least(), possible.least(), least(possible), least(arc));
            bound(arc.most(), possible.most(), most(arc), most(possible));
            boolean free = arc.equals(possible);
            fact("allowed today", free ? "no limit" : degrees(least(arc)) + " to " + degrees(most(arc)));
        }

        private void bound(Degrees bound, Degrees end, double beyondFrom, double beyondTo) {
            if (!bound.equals(end)) {
                shape("beyond", face.sector(beyondFrom, beyondTo, INNER, DialFace.RIM));
                shape("edge", face.ray(bound.value(), INNER, DialFace.RIM));
                label("number", bound.value(), BOUND_AT, degrees(bound.value()));
            }
        }

        private void asked(Arc arc) {
            double to = Math.max(most(arc), least(arc) + 1);
            shape("asked", face.arc(least(arc), to, ASKED_AT));
            fact("this asks for", degrees(least(arc)) + " to " + degrees(most(arc)));
        }

        private void otherSide() {
            Side other = standing.facts().side().other();
            Optional<Double> most =
                    latest(Direction.POSITIVE, other, Mode.PASSIVE).map(Dials::value);
            double least = latest(Direction.NEGATIVE, other, Mode.PASSIVE)
                    .map(Dials::value)
                    .orElse(0.0);
            most.filter(to -> to > least).ifPresent(to -> {
                shape("other", face.arc(least, to, OTHER_AT));
                fact("other side", degrees(least) + " to " + degrees(to));
            });
        }

        private void goals() {
            standing.next().map(NextPhase::milestones).orElse(List.of()).stream()
                    .map(Milestone::criterion)
                    .filter(Criterion.Reach.class::isInstance)
                    .map(Criterion.Reach.class::cast)
                    .filter(reach -> reach.measure().motion().equals(Optional.of(motion)))
                    .forEach(reach -> {
                        shape("goal", face.ray(reach.bound().value(), DialFace.RIM - 9, OTHER_AT));
                        fact("goal", degrees(reach.bound().value()));
                    });
        }

        private void hands(Mode mode) {
            for (Direction end : Direction.values()) {
                List<Reading> readings = readings(end, standing.facts().side(), mode);
                int last = readings.size() - 1;
                for (int i = Math.max(0, last - EARLIER); i < last; i++) {
                    shape("before", face.ray(value(readings.get(i)), DialFace.RIM - 8, DialFace.RIM));
                }
                if (last >= 0) {
                    String name = mode == Mode.PASSIVE ? "passive" : "active";
                    shape(name, face.ray(value(readings.get(last)), 0, DialFace.RIM - 3));
                    fact(
                            name + " " + motion.name(end),
                            degrees(value(readings.get(last))) + ", "
                                    + SignWords.date(readings.get(last).date()));
                }
            }
        }

        private Optional<Reading> latest(Direction end, Side side, Mode mode) {
            List<Reading> all = readings(end, side, mode);
            return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
        }

        private List<Reading> readings(Direction end, Side side, Mode mode) {
            return ofMotion(end)
                    .map(measure -> standing.facts().readings().strict(measure.id(), side, mode))
                    .orElse(List.of());
        }

        private Optional<Measure> ofMotion(Direction end) {
            return measures.stream()
                    .filter(measure -> measure.motion().equals(Optional.of(motion))
                            && measure.end().equals(Optional.of(end)))
                    .findFirst();
        }

        private void shape(String kind, String path) {
            shapes.add(new Dial.Shape(kind, path));
        }

        private void label(String kind, double angle, double radius, String text) {
            labels.add(new Dial.Label(
                    kind, DialFace.said(face.x(angle, radius)), DialFace.said(face.y(angle, radius)), text));
        }

        private void fact(String what, String value) {
            facts.add(new Dial.Fact(what, value));
        }
    }

    private static double value(Reading reading) {
        return reading.amount().value();
    }

    private static double least(Arc arc) {
        return arc.least().value();
    }

    private static double most(Arc arc) {
        return arc.most().value();
    }

    private static String degrees(double value) {
        return Plain.number(value) + "°";
    }
}
