package waypost.library.review;

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
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;
import waypost.library.text.RefusedException;

/** {@code diary --review [PROTOCOL or FILE ...] [--into DIRECTORY]}. Exit 1 when something is not found or refused. */
@Command(
        name = "diary --review",
        mixinStandardHelpOptions = true,
        description = "Writes a review sheet, two printed pages, for each protocol named; for all when none is.")
public final class ReviewCommand implements Callable<Integer> {

    private static final int REFUSED = 1;

    @Parameters(
            paramLabel = "PROTOCOL",
            arity = "0..*",
            description = "id of a shipped protocol, or a protocol file of your own")
    private List<String> wanted = List.of();

    @Option(names = "--into", description = "the directory to write to; without it 'review'")
    private Path into = Path.of("review");

    private final PrintStream out;
    private final PrintStream err;

    ReviewCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(new CommandLine(new ReviewCommand(out, System.err)).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        List<Path> files =
                wanted.stream().map(Path::of).filter(Files::isRegularFile).toList();
        for (Path file : files) {
            sources.add(new SourceText(file.toString(), Files.readString(file)));
        }
        try {
            return write(Bundle.read(sources), files);
        } catch (RefusedException refused) {
            refused.problems().forEach(err::println);
            return REFUSED;
        }
    }

    private int write(Bundle bundle, List<Path> files) throws IOException {
        List<String> shipped =
                ShippedLibrary.read().protocols().stream().map(Protocol::id).toList();
        List<String> ids = new ArrayList<>(wanted);
        files.forEach(file -> ids.remove(file.toString()));
        for (String id : ids) {
            if (!shipped.contains(id)) {
                err.println("diary --review: found no protocol or file '" + id + "', allowed: a protocol file, or "
                        + String.join(", ", shipped));
                return REFUSED;
            }
        }
        try {
            Files.createDirectories(into);
        } catch (IOException unwritable) {
            err.println("diary --review: found '" + into + "', allowed: a directory that can be written");
            return REFUSED;
        }
        for (Protocol protocol : bundle.protocols()) {
            boolean own = !shipped.contains(protocol.id());
            if (wanted.isEmpty() || own || ids.contains(protocol.id())) {
                Path file = into.resolve(protocol.id() + ".html");
                Files.writeString(file, ReviewPage.html(ReviewSheets.of(protocol, bundle)));
                out.println(file);
            }
        }
        return 0;
    }
}
