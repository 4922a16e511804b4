package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Two people write about one patient at once: one of them is told, and keeps what was typed. */
@Tag("slow")
class TwoAtOnceTest {

    private static final int ROUNDS = 8;

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);
    private final Visitor therapist = Visitor.signedIn("therapist");
    private final Visitor lead = Visitor.signedIn("lead");

    /** Both send at the same moment. */
    private static List<Visitor.Answer> both(
            Working one, Working other, BiFunction<Working, Integer, Visitor.Answer> send) {
        CompletableFuture<Visitor.Answer> first = CompletableFuture.supplyAsync(() -> send.apply(one, 0));
        CompletableFuture<Visitor.Answer> second = CompletableFuture.supplyAsync(() -> send.apply(other, 1));
        return List.of(first.join(), second.join());
    }

    private static void oneWasTold(List<Visitor.Answer> answers, String said) {
        assertThat(answers.stream().map(Visitor.Answer::status)).containsExactlyInAnyOrder(302, 422);
        assertThat(answers.stream()
                        .filter(answer -> answer.status() == 422)
                        .findFirst()
                        .orElseThrow()
                        .body())
                .contains(said);
    }

    private static String title(String page, String role) {
        Matcher option =
                Pattern.compile("<option value=\"" + role + "\"[^>]*>([^<]*)<").matcher(page);
        assertThat(option.find()).as(role).isTrue();
        return option.group(1);
    }

    @Test
    void theSecondBlockIsRefusedAndItsChoicesStay() {
        for (int round = 0; round < ROUNDS; round++) {
            Working visit = Working.on(therapist, 52);
            String page = visit.get("/plan");
            String seen = Working.hidden(page, "replaces");
            List<String> chosen = List.of("quad-set/operated", "heel-slide/operated");

            List<Visitor.Answer> answers = both(
                    visit,
                    visit.by(lead),
                    (by, nth) -> by.post(
                            "/plan",
                            Map.of(
                                    "blockId",
                                    UUID.randomUUID().toString(),
                                    "replaces",
                                    seen,
                                    "beginsOn",
                                    "2031-04-0" + (4 + nth),
                                    "weeks",
                                    "3",
                                    "role",
                                    chosen.get(nth))));

            oneWasTold(answers, "wrote a block since this page was shown, and it stands.");
            int told = answers.get(0).status() == 422 ? 0 : 1;
            assertThat(answers.get(told).body())
                    .contains("value=\"" + "2031-04-0" + (4 + told) + "\"")
                    .containsPattern("value=\"" + chosen.get(told) + "\"[^>]*selected|selected[^>]*value=\""
                            + chosen.get(told) + "\"");
            assertThat(count("block", visit)).isEqualTo(1);
        }
    }

    @Test
    void oneExerciseIsSwappedOnce() {
        for (int round = 0; round < ROUNDS; round++) {
            Working visit = Working.on(therapist, 52);
            String page = visit.checkedIn().page();
            List<String> others = Pattern.compile("<option value=\"([a-z0-9-]+/[a-z0-9-]+)\"")
                    .matcher(page)
                    .results()
                    .map(found -> found.group(1))
                    .distinct()
                    .limit(2)
                    .toList();
            Matcher planned = Pattern.compile("role=([a-z0-9-]+/[a-z0-9-]+)\"").matcher(page);
            assertThat(planned.find()).isTrue();
            String out = planned.group(1);
            assertThat(title(page, others.get(0))).isNotBlank();

            List<Visitor.Answer> answers =
                    both(visit, visit.by(lead), (by, nth) -> by.plan("SWAP", others.get(nth), out));

            assertThat(answers.stream().filter(answer -> answer.status() == 422))
                    .hasSize(1);
            assertThat(answers.stream().map(Visitor.Answer::body))
                    .anyMatch(body -> body.contains("somebody may have changed it a moment ago"));
            assertThat(jdbc.queryForObject(
                            "select count(*) from plan_change c join block b on b.id = c.block_id"
                                    + " where b.course_id = ? and c.kind = 'SWAP'",
                            Long.class,
                            visit.id()))
                    .isEqualTo(1);
        }
    }

    @Test
    void oneVisitHasOneNoteAndOneSignatureAndTheOtherAmends() {
        for (int round = 0; round < ROUNDS; round++) {
            Working visit = Working.on(therapist, 52).checkedIn();
            List<Working> both = List.of(visit, visit.by(lead));
            List<Map<String, String>> forms = IntStream.range(0, 2)
                    .mapToObj(nth -> note(both.get(nth), "Typed by number " + nth + "."))
                    .toList();

            List<Visitor.Answer> answers =
                    both(visit, visit.by(lead), (by, nth) -> by.post("/wrap-up", forms.get(nth)));

            oneWasTold(answers, "This visit has its note: somebody wrote it a moment ago.");
            int told = answers.get(0).status() == 422 ? 0 : 1;
            String page = answers.get(told).body();
            assertThat(page).contains("Typed by number " + told + ".", "This amends the note of");
            assertThat(count("visit_note", visit)).isEqualTo(1);
            assertThat(jdbc.queryForObject(
                            "select count(*) from signature where kind = 'NOTE' and course_id = ?",
                            Long.class,
                            visit.id()))
                    .isEqualTo(1);

            Map<String, String> amending = new HashMap<>(forms.get(told));
            List.of("noteId", "shown", "amends").forEach(name -> amending.put(name, Working.hidden(page, name)));
            amending.put("why", "two of us wrote");
            assertThat(both.get(told).post("/wrap-up", amending).status()).isEqualTo(302);
            assertThat(count("visit_note", visit)).isEqualTo(2);
        }
    }

    private static Map<String, String> note(Working by, String words) {
        String page = by.get("/wrap-up");
        return new HashMap<>(Map.of(
                "noteId", Working.hidden(page, "noteId"),
                "shown", Working.hidden(page, "shown"),
                "visitedOn", RunningWaypost.TODAY.toString(),
                "ownWords", words));
    }

    private long count(String table, Working visit) {
        return jdbc.queryForObject("select count(*) from " + table + " where course_id = ?", Long.class, visit.id());
    }
}
