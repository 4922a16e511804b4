package waypost.library.diary;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Objects;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.coursefile.CourseFile;
import waypost.library.text.RefusedException;

/** {@code diary course.yaml [--known 2031-04-01]}. Exit 1 when the file is refused. */
@Command(
        name = "diary",
        mixinStandardHelpOptions = true,
        description =
                "Writes a course file's whole course as text: each day of change, what opens, closes, is due, why.")
public final class DiaryCommand implements Callable<Integer> {

    private static final int REFUSED = 1;

    @Parameters(paramLabel = "COURSE", description = "course file, YAML or JSON (docs/formats/course.md)")
    private @Nullable Path file;

    @Option(names = "--known", description = "the date up to which it is told as it was; without it day 0")
    private @Nullable LocalDate known;

    private final PrintStream out;
    private final PrintStream err;

    DiaryCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(new CommandLine(new DiaryCommand(out, System.err)).execute(args));
    }

    @Override
    public Integer call() throws IOException {
        Path path = Objects.requireNonNull(file);
        if (!Files.isRegularFile(path)) {
            err.println("diary: found no file '" + path + "', allowed: a course file");
            return REFUSED;
        }
        Bundle bundle = ShippedLibrary.read();
        try {
            CourseFile course = CourseFile.read(path.getFileName().toString(), Files.readString(path), bundle);
            LocalDate upTo = known == null ? course.clocks().dayZero() : known;
            out.print(Diary.of(course.id(), course.course(bundle), upTo, bundle));
            return 0;
        } catch (RefusedException refused) {
            refused.problems().forEach(err::println);
            return REFUSED;
        }
    }
}
