package waypost.core.runner;

import java.util.List;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.demand.Chain;
import waypost.core.gait.Aid;
import waypost.core.gait.LegBounds;
import waypost.core.gait.Pattern;
import waypost.core.gait.Turning;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Component;
import waypost.core.limit.MotionLimit;
import waypost.core.strength.BodyMass;

/**
 * How somebody walks in a course today.
 *
 * @param usual with the steadiest aid that goes
 * @param aids those with which it may be walked today; none when no walking is open
 * @param weight what the leg may carry
 * @param mass kilograms; empty where it was not measured in time
 */
public record CourseWalk(Walk usual, List<Aid> aids, WeightLimit weight, Optional<Double> mass) {

    public CourseWalk {
        aids = List.copyOf(aids);
    }

    private static final double STANDING_HIP = 45;
    /** What a hip turns while the feet go round in small steps. */
    private static final double SMALL_STEP = 10;

    public static CourseWalk of(Standing standing) {
        WeightLimit weight = WeightLimit.of(standing);
        Walk byWeight =
                Walk.usual(standing.facts().side(), weight.most(), weight.alone(), turning(standing), bounds(standing));
        List<Aid> aids = AidsToday.of(standing, weight);
        return new CourseWalk(
                byWeight.with(Optional.of(usual(byWeight.aid(), aids)), Optional.empty(), Optional.empty()),
                aids,
                weight,
                WeightTraining.mass(standing).map(BodyMass::kilograms));
    }

    /** What the weight leaves, or the next steadier one that is open; a frame when none is. */
    private static Aid usual(Aid byWeight, List<Aid> aids) {
        return aids.stream()
                .filter(aid -> aid.compareTo(byWeight) <= 0)
                .reduce((steadier, lighter) -> lighter)
                .or(() -> aids.stream().findFirst())
                .orElse(Aid.WALKER);
    }

    /** This walk with what was asked for, as far as it is open. */
    public Walk with(Optional<Aid> aid, Optional<Pattern> pattern, Optional<Way> way) {
        return usual.with(aid.filter(aids::contains), pattern, way);
    }

    /** Enough for the weight, and not opened yet. */
    public List<Aid> later() {
        return Walk.aids(weight.most(), weight.alone()).stream()
                .filter(aid -> !aids.contains(aid))
                .toList();
    }

    /** How far hip and knee of the operated leg bend while it stands, walks or sits, by itself or moved. */
    public static LegBounds bounds(Standing standing) {
        return new LegBounds(
                standing.allowedArc(Motion.HIP_FLEXION, Chain.CLOSED, Mode.ACTIVE, Mode.PASSIVE),
                standing.allowedArc(Motion.KNEE_FLEXION, Chain.CLOSED, Mode.ACTIVE, Mode.PASSIVE));
    }

    /** Who may not turn in turns another way than who may not be left behind turned out; who may neither keeps both. */
    static Turning turning(Standing standing) {
        boolean notIn = standing.precautions().stream().anyMatch(each -> isOfAStandingHip(each) && barsTurningIn(each));
        boolean notOut =
                standing.precautions().stream().anyMatch(each -> isOfAStandingHip(each) && barsTurningOut(each));
        boolean notBehind = standing.precautions().stream().anyMatch(CourseWalk::barsTurningOutBehind);
        if (notIn && (notBehind || notOut)) {
            return Turning.BY_EVERY_RULE;
        }
        if (notOut && !notIn) {
            return Turning.NEVER_TURNED_OUT;
        }
        return notIn ? Turning.TOWARD_THE_OTHER_SIDE : notBehind ? Turning.OPERATED_FOOT_FIRST : Turning.IN_SMALL_STEPS;
    }

    /** Whether the leg may not turn in today. */
    public static boolean barsTurningIn(Standing standing) {
        return standing.precautions().stream().anyMatch(CourseWalk::barsTurningIn);
    }

    private static boolean barsTurningIn(Precaution<?> precaution) {
        if (precaution.limit().limit() instanceof CombinedLimit together) {
            return together.components().stream()
                    .anyMatch(each -> turns(each) && each.zone().least().value() < 0);
        }
        return precaution.limit().limit() instanceof MotionLimit limit
                && limit.motion() == Motion.HIP_ROTATION
                && precaution
                        .step()
                        .value()
                        .most()
                        .map(Arc.class::cast)
                        .map(arc -> arc.least().value() >= 0)
                        .orElse(true);
    }

    /** What holds only while the hip is bent further than anybody does who turns round on their feet, is not asked. */
    private static boolean isOfAStandingHip(Precaution<?> precaution) {
        return !(precaution.limit().limit() instanceof MotionLimit limit)
                || limit.circumstance().during().stream()
                        .noneMatch(each -> each.motion() == Motion.HIP_FLEXION
                                && each.zone().least().value() >= STANDING_HIP);
    }

    private static boolean barsTurningOut(Precaution<?> precaution) {
        return precaution.limit().limit() instanceof MotionLimit limit
                && limit.motion() == Motion.HIP_ROTATION
                && precaution
                        .step()
                        .value()
                        .most()
                        .map(Arc.class::cast)
                        .map(arc -> arc.most().value() < SMALL_STEP)
                        .orElse(true);
    }

    private static boolean barsTurningOutBehind(Precaution<?> precaution) {
        return precaution.limit().limit() instanceof CombinedLimit together
                && together.components().stream()
                        .anyMatch(each -> turns(each) && each.zone().most().value() > 0)
                && together.components().stream()
                        .anyMatch(each -> each.motion() == Motion.HIP_FLEXION
                                && each.zone().most().value() <= 0);
    }

    private static boolean turns(Component component) {
        return component.motion() == Motion.HIP_ROTATION;
    }
}
