package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.QueryCount;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/**
 * A page sends as many queries for many exercises, readings and patients as for few; one more when readings were added since
 * they were last looked at.
 */
@Tag("served")
class QueriesTest {

    private final Visitor therapist = Visitor.signedIn("therapist");
    private final QueryCount queries = RunningWaypost.get().bean(QueryCount.class);

    private int queriesOf(String path) {
        return queries.during(() -> assertThat(therapist.get(path).status()).isEqualTo(200));
    }

    @Test
    void ofACourseDoNotGrowWithItsReadings() {
        Map<String, String> form = Referring.form("Many Readings", "Q-1", 40);
        therapist.post("/courses", form);
        String course = "/courses/" + form.get("courseId");
        // The first look at a course is noted, which is a query more.
        List.of("", "/measures", "/milestones", "/record").forEach(place -> therapist.get(course + place));
        int[] few = {
            queriesOf(course),
            queriesOf(course + "/measures"),
            queriesOf(course + "/milestones"),
            queriesOf(course + "/record")
        };

        IntStream.range(0, 12)
                .forEach(i -> therapist.post(
                        course + "/readings",
                        Map.of(
                                "readingId", UUID.randomUUID().toString(),
                                "measure", "range.KNEE_FLEXION",
                                "said", "0-0-" + (90 + i),
                                "side", "LEFT",
                                "mode", "PASSIVE",
                                "measuredOn",
                                        RunningWaypost.TODAY.minusDays(12 - i).toString(),
                                "strict", "true")));

        int[] many = {
            queriesOf(course),
            queriesOf(course + "/measures"),
            queriesOf(course + "/milestones"),
            queriesOf(course + "/record")
        };
        for (int i = 0; i < few.length; i++) {
            assertThat(many[i]).isBetween(few[i], few[i] + 1);
        }
        assertThat(queriesOf("/courses/" + DemoCourses.of("Winifred"))).isBetween(few[0], few[0] + 1);
    }

    @Test
    void ofTodayDoNotGrowWithItsPatients() {
        int empty = queriesOf("/today?on=2031-06-03");
        int few = queriesOf("/today?on=" + book("2031-06-04", 1));
        int many = queriesOf("/today?on=" + book("2031-06-05", 8));

        assertThat(many).isLessThanOrEqualTo(few + 1).isLessThanOrEqualTo(empty + 2);
    }

    private String book(String date, int visits) {
        UUID course = DemoCourses.of("Winifred");
        UUID other = DemoCourses.of("Isaura");
        IntStream.range(0, visits)
                .forEach(i -> therapist.post(
                        "/today/appointments",
                        Map.of(
                                "appointmentId",
                                UUID.randomUUID().toString(),
                                "courseId",
                                (i % 2 == 0 ? course : other).toString(),
                                "date",
                                date,
                                "time",
                                "1" + i + ":00")));
        return date;
    }
}
