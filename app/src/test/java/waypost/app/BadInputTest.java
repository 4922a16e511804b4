package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.app.store.CourseLoader;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Bad input gets a clear message in place, and nothing is lost or written twice. */
@Tag("served")
class BadInputTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static Map<String, String> reading(String said) {
        return new HashMap<>(Map.of(
                "readingId", UUID.randomUUID().toString(),
                "measure", "range.KNEE_FLEXION",
                "said", said,
                "side", "LEFT",
                "mode", "PASSIVE",
                "measuredOn", RunningWaypost.TODAY.toString(),
                "strict", "true"));
    }

    private static int readings(UUID course) {
        RunningWaypost waypost = RunningWaypost.get();
        return waypost.bean(CourseLoader.class)
                .load(waypost.staff("therapist").clinicId(), course)
                .course()
                .history()
                .readings()
                .all()
                .size();
    }

    private UUID newCourse(String number) {
        Map<String, String> form = Referring.form("Test Person " + number, number, 20);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        return UUID.fromString(form.get("courseId"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "said|0-0-200|read as 0° to 200° on the axis; allowed for this joint: -25° to 165°",
                "said|5-10-120|which can&#39;t both be",
                "measuredOn|2031-04-04|which is in the future; allowed: up to today",
                "measuredOn|1950-01-01|which is before the birth date",
                "measuredOn|yesterday|allowed: a date such as 2031-02-10",
                "side|MIDDLE|allowed: one of the choices shown",
                "measure|knee-colour|Choose a measure from the list",
                "readingId|1; drop table reading|This form is damaged"
            })
    void aReadingThatCannotBeIsRefusedInPlaceWithWhatWasTyped(String field, String value, String message) {
        UUID course = DemoCourses.of("Caspar Idemudia");
        int before = readings(course);
        Map<String, String> form = reading("0-3-97");
        form.put(field, value);

        Visitor.Answer answer = THERAPIST.post("/courses/" + course + "/readings", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(field.equals("side") ? "Add a reading of any day" : message);
        assertThat(answer.body()).contains(form.get("said"));
        assertThat(readings(course)).isEqualTo(before);
    }

    @Test
    void aFormSentTwiceIsWrittenOnce() {
        UUID course = newCourse("T-1");
        Map<String, String> form = reading("0-3-97");

        THERAPIST.post("/courses/" + course + "/readings", form);
        THERAPIST.post("/courses/" + course + "/readings", form);

        assertThat(readings(course)).isEqualTo(2);
    }

    @Test
    void aCompensatedReadingIsKeptAndSaidNotToCount() {
        UUID course = newCourse("T-10");
        Map<String, String> form = reading("0-0-140");
        form.remove("strict");

        assertThat(THERAPIST.post("/courses/" + course + "/readings", form).status())
                .isEqualTo(302);
        assertThat(THERAPIST.get("/courses/" + course + "/measures/readings").body())
                .contains("compensated, does not count");
        assertThat(THERAPIST.get("/courses/" + course + "/milestones").body()).contains("No reading yet: measure it.");
    }

    @Test
    void doubtfulReadingsAreKeptAndDoubted() {
        UUID course = newCourse("T-11");
        Map<String, String> early = reading("120");
        early.put("measure", "quadriceps-torque-90");
        Map<String, String> passive = reading("0-0-100");
        Map<String, String> active = reading("0-0-106");
        active.put("mode", "ACTIVE");
        List.of(early, passive, active).forEach(form -> THERAPIST.post("/courses/" + course + "/readings", form));

        assertThat(THERAPIST.get("/courses/" + course + "/measures/readings").body())
                .contains("held at 90 degrees on Thu 3 Apr 2031: the test was not open on that day.")
                .contains(
                        "Thu 3 Apr 2031 · Knee flexion: active 106° goes further than passive 100° by more than the tool")
                .doesNotContain("Knee extension: active");
    }

    @Test
    void aReferralSentTwiceOpensOneCourse() {
        Map<String, String> form = Referring.form("Twice Sent", "T-2", 3);

        Visitor.Answer first = THERAPIST.post("/courses", form);
        Visitor.Answer second = THERAPIST.post("/courses", form);

        assertThat(first.location()).isEqualTo(second.location()).endsWith(form.get("courseId"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "dayZero|1980-01-01|which is before the birth date Fri 15 Jun 1990",
                "dayZero|2032-10-04|allowed: up to Sun 3 Oct 2032",
                "dayZero|soon|allowed: a date such as 2031-02-10",
                "birthDate|2031-05-01|allowed: from 1900 to today",
                "side|up|Choose left or right",
                "protocol|knee.magic|Choose a protocol from the list",
                "answer.graft|cobweb|allowed: patellar-tendon, quadriceps-tendon, hamstring, donor",
                "number|4117|which belongs to a patient with another name or birth date",
                "patientName|' '|Found 0 characters, allowed: 1 to 120"
            })
    void aReferralThatCannotBeIsRefusedAtItsField(String field, String value, String message) {
        Map<String, String> form = Referring.form("Refused Person", "T-3", 3);
        form.put(field, value);

        Visitor.Answer answer = THERAPIST.post("/courses/check", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(message).contains("knee ligament reconstruction");
        assertThat(THERAPIST.post("/finder", Map.of("wanted", "T-3")).body()).contains("Nobody in this clinic");
    }

    @Test
    void theSideMustBeReadBackTheSame() {
        Map<String, String> form = Referring.form("Wrong Side", "T-4", 3);
        form.put("sideAgain", "right");

        Visitor.Answer answer = THERAPIST.post("/courses", form);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains("Read the operation note again: left or right?");
        assertThat(THERAPIST.post("/finder", Map.of("wanted", "T-4")).body()).contains("Nobody in this clinic");
    }

    @Test
    void theSecondOfTwoTabsLearnsThatTheReferralChanged() {
        UUID course = newCourse("T-5");
        Map<String, String> form = Referring.form("Test Person T-5", "T-5", 20);
        form.put("courseId", course.toString());
        form.put(
                "replaces",
                value(THERAPIST.get("/courses/" + course + "/referral").body(), "replaces"));
        form.put("why", "corrected operation note");
        form.put("answer.meniscus-repair", "vertical");

        Visitor.Answer first = THERAPIST.post("/courses/" + course + "/referral", form);
        form.put("answer.meniscus-repair", "root");
        Visitor.Answer second = THERAPIST.post("/courses/" + course + "/referral", form);

        assertThat(first.status()).isEqualTo(302);
        assertThat(second.status()).isEqualTo(422);
        assertThat(second.body())
                .contains("Somebody changed this referral while you were looking at it")
                .contains("root repaired");
        assertThat(THERAPIST.get("/courses/" + course).body()).contains("Bend after meniscus repair");
        assertThat(THERAPIST.get("/courses/" + course + "/record").body())
                .contains("was no repair, now vertical tear repaired")
                .contains("corrected operation note");
    }

    @Test
    void theSecondOfTwoTabsCannotCorrectAReadingAgain() {
        UUID course = newCourse("T-6");
        THERAPIST.post("/courses/" + course + "/readings", reading("0-3-97"));
        String page = THERAPIST.get("/courses/" + course + "/measures/readings").body();
        Matcher link = Pattern.compile("/readings/([0-9a-f-]{36})/correction").matcher(page);
        assertThat(link.find()).isTrue();
        String path = "/courses/" + course + "/readings/" + link.group(1) + "/correction";

        assertThat(THERAPIST.post(path, Map.of("said", "95", "why", "misread")).status())
                .isEqualTo(302);
        assertThat(THERAPIST.post(path, Map.of("said", "94", "why", "misread")).status())
                .isEqualTo(404);
        assertThat(THERAPIST.get("/courses/" + course + "/record").body())
                .contains("Reading corrected")
                .contains("misread");
    }

    @Test
    void anAdvanceIsRefusedWhileSomethingIsMissingOrHasChangedSinceItWasShown() {
        UUID course = newCourse("T-7");

        Visitor.Answer missing =
                THERAPIST.post("/courses/" + course + "/advance", Map.of("phase", "straight", "shown", "x"));

        assertThat(missing.status()).isEqualTo(422);
        assertThat(missing.body()).contains("Time and milestones are both needed");
        UUID isaura = DemoCourses.of("Jorunn Pettifer");
        assertThat(THERAPIST
                        .post("/courses/" + isaura + "/advance", Map.of("phase", "return", "shown", "x"))
                        .body())
                .contains("which is not the next phase");
    }

    @Test
    void aVisitInTheFutureIsNeitherDoneNorBookedInThePast() {
        UUID course = newCourse("T-8");
        Map<String, String> booking = new HashMap<>(Map.of(
                "appointmentId",
                UUID.randomUUID().toString(),
                "courseId",
                course.toString(),
                "date",
                "2031-04-02",
                "time",
                "10:00"));
        assertThat(THERAPIST.post("/today/appointments", booking).body()).contains("allowed: today or later");
        booking.put("date", "2031-04-08");
        assertThat(THERAPIST.post("/today/appointments", booking).status()).isEqualTo(302);

        String path = "/today/appointments/" + booking.get("appointmentId");
        assertThat(THERAPIST
                        .post(path + "/state", Map.of("version", "0", "state", "ARRIVED"))
                        .body())
                .contains("in the future; it can be moved or cancelled");
        Map<String, String> move = Map.of("version", "0", "date", "2031-04-09", "time", "11:00");
        assertThat(THERAPIST.post(path + "/move", move).status()).isEqualTo(302);
        assertThat(THERAPIST.post(path + "/move", move).body())
                .contains("Somebody else changed this appointment a moment ago");
        assertThat(THERAPIST.get("/today?on=2031-04-09").body())
                .contains("Test Person T-8")
                .contains("11:00");
    }

    @Test
    void anExpiredSessionWritesNothingAndAsksToSignIn() {
        UUID course = DemoCourses.of("Caspar Idemudia");
        int before = readings(course);

        Visitor.Answer overPage = Visitor.stranger()
                .postAsIs("/courses/" + course + "/readings", reading("0-3-97"), "HX-Request", "true");
        Visitor.Answer plain = Visitor.stranger().postAsIs("/courses/" + course + "/readings", reading("0-3-97"));

        assertThat(overPage.status()).isEqualTo(401);
        assertThat(plain.status()).isEqualTo(401);
        assertThat(plain.body()).contains("You were signed out").contains("Nothing was written");
        assertThat(readings(course)).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource({"/courses/not-an-id,400", "/courses/new?x=<script>,200", "/nowhere,404"})
    void strangeAddressesGetAPlainPage(String path, int status) {
        Visitor.Answer answer = THERAPIST.get(path.replace("<", "%3C").replace(">", "%3E"));

        assertThat(answer.status()).isEqualTo(status);
        assertThat(answer.body()).doesNotContain("Exception").contains("Waypost");
    }

    @Test
    void hostileTextIsShownAsText() {
        Map<String, String> form = Referring.form("<script>alert(1)</script>", "T-9", 3);

        assertThat(THERAPIST.post("/courses/check", form).body())
                .contains("&lt;script&gt;alert(1)&lt;/script&gt;")
                .doesNotContain("<script>alert");
    }

    private static String value(String page, String field) {
        Matcher matcher =
                Pattern.compile("name=\"" + field + "\" value=\"([^\"]*)\"").matcher(page);
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    /** A day that no course can have is refused at once, in words, wherever an address or a form names one. */
    @ParameterizedTest
    @ValueSource(strings = {"9999-12-31", "+999999999-12-31", "-999999999-01-01", "1900-01-01", "2041-04-04"})
    void aFarDayInAnAddressIsRefusedAtOnce(String day) {
        String course = "/courses/" + DemoCourses.of("Winifred");
        String asked = "?on=" + URLEncoder.encode(day, StandardCharsets.UTF_8);

        for (String place : List.of(course + asked, course + "/rungs/quad-set/operated" + asked)) {
            Visitor.Answer answer = THERAPIST.get(place);
            assertThat(answer.status()).as(place).isEqualTo(400);
            assertThat(answer.body()).as(place).containsAnyOf("allowed: 20", "could not be read");
        }
        Visitor.Answer whatIf = THERAPIST.get(course + "/what-if" + asked);
        assertThat(whatIf.status()).isLessThan(500);
        assertThat(THERAPIST.get("/today" + asked).status()).isLessThan(500);
        assertThat(THERAPIST.get("/shelf/knee.replacement" + asked).status()).isLessThan(500);
        assertThat(THERAPIST.get(course + "/wrap-up" + asked).status()).isLessThan(500);
    }
}
