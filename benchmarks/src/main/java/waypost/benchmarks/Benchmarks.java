package waypost.benchmarks;

import java.time.LocalDate;
import java.util.Collection;
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
                        .build())
                .run();
        for (RunResult result : results) {
            report(result.getPrimaryResult().getLabel(), result.getPrimaryResult().getScore());
        }
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
            case "readLibrary" -> System.out.printf("reading the whole library: %.0f ms%n", score);
            default -> System.out.printf("%s: %.1f µs a course%n", label, score);
        }
    }
}
