package waypost.library.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** A course with orders, a narrowing, a hold and another clock, told day by day. */
class DiaryCommandTest {

    private static final String SHOULDER = "src/test/resources/courses/fresh-shoulder.yaml";

    private record Ran(int exit, String out, String err) {}

    @TempDir
    Path folder;

    private static Ran diary(String... args) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        int exit = new CommandLine(new DiaryCommand(utf8(out), utf8(err))).execute(args);
        return new Ran(exit, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
    }

    private static PrintStream utf8(ByteArrayOutputStream bytes) {
        return new PrintStream(bytes, true, StandardCharsets.UTF_8);
    }

    @Test
    void tellsOrdersNarrowingsHoldsAndClocksOnTheirDays() {
        String told = diary(SHOULDER, "--known", "2031-04-03").out();

        assertThat(paragraph(told, "2031", "Thu 20 Mar"))
                .contains("limit: No added load after an injection  [shoulder-injection.load]");
        assertThat(paragraph(told, "2031", "Sat 22 Mar")).contains("hold: sore after a long drive");
        assertThat(paragraph(told, "2031", "Mon 24 Mar"))
                .contains("limit: Lift to the front: at most 140° of flexion  [cuff.lift.ceiling]");
        assertThat(paragraph(told, "2031", "Tue 25 Mar"))
                .contains("hold ends: sore after a long drive")
                .contains("Begin again at 70 % of the last dose");
        assertThat(paragraph(told, "2031", "Wed 26 Mar"))
                .contains("closes: Pendulum (affected arm hanging). Barred by name.");
        assertThat(paragraph(told, "2031", "Fri 11 Apr")).contains("opens: Pendulum");
    }

    private static String paragraph(String told, String year, String date) {
        return told.lines()
                .dropWhile(line -> !line.startsWith("day ") || !line.contains(date + " " + year))
                .takeWhile(line -> !line.isBlank())
                .reduce("", (text, line) -> text + line + "\n");
    }

    @Test
    void refusesAFileThatIsNotThereAndOneThatCannotBeRead() throws IOException {
        Path bad = folder.resolve("bad.yaml");
        Files.writeString(bad, Files.readString(Path.of(SHOULDER)).replace("cuff.lift.ceiling", "lift.ceilings"));

        assertThat(diary("nowhere.yaml").err()).contains("found no file 'nowhere.yaml'");
        Ran refused = diary(bad.toString());
        assertThat(refused.exit()).isEqualTo(1);
        assertThat(refused.err()).contains("bad.yaml:28:").contains("limit: found 'lift.ceilings'");
    }
}
