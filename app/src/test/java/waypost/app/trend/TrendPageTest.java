package waypost.app.trend;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Trends: what the charts are drawn from, and the tables beside them. */
@Tag("served")
class TrendPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final String course = measured();

    private static String measured() {
        Map<String, String> form =
                Referring.form("Trend Person", UUID.randomUUID().toString(), 40);
        THERAPIST.post("/courses", form);
        String course = "/courses/" + form.get("courseId");
        List<Integer> bends = List.of(60, 66, 70, 76, 80, 85);
        for (int i = 0; i < bends.size(); i++) {
            read(course, "0-8-" + bends.get(i), 30 - 5 * i, true);
        }
        read(course, "0-0-110", 2, false);
        return course;
    }

    private static void read(String course, String said, int daysAgo, boolean strict) {
        Map<String, String> form = new HashMap<>(Map.of(
                "readingId",
                UUID.randomUUID().toString(),
                "measure",
                "range.KNEE_FLEXION",
                "said",
                said,
                "side",
                "LEFT",
                "mode",
                "PASSIVE",
                "measuredOn",
                RunningWaypost.TODAY.minusDays(daysAgo).toString()));
        if (strict) {
            form.put("strict", "true");
        }
        THERAPIST.post(course + "/readings", form);
    }

    private JsonNode chart(String measure) {
        JsonNode all = JsonMapper.builder()
                .build()
                .readTree(THERAPIST
                        .get(course + "/measures/trends/data?measure=" + measure)
                        .body());
        return all.get("charts").get(0);
    }

    @Test
    void theChartHoldsReadingsCorridorLineAndForecast() {
        JsonNode flexion = chart("knee-flexion");
        JsonNode points = flexion.get("series").get(0).get("points");

        assertThat(points).hasSize(7);
        assertThat(points.get(6).get("strict").asBoolean()).isFalse();
        assertThat(points.get(0).get("error").asDouble()).isEqualTo(5);
        assertThat(flexion.get("corridor")).isNotEmpty();
        assertThat(flexion.get("line").get("end").asDouble()).isGreaterThan(80);
        assertThat(flexion.get("goals").get(0).get("expected").asString()).startsWith("2031-");
        assertThat(flexion.get("says").asString()).contains("better a week (80 %: ");
    }

    /** What lacks 8 degrees is said −8 and drawn below zero; the scale inside has it at 8. */
    @Test
    void whatLacksIsDrawnBelowZero() {
        JsonNode extension = chart("knee-extension");

        assertThat(extension
                        .get("series")
                        .get(0)
                        .get("points")
                        .get(0)
                        .get("value")
                        .asDouble())
                .isEqualTo(-8);
        extension
                .get("corridor")
                .forEach(band -> assertThat(band.get("low").asDouble())
                        .isLessThanOrEqualTo(band.get("high").asDouble()));
    }

    @Test
    void aTableStandsBesideEachChart() {
        assertThat(THERAPIST.get(course + "/measures/trends").body())
                .contains("<h2>Knee flexion</h2>", "85°", "compensated", "± 5", "as a table", "about ");
    }
}
