package waypost.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import waypost.core.exercise.Activity;
import waypost.core.protocol.Protocol;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/** What a clinician must find on the sheet before signing it. */
@Tag("slow")
class ReviewSheetTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static ReviewSheet sheet(String protocol) {
        return ReviewSheets.of(BUNDLE.protocol(protocol), BUNDLE);
    }

    private static Row row(ReviewSheet sheet, String day) {
        return sheet.rows().stream()
                .filter(row -> row.when().equals(day))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aStepOfALimitStandsOnItsDayWithItsConditionAndWhatLoosensIt() {
        Row twoMonths = row(sheet("knee.meniscus-repair"), "day 56");

        assertThat(twoMonths.weeks()).isEqualTo("8 wk");
        assertThat(twoMonths.limits())
                .contains("Resisted hamstring after meniscus repair P1: at most moderate effort")
                .contains("Weight after radial or root repair § P1: free if Q1bc");
        assertThat(row(sheet("shoulder.cuff-repair"), "day 28").limits())
                .contains("Assisted motion P1: at most low effort if Q1ab");
        assertThat(row(sheet("shoulder.cuff-repair"), "day 0").limits())
                .contains("Own elbow bending P2 (biceps): none if Q3b");
        assertThat(row(sheet("shoulder.cuff-repair"), "day 42").limits())
                .contains("Own elbow bending P2: at most low effort if Q3b");
    }

    @Test
    void openingsTestsAndMeasuresStandOnTheDayTheyBegin() {
        ReviewSheet cuff = sheet("shoulder.cuff-repair");

        assertThat(row(cuff, "day 14").opens()).contains("Arm lifted by the other with M2");
        assertThat(row(cuff, "day 14").tests())
                .contains("Shoulder range with the goniometer")
                .contains("every 7 days: Shoulder external rotation, arm at the side");
        assertThat(row(cuff, "day 14").phase()).isEqualTo("Carried motion, leave with M8 M9");
        assertThat(cuff.otherClocks()).extracting(Row::when).contains("day 0 of fall", "day 14 of injection");
        assertThat(row(sheet("knee.ligament-reconstruction"), "day 98").opens())
                .contains("no longer Small squat under a pressure cuff");
    }

    @Test
    void everyAnswerSaysWhatItChanges() {
        assertThat(sheet("knee.meniscus-repair").questions().get(0).values())
                .extracting(ReviewSheet.Value::code)
                .containsExactly("a", "b", "c");
        assertThat(sheet("shoulder.cuff-repair").questions().get(2).values())
                .extracting(ReviewSheet.Value::changes)
                .containsExactly("nothing of its own", "Fixed biceps tendon 1.0; a larger region");
        assertThat(sheet("shoulder.dislocation").questions().get(0).decisive()).isTrue();
    }

    /** Each day tells what is new; the numbers stay whole. A decisive answer has its own four days. */
    @Test
    void fourDaysShowWhatIsOpen() {
        List<ReviewSheet.Open> cuff = sheet("shoulder.cuff-repair").open();

        assertThat(cuff).extracting(ReviewSheet.Open::day).containsExactly("day 1", "day 14", "day 42", "day 84");
        assertThat(cuff.get(1).added()).contains("Pendulum").doesNotContain("Shrug and squeeze");
        assertThat(sheet("shoulder.dislocation").open())
                .extracting(ReviewSheet.Open::under)
                .containsExactly("to the front, no", "", "", "", "to the back, no", "", "", "");
        assertThat(sheet("hip-or-knee.before-replacement").open().get(0).day()).isEqualTo("day -179");
    }

    @Test
    void nothingOfAProtocolIsLeftOut() {
        for (Protocol protocol : BUNDLE.protocols()) {
            String page = ReviewPage.html(ReviewSheets.of(protocol, BUNDLE));

            assertThat(page).contains("Signature").contains(protocol.review());
            assertThat(Stream.of(
                                    protocol.limits().stream()
                                            .map(limit -> limit.head().title()),
                                    protocol.duties().stream()
                                            .map(duty -> duty.head().title()),
                                    protocol.criteria().stream().map(criterion -> criterion.title()),
                                    protocol.openings().stream()
                                            .map(opening -> BUNDLE.findActivity(
                                                            opening.role().activity())
                                                    .map(Activity::title)
                                                    .orElseThrow()))
                            .flatMap(titles -> titles)
                            .map(title -> title.replace("'", "&#39;").replace("\"", "&quot;"))
                            .filter(title -> !page.contains(title)))
                    .as(protocol.id())
                    .isEmpty();
        }
    }

    @Test
    void theCommandWritesWhatIsAskedForAndRefusesWhatItDoesNotKnow(@TempDir Path into) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        CommandLine command = new CommandLine(new ReviewCommand(
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8)));

        assertThat(command.execute("hip.replacement", "--into", into.toString()))
                .isZero();
        assertThat(Files.readString(into.resolve("hip.replacement.html"))).contains("Total hip replacement 1.0");
        assertThat(command.execute("hip.replacment", "--into", into.toString())).isEqualTo(1);
        assertThat(err.toString(StandardCharsets.UTF_8))
                .contains("found no protocol or file 'hip.replacment', allowed: a protocol file, or ankle.achilles");
    }

    @Test
    void aDirectoryThatCannotBeWrittenIsRefused(@TempDir Path into) throws IOException {
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        Path file = Files.createFile(into.resolve("file"));
        CommandLine command =
                new CommandLine(new ReviewCommand(System.out, new PrintStream(err, true, StandardCharsets.UTF_8)));

        assertThat(command.execute("hip.replacement", "--into", file.toString()))
                .isEqualTo(1);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("allowed: a directory that can be written");
    }

    @Test
    void aProtocolOfOnesOwnGetsItsSheetToo(@TempDir Path into) {
        CommandLine command = new CommandLine(new ReviewCommand(System.out, System.err));

        assertThat(command.execute("src/test/resources/worked/3-lint-clean.yaml", "--into", into.toString()))
                .isZero();
        assertThat(into.resolve("worked.knee-scope.html")).exists();
    }
}
