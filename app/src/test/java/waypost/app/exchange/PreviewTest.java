package waypost.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.app.testing.Referring;
import waypost.app.testing.Visitor;

/** What the look at a file offers to put on record is put on record, and what it does not offer is not. */
@Tag("slow")
class PreviewTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String HEADER = "measure,side,mode,value,on,rater,position,working\r\n";
    private static int numbers;

    static Stream<String> files() {
        String row = "knee-flexion,LEFT,PASSIVE,90,2031-04-01,%s,%s,%s\r\n";
        Stream<String> texts = Stream.of(
                        "plain",
                        "x".repeat(120),
                        "x".repeat(300),
                        "x".repeat(9_000),
                        "nul \u0000 in it",
                        "bell \u0007 in it",
                        "\uFFFE",
                        "🦵 emoji",
                        "\"two\r\nlines\"",
                        "\"two\nlines\"",
                        "\"say \"\"so\"\"\"",
                        "=SUM(A1)",
                        "  spaces  ",
                        "\u202Eturned")
                .flatMap(odd ->
                        Stream.of(row.formatted(odd, "", ""), row.formatted("", odd, ""), row.formatted("", "", odd)));
        Stream<String> values = Stream.of(
                        "90",
                        "90,5",
                        "-5",
                        "1000",
                        "1e300",
                        "1e5",
                        "999999",
                        "NaN",
                        "Infinity",
                        "0x1p3",
                        "90d",
                        "90.0001",
                        "1e-300",
                        "")
                .map(value -> "knee-flexion,LEFT,PASSIVE,\"" + value + "\",2031-04-01,,,\r\n");
        Stream<String> days = Stream.of("2031-04-03", "2031-04-04", "0001-01-01", "+999999999-01-01", "1990-06-15")
                .map(day -> "knee-flexion,LEFT,PASSIVE,90," + day + ",,,\r\n");
        Stream<String> kinds = Stream.of(
                "knee-flexion,LEFT,RESISTED,90,2031-04-01,,,\r\n",
                "knee-flexion,BOTH,PASSIVE,90,2031-04-01,,,\r\n",
                "knee-girth,LEFT,,38.5,2031-04-01,,,\r\n",
                "pain-next-morning,LEFT,,11,2031-04-01,,,\r\n",
                "knee-effusion,LEFT,,99,2031-04-01,,,\r\n",
                "gait-clean,LEFT,,0.5,2031-04-01,,,\r\n",
                "no-such,LEFT,PASSIVE,90,2031-04-01,,,\r\n");
        String many = IntStream.range(0, 20_000)
                .mapToObj(nth -> "knee-flexion,LEFT,PASSIVE," + nth % 140 + ",2031-04-01,\"" + nth + "\",,\r\n")
                .collect(Collectors.joining());
        return Stream.of(texts, values, days, kinds, Stream.of(many)).flatMap(all -> all);
    }

    @ParameterizedTest
    @MethodSource("files")
    void offersWhatIsTakenAndNothingElse(String rows) {
        Map<String, String> form = Referring.form("Preview Person", "PV-" + ++numbers, 60);
        THERAPIST.post("/courses", form);
        String course = "/courses/" + form.get("courseId");

        Visitor.Answer look =
                THERAPIST.upload(course + "/readings/look", (HEADER + rows).getBytes(StandardCharsets.UTF_8));
        assertThat(look.status()).isLessThan(500);
        Element offered = Jsoup.parse(look.body()).selectFirst("form[action$=/readings/take]");
        if (offered == null) {
            assertThat(look.body()).containsPattern("found|Found");
            return;
        }
        String said = offered.selectFirst("button").text();
        // A browser sends the lines of a text ended by CR LF.
        String text = offered.selectFirst("textarea").wholeText().replaceAll("\r?\n", "\r\n");
        Visitor.Answer taken = THERAPIST.postParts(course + "/readings/take", Map.of("text", text));

        assertThat(taken.status())
                .as(rows.substring(0, Math.min(100, rows.length())))
                .isEqualTo(200);
        String count = said.replaceAll("\\D", "");
        assertThat(taken.body()).contains(count.equals("1") ? "1 reading was added." : count + " readings were added.");
    }
}
