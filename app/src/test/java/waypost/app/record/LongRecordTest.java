package waypost.app.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A record and a list of readings that are longer than a page: every entry is on exactly one of the pages. */
@Tag("served")
class LongRecordTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final int READINGS = 450;
    private static final Pattern EARLIER =
            Pattern.compile("href=\"(/courses/[0-9a-f-]{36}/(?:record|measures/readings)\\?before=[^\"]+)\"");
    private static final String COURSE = course();

    /** A course whose readings were all taken over at once: the same moment for every one of them. */
    private static String course() {
        Map<String, String> form = Referring.form("Long Record", "LR-1", 460);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        LocalDate first = RunningWaypost.TODAY.minusDays(READINGS);
        StringBuilder file = new StringBuilder("measure,side,mode,value,on,strict\r\n");
        for (int i = 0; i < READINGS; i++) {
            file.append("knee-flexion,left,passive,90,")
                    .append(first.plusDays(i))
                    .append(",yes\r\n");
        }
        String path = "/courses/" + form.get("courseId");
        assertThat(THERAPIST
                        .post(path + "/readings/take", Map.of("text", file.toString()))
                        .status())
                .isLessThan(400);
        return path;
    }

    private static List<String> pages(String path) {
        List<String> pages = new ArrayList<>();
        Optional<String> next = Optional.of(path);
        while (next.isPresent() && pages.size() < 10) {
            pages.add(THERAPIST.get(next.get()).body());
            Matcher link = EARLIER.matcher(pages.get(pages.size() - 1));
            next = link.find() ? Optional.of(link.group(1)) : Optional.empty();
        }
        return pages;
    }

    @ParameterizedTest
    @CsvSource({
        "/record, 'measured (\\w{3} \\d+ \\w{3} \\d{4})'",
        "/measures/readings, '<td>(\\w{3} \\d+ \\w{3} \\d{4})'"
    })
    void everyReadingIsOnExactlyOnePage(String place, String day) {
        List<String> days = pages(COURSE + place).stream()
                .flatMap(page -> Pattern.compile(day).matcher(page).results())
                .map(found -> found.group(1))
                .toList();
        assertThat(days).hasSize(READINGS);
        assertThat(new HashSet<>(days)).hasSize(READINGS);
    }

    @Test
    void theRecordEndsWithTheReferral() {
        List<String> pages = pages(COURSE + "/record");
        assertThat(pages).hasSize(3);
        assertThat(pages.get(2)).contains("to the newest").contains("signed");
    }

    @ParameterizedTest
    @ValueSource(strings = {"9", "1-x", "99999999999999999999-3f2504e0-4f89-11d3-9a0c-0305e82c3301", "%00", "' or 1=1"})
    void aPlaceThatNoRecordWroteIsRefusedInWords(String place) {
        Visitor.Answer answer =
                THERAPIST.get(COURSE + "/record?before=" + URLEncoder.encode(place, StandardCharsets.UTF_8));
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.body()).contains("Open the record again");
    }
}
