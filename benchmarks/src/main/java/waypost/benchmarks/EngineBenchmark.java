package waypost.benchmarks;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
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
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
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
import waypost.library.bundle.ShippedLibrary;

/**
 * One course over the whole library on one day after the other: our gate, the rule engine, and a loop over packed arrays. They
 * have to agree on every objection before anything is timed.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
public class EngineBenchmark {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int DAYS = 300;
    private static final int DAYS_A_PHASE = 30;

    private Bundle bundle;
    private Protocol protocol;
    private Resolved resolved;
    private Gate gate;
    private RuleEngine engine;
    private PackedLoop loop;
    private int[] found;
    private int next;

    @Setup
    public void setUp() {
        bundle = ShippedLibrary.read();
        protocol = bundle.protocol("knee.ligament-reconstruction");
        Answers answers = new Answers(Map.of("ligament", Set.of("anterior"), "graft", Set.of("quadriceps-tendon"), "open-chain", Set.of("early")));
        resolved = Resolver.resolve(protocol, answers, DAY_ZERO);
        gate = Gate.of(resolved, bundle.activities(), bundle.measures());
        engine = new RuleEngine(resolved, bundle.activities());
        loop = new PackedLoop(resolved, bundle.activities());
        found = new int[loop.intervals()];
        int objections = 0;
        for (int day = -1; day < DAYS; day++) {
            objections += agreedOn(day);
        }
        System.out.printf(
                "# %d facts, %d intervals: gate, engine (fresh and kept) and loop agree on %d objections over %d days%n",
                engine.facts(), loop.intervals(), objections, DAYS + 1);
    }

    private int agreedOn(int day) {
        CourseDay courseDay = new CourseDay(day);
        Set<String> ours = SaidByGate.of(gate.judgeAll(facts(day)));
        Set<String> looped = loop.on(day, phase(day));
        Set<String> kept = engine.kept(courseDay, phaseId(day));
        boolean fresh = day % DAYS_A_PHASE != 0 || engine.fresh(courseDay, phaseId(day)).equals(ours);
        if (!ours.equals(looped) || !ours.equals(kept) || !fresh) {
            throw new IllegalStateException("day " + day + ": gate " + ours.size() + ", loop " + looped.size()
                    + ", engine " + kept.size() + " objections: " + SaidByGate.difference(ours, looped, kept));
        }
        return ours.size();
    }

    private int phase(int day) {
        return Math.min(Math.max(day, 0) / DAYS_A_PHASE, protocol.phases().size() - 1);
    }

    private String phaseId(int day) {
        return protocol.phases().get(phase(day)).id();
    }

    private Facts facts(int day) {
        return new Facts(
                new CourseDay(day),
                DAY_ZERO.plusDays(day),
                Side.RIGHT,
                protocol.phases().get(phase(day)),
                Set.of(),
                List.of(),
                List.of(),
                List.of(),
                Readings.NONE,
                true);
    }

    private int nextDay() {
        next = (next + 1) % DAYS;
        return next;
    }

    @Benchmark
    public List<Verdict> gate() {
        return gate.judgeAll(facts(nextDay()));
    }

    /** The same without anything kept from other days. */
    @Benchmark
    public int gateAnew() {
        Facts facts = facts(nextDay());
        int reasons = 0;
        for (Activity activity : bundle.activities()) {
            for (Role role : activity.roles()) {
                reasons += gate.judgeAltered(role, facts).reasons().size();
            }
        }
        return reasons;
    }

    @Benchmark
    public int engineKept() {
        int day = nextDay();
        return engine.kept(new CourseDay(day), phaseId(day)).size();
    }

    @Benchmark
    public int engineFresh() {
        int day = nextDay();
        return engine.fresh(new CourseDay(day), phaseId(day)).size();
    }

    @Benchmark
    public int loop() {
        int day = nextDay();
        return loop.find(day, phase(day), found);
    }

    /** A gate of a course that nobody has asked about yet, compiled and asked about every day on which a rule of it changes. */
    @Benchmark
    public int sweepOfAllDaysOfChange() {
        Gate untouched = Gate.of(resolved, bundle.activities(), bundle.measures());
        int verdicts = 0;
        for (CourseDay day : untouched.changePoints()) {
            verdicts += untouched.judgeAll(facts(day.number())).size();
        }
        return verdicts;
    }

    /** Such a gate, compiled and asked about one day. */
    @Benchmark
    public int singleDay() {
        Gate untouched = Gate.of(resolved, bundle.activities(), bundle.measures());
        return untouched.judgeAll(facts(nextDay())).size();
    }
}
