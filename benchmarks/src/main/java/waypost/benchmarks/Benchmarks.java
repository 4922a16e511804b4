package waypost.benchmarks;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs everything: verdicts first, then the pages of the demo at the address given. */
public final class Benchmarks {

    private Benchmarks() {}

    public static void main(String[] args) throws Exception {
        System.out.printf(
                "%s, %d processors, Java %s%n",
                LocalDate.now(), Runtime.getRuntime().availableProcessors(), System.getProperty("java.version"));
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(GateBenchmark.class.getSimpleName())
                        .include(EngineBenchmark.class.getSimpleName())
                        .build())
                .run();
        Map<String, Double> scores = new TreeMap<>();
        for (RunResult result : results) {
            scores.put(result.getPrimaryResult().getLabel(), result.getPrimaryResult().getScore());
        }
        scores.forEach(Benchmarks::report);
        reportRatios(scores);
        if (args.length == 3) {
            new PageLoad(args[0]).measure(args[1], args[2]);
        }
    }

    private static void report(String label, double score) {
        switch (label) {
            case "judgeLibrary" -> {
                int verdicts = GateBenchmark.verdictsAnOperation();
                System.out.printf(
                        "judge: %d verdicts in %.1f µs, %.0f verdicts a second on one thread%n",
                        verdicts, score, verdicts * 1e6 / score);
            }
            case "thousandCourses" ->
                System.out.printf("thousand courses resolved and judged over the whole library: %.0f ms%n", score);
            case "thousandCoursesAlone" ->
                System.out.printf("the same, each with a gate of its own: %.0f ms%n", score);
            case "readLibrary" -> System.out.printf("reading the whole library: %.0f ms%n", score);
            default -> System.out.printf("%s: %.1f µs a course%n", label, score);
        }
    }

    /** Our gate beside a general-purpose rule engine and a loop over packed arrays, on the same limits and openings. */
    private static void reportRatios(Map<String, Double> scores) {
        double gate = scores.getOrDefault("gate", Double.NaN);
        double anew = scores.getOrDefault("gateAnew", Double.NaN);
        for (String engine : List.of("engineFresh", "engineKept")) {
            double other = scores.getOrDefault(engine, Double.NaN);
            System.out.printf(
                    "%s takes %.1f times as long as the gate, %.1f times as long as the gate with nothing kept%n",
                    engine, other / gate, other / anew);
        }
        System.out.printf(
                "the gate takes %.1f times as long as a loop over packed arrays%n",
                gate / scores.getOrDefault("loop", Double.NaN));
        System.out.printf(
                "a sweep over all days of change takes as long as %.1f single days%n",
                scores.getOrDefault("sweepOfAllDaysOfChange", Double.NaN) / scores.getOrDefault("singleDay", Double.NaN));
    }
}
