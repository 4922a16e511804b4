package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.QueryCount;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** How many queries a request of a course sends; the table is docs/queries.md. */
@Tag("served")
class QueriesPerRequestTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final QueryCount QUERIES = RunningWaypost.get().bean(QueryCount.class);
    private static final int MOST = 19;
    private static final String COURSE = "/courses/" + DemoCourses.of("Winifred");

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "/rungs/quad-set/operated",
                "/ahead",
                "/check-in",
                "/measures",
                "/work",
                "/milestones",
                "/referral",
                "/record",
                "/events",
                "/patient",
                "/plan",
                "/teach-back",
                "/treatment",
                "/movement",
                "/sport",
                "/week",
                "/other-side",
                "/what-if",
                "/walk",
                "/programs",
                "/reports",
                "/return",
                "/share",
                "/still",
                "/range",
                "/hand",
                "/weight"
            })
    void aPageSendsFew(String place) {
        assertThat(reading(place)).isLessThanOrEqualTo(MOST);
    }

    /** It drafts the note besides: what was told, what is open, the notes and the home programme before. */
    @Test
    void theWrapUpSendsSevenMore() {
        assertThat(reading("/wrap-up")).isLessThanOrEqualTo(MOST + 7);
    }

    private static int reading(String place) {
        THERAPIST.get(COURSE + place);
        int queries = QUERIES.during(
                () -> assertThat(THERAPIST.get(COURSE + place).status()).isEqualTo(200));
        System.out.println("queries GET " + (place.isEmpty() ? "/" : place) + " " + queries);
        return queries;
    }

    private static String newCourse() {
        Map<String, String> form = Referring.form("Counted Person", "QR-" + UUID.randomUUID(), 50);
        THERAPIST.post("/courses", form);
        return "/courses/" + form.get("courseId");
    }

    @ParameterizedTest
    @CsvSource({
        "/readings,readingId,measure=range.KNEE_FLEXION;said=0-0-90;side=LEFT;mode=PASSIVE;measuredOn=2031-04-01;strict=true",
        "/check-in,checkInId,painNow=1;swelling=NONE;asked=true",
        "/events,eventId,what=fall;on=2031-04-01;words=slipped",
        "/narrowings,narrowingId,what=BARS:quad-set;narrowWhy=sore on top",
        "/holds,holdId,why=wound draining;reviewOn=2031-04-05",
        "/sets,entryId,role=quad-set/operated;amount=10;pain=1;asked=3 x 10"
    })
    void aCommandSendsFew(String place, String id, String fields) {
        String course = newCourse();
        Map<String, String> form = new HashMap<>(Map.of(id, UUID.randomUUID().toString()));
        for (String field : fields.split(";")) {
            form.put(field.split("=")[0], field.split("=")[1]);
        }
        String token = THERAPIST.get("/session/token").body();
        form.put("_csrf", token);

        int queries = QUERIES.during(() ->
                assertThat(THERAPIST.postAsIs(course + place, form).status()).isEqualTo(302));

        System.out.println("queries POST " + place + " " + queries);
        assertThat(queries).isLessThanOrEqualTo(MOST);
    }
}
