package waypost.library.simulated;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** {@code simulate [--seed N]}: lives every shipped protocol with every kind of patient and prints what came of it. */
@Command(
        name = "simulate",
        mixinStandardHelpOptions = true,
        description = "Lives every shipped protocol with made-up patients and prints what came of it.")
public final class SimulateCommand implements Callable<Integer> {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    @Option(
            names = "--seed",
            paramLabel = "N",
            description = "equal seeds give equal courses; default ${DEFAULT-VALUE}")
    private long seed = 7;

    private final PrintStream out;

    SimulateCommand(PrintStream out) {
        this.out = out;
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(new CommandLine(new SimulateCommand(out)).execute(args));
    }

    @Override
    public Integer call() {
        Bundle bundle = ShippedLibrary.read();
        out.println("| protocol | patient | phases | visits | doses proposed | not open | flares | up after a flare "
                + "| days to tell | days to stop |");
        out.println("|---|---|---|---|---|---|---|---|---|---|");
        for (Protocol protocol : bundle.protocols()) {
            SimulatedCourse normal = live(bundle, protocol, Healing.NORMAL);
            for (Healing healing : Healing.values()) {
                SimulatedCourse course = healing == Healing.NORMAL ? normal : live(bundle, protocol, healing);
                out.println(row(Outcome.of(course, normal, healing)));
            }
        }
        return 0;
    }

    private SimulatedCourse live(Bundle bundle, Protocol protocol, Healing healing) {
        return SimulatedCourse.live(bundle, protocol, PlainAnswers.of(protocol), healing, DAY_ZERO, seed);
    }

    private static String row(Outcome outcome) {
        return String.join(
                " | ",
                "| " + outcome.protocol(),
                outcome.healing().toString(),
                outcome.phases() + " of " + outcome.of(),
                String.valueOf(outcome.visits()),
                String.valueOf(outcome.proposals()),
                String.valueOf(outcome.barred()),
                String.valueOf(outcome.flares()),
                String.valueOf(outcome.upAfterFlare()),
                said(outcome.daysToReport()),
                said(outcome.daysToStop()) + " |");
    }

    private static String said(OptionalInt days) {
        return days.isPresent() ? String.valueOf(days.getAsInt()) : "–";
    }
}
