package waypost.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.measure.ReadingEntry;
import waypost.app.store.CourseLoader;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.coursefile.CourseFile;

/** Readings as CSV, in and out, and in the course file. */
@Tag("served")
class ReadingFileTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String HEADER = "measure,side,mode,value,on,strict,position\r\n";
    private static int numbers;

    private final String course = newCourse();

    private static String newCourse() {
        Map<String, String> form = Referring.form("File Person", "FI-" + ++numbers, 60);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        return form.get("courseId");
    }

    private Visitor.Answer look(String course, String text) {
        return THERAPIST.upload("/courses/" + course + "/readings/look", text.getBytes(StandardCharsets.UTF_8));
    }

    private Visitor.Answer take(String course, String text) {
        return THERAPIST.post("/courses/" + course + "/readings/take", Map.of("text", text));
    }

    private String csv(String course) {
        return THERAPIST.get("/courses/" + course + "/readings.csv").body();
    }

    private void keep(String measure, String said) {
        THERAPIST.postPart(
                "/courses/" + course + "/sheet/" + measure,
                new HashMap<>(Map.of(
                        "entryId",
                        UUID.randomUUID().toString(),
                        "side",
                        "LEFT",
                        "mode",
                        "PASSIVE",
                        "said",
                        said,
                        "pain",
                        "3",
                        "position",
                        "=seated, \"upright\"")));
    }

    @Test
    void whatGoesOutAndComesBackChangesNothing() {
        keep("knee-flexion", "0-5-97");
        keep("knee-girth", "38.5");
        String file = csv(course);

        assertThat(file.lines()).hasSize(4);
        assertThat(file)
                .startsWith("id,measure,side,mode,value,unit,on,strict,rater,tool,position,pain,end feel,working");
        assertThat(look(course, file).body())
                .contains("<strong>0</strong> new", "<strong>3</strong> on record already");
        assertThat(take(course, file).body()).contains("0 readings were added.");
        assertThat(csv(course)).isEqualTo(file);
    }

    @Test
    void aCopyOnAnotherCourseIsTheSameAndIsTakenOnce() {
        keep("knee-flexion", "0-5-97");
        String file = csv(course);
        String other = newCourse();

        assertThat(take(other, file).body()).contains("2 readings were added.");
        assertThat(take(other, file).body()).contains("0 readings were added.");
        assertThat(withoutIds(csv(other))).isEqualTo(withoutIds(file));
        assertThat(csv(course)).isEqualTo(file);
    }

    private static List<String> withoutIds(String file) {
        return file.lines()
                .map(line -> line.substring(line.indexOf(',')))
                .sorted()
                .toList();
    }

    /** A spreadsheet must not run what somebody typed. */
    @Test
    void aTextThatLooksLikeAFormulaIsMadeHarmlessAndComesBack() {
        keep("knee-flexion", "97");

        assertThat(csv(course)).contains("\"'=seated, \"\"upright\"\"\"");
        assertThat(take(newCourse(), csv(course)).body()).contains("1 reading was added.");
    }

    @Test
    void withoutIdsAlikeRowsAreToldApartByTheirOrder() {
        String row = "knee-flexion,left,passive,97,2031-04-01,yes,\r\n";

        assertThat(take(course, HEADER + row + row).body()).contains("2 readings were added.");
        assertThat(take(course, HEADER + row + row).body()).contains("0 readings were added.");
        assertThat(take(course, HEADER + row + row + row).body()).contains("1 reading was added.");
    }

    @Test
    void everyWrongRowIsNamedBeforeAnythingIsWritten() {
        String file = HEADER + "knee-flexion,left,passive,97,2031-04-01,yes,\r\n"
                + "knee-colour,left,passive,97,2031-04-01,yes,\r\n"
                + "knee-flexion,left,passive,970,2031-04-01,yes,\r\n"
                + "knee-flexion,left,passive,97,2031-05-01,yes,\r\n"
                + "knee-flexion,left,,97,2031-04-01,yes,\r\n"
                + "extension-lag,left,active,7,2031-04-01,yes,\r\n"
                + "knee-flexion,up,passive,97,2031-04-01,perhaps,\r\n";

        String page = look(course, file).body();

        assertThat(page)
                .contains("<strong>1</strong> new", "<strong>6</strong> that can")
                .contains("found &#39;knee-colour&#39;, allowed: an id of the library")
                .contains("found 970°, allowed: 0° to 165°")
                .contains("found 2031-05-01, allowed: from the birth date to today")
                .contains("allowed for a range: passive, assisted or active")
                .contains("which is worked out from others")
                .contains("Found &#39;up&#39;, allowed: one of the choices shown")
                .contains("<td class=\"number\">3</td>");
        assertThat(take(course, file).status()).isEqualTo(422);
        assertThat(csv(course).lines()).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "measure,side,value|missing on",
                "measure,side,value,on,colour|found measure, side, value, on, colour",
                "measure,side,on,\"value|This is no CSV that can be read"
            })
    void aFileWithOtherColumnsIsRefusedWithWhatIsAllowed(String header, String message) {
        Visitor.Answer answer = look(course, header + "\r\n1,2,3,4");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(message);
    }

    @Test
    void bytesThatAreNoTextAreRefused() {
        Visitor.Answer answer =
                THERAPIST.upload("/courses/" + course + "/readings/look", new byte[] {(byte) 0xff, (byte) 0xfe, 0x41});

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("no UTF-8 text");
    }

    @Test
    void aFileThatIsTooLargeIsRefusedInWords() {
        Visitor.Answer answer = THERAPIST.upload("/courses/" + course + "/readings/look", new byte[4_500_000]);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("Found a file of 4.5 MB, allowed: up to 4 MB.");
    }

    @Test
    void theCourseFileStandsWhereTheCourseStands() {
        keep("knee-extension", "-3");
        keep("knee-flexion", "97");
        String yaml = THERAPIST.get("/courses/" + course + "/course.yaml").body();
        CourseFile file = CourseFile.read("course.yaml", yaml, ShippedLibrary.read());
        Standing fromFile =
                file.course(ShippedLibrary.read()).on(RunningWaypost.TODAY, RunningWaypost.TODAY, Outlook.TIME_ONLY);

        assertThat(yaml).doesNotContain("File Person");
        assertThat(file.history().readings().latestStrict("knee-flexion", Side.LEFT, Mode.PASSIVE))
                .map(reading -> reading.amount().value())
                .contains(97.0);
        assertThat(fromFile.verdicts()).isEqualTo(standing().verdicts());
        assertThat(file.history().readings().all()).hasSize(kept());
    }

    private Standing standing() {
        RunningWaypost waypost = RunningWaypost.get();
        return waypost.bean(CourseLoader.class)
                .load(waypost.staff("therapist").clinicId(), UUID.fromString(course))
                .course()
                .on(RunningWaypost.TODAY, RunningWaypost.TODAY, Outlook.TIME_ONLY);
    }

    private int kept() {
        RunningWaypost waypost = RunningWaypost.get();
        CourseLoader loader = waypost.bean(CourseLoader.class);
        return waypost.bean(ReadingEntry.class)
                .kept(loader.load(waypost.staff("therapist").clinicId(), UUID.fromString(course)))
                .size();
    }
}
