package waypost.library.judge;

import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import waypost.core.care.Episode;
import waypost.core.care.Person;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
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

    @Parameters(
            paramLabel = "COURSE",
            arity = "1..*",
            description = "course file, YAML or JSON (docs/formats/course.md); several are courses of one person")
    private List<Path> paths = List.of();

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
        LocalDate date = Objects.requireNonNull(on);
        for (Path file : paths) {
            if (!Files.isRegularFile(file)) {
                err.println("judge: found no file '" + file + "', allowed: a course file");
                return REFUSED;
            }
        }
        Bundle bundle = ShippedLibrary.read();
        try {
            List<CourseFile> courses = new ArrayList<>();
            for (Path file : paths) {
                courses.add(CourseFile.read(file.getFileName().toString(), Files.readString(file), bundle));
            }
            LocalDate upTo = known == null ? date : known;
            Outlook outlook = plan ? Outlook.TO_PLAN : Outlook.TIME_ONLY;
            out.print(
                    courses.size() == 1
                            ? one(courses.get(0), date, upTo, outlook, bundle)
                            : several(courses, date, upTo, outlook, bundle));
            return 0;
        } catch (RefusedException refused) {
            refused.problems().forEach(err::println);
            return REFUSED;
        }
    }

    private String one(CourseFile course, LocalDate date, LocalDate upTo, Outlook outlook, Bundle bundle) {
        Standing standing = course.course(bundle).on(date, upTo, outlook);
        Judgement judgement = Judgement.of(course.id(), course.visit(standing, bundle), bundle);
        return json ? json(judgement) : JudgementText.of(judgement);
    }

    private String several(List<CourseFile> courses, LocalDate date, LocalDate upTo, Outlook outlook, Bundle bundle) {
        Person person = Person.of(courses.stream()
                .map(course -> new Episode(course.id(), course.course(bundle)))
                .toList());
        Map<String, CourseFile> files = courses.stream().collect(Collectors.toMap(CourseFile::id, Function.identity()));
        List<Together> together = person.running().stream()
                .map(episode -> Together.of(
                        episode.id(),
                        Objects.requireNonNull(files.get(episode.id()))
                                .visit(episode.course().on(date, upTo, outlook), bundle),
                        bundle))
                .toList();
        return json ? json(together) : together.stream().map(Together::text).collect(Collectors.joining("\n"));
    }

    static String json(Object judgement) {
        return JsonMapper.builder()
                        .propertyNamingStrategy(PropertyNamingStrategies.KEBAB_CASE)
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(judgement)
                + "\n";
    }
}
