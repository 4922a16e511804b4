package waypost.app.note;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A note with whatever letters prints: as text, as a page and as PDF. */
@Tag("slow")
class AnyLetterTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private static void prints(Working visit) {
        Matcher note = Pattern.compile("/notes/([0-9a-f-]{36})\\.pdf").matcher(visit.get("/wrap-up"));
        assertThat(note.find()).isTrue();
        for (String kind : new String[] {".pdf", ".txt", "/print"}) {
            Visitor.Answer answer = THERAPIST.get(visit.path() + "/notes/" + note.group(1) + kind);
            assertThat(answer.status()).as(kind).isEqualTo(200);
            assertThat(answer.body()).as(kind).isNotBlank();
        }
        assertThat(THERAPIST.get(visit.path() + "/record").status()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "é ü ß ø ł ş ğ",
                "膝 무릎 колено γόνατο ركبة ברך เข่า",
                "🦵🏽 👩‍⚕️ 🇵🇹",
                "≥ ≤ ± ° → ∞ ½ ² µ",
                "<script>alert(1)</script> ]]> &amp; \" ' `",
                "\u202Eturned\u202C \u200B\u2028\u2029 \uFEFF",
                "a\u0301\u0302\u0303\u0304\u0305",
                "\uE000 private"
            })
    void whatWasTyped(String words) {
        Working visit = Working.on(THERAPIST, 52).checkedIn();
        String page = visit.get("/wrap-up");
        assertThat(visit.post(
                                "/wrap-up",
                                new HashMap<>(Map.of(
                                        "noteId", Working.hidden(page, "noteId"),
                                        "shown", Working.hidden(page, "shown"),
                                        "ownWords", words)))
                        .status())
                .isEqualTo(302);
        prints(visit);
    }

    /** Also what a database of earlier days may hold: every letter below 256 and the ones that are none. */
    @ParameterizedTest
    @ValueSource(ints = {0x01, 0x20, 0x7f, 0xd7f0, 0xfff0})
    void whatStandsThereAlready(int from) {
        Working visit = Working.on(THERAPIST, 52).checkedIn();
        String words = IntStream.range(from, from + 128)
                .filter(letter -> letter < 0xd800 || letter > 0xdfff)
                .filter(letter -> letter <= 0xffff)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        jdbc.update(
                """
                insert into visit_note (id, course_id, visited_on, subjective, objective, assessment, plan, own_words,
                                        response, written_by)
                values (?, ?, date '2031-04-02', '', '', '', '', ?, '', ?)
                """,
                UUID.randomUUID(),
                visit.id(),
                words,
                RunningWaypost.get().staff("therapist").id());
        prints(visit);
    }
}
