package waypost.library.lint;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;
import waypost.library.text.RefusedException;

/** {@code lint [FILE...]}: looks through the shipped library and the files besides. Exit 1 when anything is found. */
@Command(
        name = "lint",
        mixinStandardHelpOptions = true,
        description = "Looks through the shipped library, and your own files beside it, for what a reader overlooks.")
public final class LintCommand implements Callable<Integer> {

    private static final int FOUND = 1;

    @Parameters(paramLabel = "FILE", arity = "0..*", description = "protocol, exercise or supplement files besides")
    private List<Path> files = List.of();

    @Option(
            names = "--body",
            description = "say instead what doing each exercise asks beside what its file says, and what that closes")
    private boolean body;

    private final PrintStream out;
    private final PrintStream err;

    LintCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(new CommandLine(new LintCommand(out, System.err)).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        for (Path file : files) {
            if (!Files.isRegularFile(file)) {
                err.println("lint: found no file '" + file + "', allowed: a library file");
                return FOUND;
            }
            sources.add(new SourceText(file.toString(), Files.readString(file)));
        }
        try {
            Bundle bundle = Bundle.read(sources);
            return body ? listBodies(bundle) : lint(bundle);
        } catch (RefusedException refused) {
            refused.problems().forEach(err::println);
            return FOUND;
        }
    }

    private int listBodies(Bundle bundle) {
        List<String> lines = BodyList.of(bundle);
        lines.forEach(out::println);
        long roles = lines.stream().filter(line -> !line.startsWith(" ")).count();
        out.println(roles + " roles that ask more than their file says.");
        return 0;
    }

    private int lint(Bundle bundle) {
        List<Finding> findings = Lint.of(bundle);
        findings.forEach(out::println);
        bundle.protocols().forEach(protocol -> out.print(OpenOnDays.text(protocol, bundle)));
        out.println(findings.isEmpty() ? "Nothing found." : findings.size() + " found.");
        return findings.isEmpty() ? 0 : FOUND;
    }
}
