package waypost.library.judge;

import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
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
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.course.Outlook;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.coursefile.CourseFile;
import waypost.library.text.RefusedException;

/** {@code judge course.yaml --on 2031-04-14 [--known 2031-04-01] [--plan] [--json]}. Exit 1 when the file is refused. */
@Command(
        name = "judge",
        mixinStandardHelpOptions = true,
        description =
                "Says what a course file's patient may do on a date, and why. Never treats: the therapist decides.")
public final class JudgeCommand implements Callable<Integer> {

    private static final int REFUSED = 1;

    @Parameters(paramLabel = "COURSE", description = "course file, YAML or JSON (docs/formats/course.md)")
    private @Nullable Path file;

    @Option(names = "--on", required = true, description = "the clinical date, such as 2031-04-14")
    private @Nullable LocalDate on;

    @Option(names = "--known", description = "the date up to which things are known; without it the same as --on")
    private @Nullable LocalDate known;

    @Option(names = "--plan", description = "look ahead as if all went to plan; else by time only")
    private boolean plan;

    @Option(names = "--json", description = "print JSON (docs/formats/judge.md)")
    private boolean json;

    private final PrintStream out;
    private final PrintStream err;

    JudgeCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    public static void main(String[] args) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        System.exit(commandLine(out, System.err).execute(args));
    }

    static CommandLine commandLine(PrintStream out, PrintStream err) {
        return new CommandLine(new JudgeCommand(out, err))
                .setOut(new PrintWriter(out, true, StandardCharsets.UTF_8))
                .setErr(new PrintWriter(err, true, StandardCharsets.UTF_8));
    }

    @Override
    public Integer call() throws IOException {
        Path path = Objects.requireNonNull(file);
        LocalDate date = Objects.requireNonNull(on);
        if (!Files.isRegularFile(path)) {
            err.println("judge: found no file '" + path + "', allowed: a course file");
            return REFUSED;
        }
        Bundle bundle = ShippedLibrary.read();
        try {
            CourseFile course = CourseFile.read(path.getFileName().toString(), Files.readString(path), bundle);
            LocalDate upTo = known == null ? date : known;
            Outlook outlook = plan ? Outlook.TO_PLAN : Outlook.TIME_ONLY;
            Judgement judgement =
                    Judgement.of(course.id(), course.course(bundle).on(date, upTo, outlook), bundle);
            out.print(json ? json(judgement) : JudgementText.of(judgement));
            return 0;
        } catch (RefusedException refused) {
            refused.problems().forEach(err::println);
            return REFUSED;
        }
    }

    static String json(Judgement judgement) {
        return JsonMapper.builder()
                        .propertyNamingStrategy(PropertyNamingStrategies.KEBAB_CASE)
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(judgement)
                + "\n";
    }
}
