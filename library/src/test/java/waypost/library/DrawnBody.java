package waypost.library;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Allowed;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;

/** How a leg stands in a picture, judged by the limits of the day as an exercise that asks just that. */
final class DrawnBody {

    static final Bundle BUNDLE = Shipped.BUNDLE;

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int ANSWERED = 12;
    private static final int LAST_DAY = 112;

    private final List<Demand> demands = new ArrayList<>();
    private final List<Demand> backward = new ArrayList<>();

    static Stream<Protocol> legs() {
        return BUNDLE.protocols().stream()
                .filter(protocol -> Resolver.resolve(protocol, Answers.NONE, DAY_ZERO)
                        .region()
                        .limbs()
                        .contains(Limb.LEG));
    }

    /** Every week of some of a protocol's courses. */
    static Stream<Standing> weeks(Protocol protocol) {
        List<Answers> all = new ArrayList<>(EveryAnswer.to(protocol));
        Collections.shuffle(all, new Random(protocol.id().hashCode()));
        return Stream.concat(Stream.of(Answers.NONE), all.stream().limit(ANSWERED))
                .map(answers -> Course.of(
                        Resolver.resolve(protocol, answers, DAY_ZERO),
                        BUNDLE.activities(),
                        BUNDLE.measures(),
                        History.of(Side.LEFT, Evidence.NONE, List.of(), List.of())))
                .flatMap(course -> IntStream.rangeClosed(0, LAST_DAY / 7)
                        .mapToObj(week -> DAY_ZERO.plusWeeks(week))
                        .map(date -> course.on(date, date, Outlook.TIME_ONLY)));
    }

    /** To the nearest degree: what is drawn is no finer. */
    DrawnBody at(Motion motion, double degrees) {
        double whole = Math.round(degrees);
        demands.add(movement(motion, whole, Direction.POSITIVE));
        backward.add(movement(motion, whole, Direction.NEGATIVE));
        return this;
    }

    private static Demand movement(Motion motion, double whole, Direction working) {
        return Demand.Movement.lightly(motion, Arc.between(whole, whole), working, Mode.ACTIVE, Chain.CLOSED);
    }

    /** What it breaks on a day, whichever way it works. */
    Stream<String> breaks(Standing standing) {
        return Stream.of(demands, backward).flatMap(asked -> breaks(standing, asked));
    }

    private static Stream<String> breaks(Standing standing, List<Demand> demands) {
        Role held = Role.of(new RoleKey("drawn", "operated"), "", demands, Reducible.NOTHING);
        return standing.precautions().stream()
                .filter(each -> breaks(each, held))
                .map(each -> each.limit().limit().head().id() + " "
                        + demands.stream()
                                .map(demand ->
                                        ((Demand.Movement) demand).motion() + " " + ((Demand.Movement) demand).arc())
                                .toList());
    }

    private static <T> boolean breaks(Precaution<T> precaution, Role held) {
        Limit<T> limit = precaution.limit().limit();
        Allowed<T> allowed = precaution.step().value();
        return (limit instanceof MotionLimit || limit instanceof CombinedLimit)
                && IntStream.range(0, held.demands().size())
                        .anyMatch(at -> limit.concerns(held, at) && !limit.respected(held, at, allowed));
    }
}
