package waypost.benchmarks;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import waypost.core.body.Side;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.log.Decisions;
import waypost.core.measure.Readings;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolved;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** One operation judges the whole library for one course and day, reasons built; resolving is measured apart. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class GateBenchmark {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    private Bundle bundle;
    private Protocol protocol;
    private Answers answers;
    private Gate gate;
    private Facts[] days;
    private int next;

    @Setup
    public void setUp() {
        bundle = ShippedLibrary.read();
        protocol = bundle.protocol("knee.ligament-reconstruction");
        answers = new Answers(Map.of("ligament", Set.of("anterior"), "graft", Set.of("quadriceps-tendon"), "open-chain", Set.of("early")));
        gate = resolve();
        days = new Facts[300];
        for (int day = 0; day < days.length; day++) {
            days[day] = new Facts(
                    new CourseDay(day),
                    DAY_ZERO.plusDays(day),
                    Side.RIGHT,
                    protocol.phases().get(Math.min(day / 30, protocol.phases().size() - 1)),
                    Set.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Readings.NONE,
                    false);
        }
    }

    /** How many verdicts one operation of {@link #judgeLibrary} gives. */
    static int verdictsAnOperation() {
        return ShippedLibrary.read().activities().stream()
                .mapToInt(activity -> activity.roles().size())
                .sum();
    }

    @Benchmark
    public List<Verdict> judgeLibrary() {
        next = (next + 1) % days.length;
        return gate.judgeAll(days[next]);
    }

    /**
     * A thousand courses of all shipped protocols, each resolved, and judged over the whole library once; what applies is
     * worked out once for all that are answered alike, a gate compiled once for courses with equal rules and put on other
     * days where only those differ, as the application does.
     */
    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @Warmup(iterations = 10)
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public int thousandCourses() {
        Map<String, Resolver> applied = new HashMap<>();
        Map<String, Gate> alike = new HashMap<>();
        Map<List<Object>, Gate> compiled = new HashMap<>();
        return judged((each, clocks) -> {
            Resolver applies = applied.computeIfAbsent(each.id(), id -> Resolver.of(each, Answers.NONE));
            Resolved resolved = applies.on(clocks, Decisions.NONE);
            List<Object> undated = List.of(each.id(), applies.undated(clocks));
            Gate known = compiled.getOrDefault(undated, alike.get(each.id()));
            Gate gate = known == null ? compiled(resolved) : known.forCourse(resolved);
            compiled.put(undated, gate);
            alike.put(each.id(), gate);
            return gate;
        });
    }

    /** The same with every gate compiled for its course alone. */
    @Benchmark
    @BenchmarkMode(Mode.SingleShotTime)
    @Warmup(iterations = 10)
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public int thousandCoursesAlone() {
        return judged((each, clocks) -> compiled(Resolver.resolve(each, Answers.NONE, clocks, Decisions.NONE)));
    }

    private Gate compiled(Resolved resolved) {
        return Gate.of(resolved, bundle.activities(), bundle.measures());
    }

    private int judged(BiFunction<Protocol, Clocks, Gate> gates) {
        int open = 0;
        for (int i = 0; i < 1_000; i++) {
            Protocol each = bundle.protocols().get(i % bundle.protocols().size());
            Clocks clocks = Clocks.startingOn(DAY_ZERO.minusDays(i % 200));
            Facts today = new Facts(
                    new CourseDay(i % 200),
                    DAY_ZERO,
                    Side.RIGHT,
                    each.firstPhase(),
                    Set.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Readings.NONE,
                    false);
            for (Verdict verdict : gates.apply(each, clocks).judgeAll(today)) {
                open += verdict.kind().isOpen() ? 1 : 0;
            }
        }
        return open;
    }

    /** Reading the whole shipped library from its files. */
    @Benchmark
    @OutputTimeUnit(TimeUnit.MILLISECONDS)
    public Bundle readLibrary() {
        return ShippedLibrary.read();
    }

    @Benchmark
    public Gate resolve() {
        return Gate.of(Resolver.resolve(protocol, answers, DAY_ZERO), bundle.activities(), bundle.measures());
    }
}
