package waypost.library;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import waypost.core.body.Side;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;

/** A course on the shipped knee protocol with every phase signed, milestone met and range there: time alone decides. */
public final class KneeCourse {

    public static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    public static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final Map<String, String> NOTHING_BESIDES = Map.of(
            "ligament",
            "anterior",
            "graft",
            "donor",
            "meniscus-repair",
            "none",
            "cartilage-repair",
            "none",
            "collateral-repair",
            "none");

    private final Map<String, String> answers = new HashMap<>(NOTHING_BESIDES);

    /** The same course with another answer; "not stated" takes it back. */
    public KneeCourse with(String question, String value) {
        if (value.equals("not stated")) {
            answers.remove(question);
        } else {
            answers.put(question, value);
        }
        return this;
    }

    public static Protocol protocol() {
        return BUNDLE.protocol("knee.ligament-reconstruction");
    }

    public Resolved resolved() {
        Map<String, Set<String>> stated =
                answers.entrySet().stream().collect(Collectors.toMap(Map.Entry::getKey, e -> Set.of(e.getValue())));
        return Resolver.resolve(protocol(), new Answers(stated), DAY_ZERO);
    }

    public Verdict on(int day, String role) {
        return gate().judge(RoleKey.of(role), facts(day));
    }

    /** The first day from surgery to ten months on which the role is open, if only with a limit. */
    public Optional<Integer> firstOpenDay(String role) {
        Gate gate = gate();
        return IntStream.range(0, 305)
                .filter(day -> gate.judge(RoleKey.of(role), facts(day)).kind().isOpen())
                .boxed()
                .findFirst();
    }

    private Gate gate() {
        return Gate.of(resolved(), BUNDLE.activities(), BUNDLE.measures());
    }

    private static Facts facts(int day) {
        Protocol protocol = protocol();
        return new Facts(
                new CourseDay(day),
                DAY_ZERO.plusDays(day),
                Side.RIGHT,
                protocol.phase("return"),
                protocol.criteria().stream().map(Criterion::id).collect(Collectors.toSet()),
                List.of(),
                List.of(),
                List.of(),
                Readings.NONE,
                true);
    }
}
