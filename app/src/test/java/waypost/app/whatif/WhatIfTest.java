package waypost.app.whatif;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** What is tried is told and not written; what is made real is. */
@Tag("served")
class WhatIfTest {

    private static final AtomicInteger NUMBER = new AtomicInteger(1);
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private static String course(int daysAgo, Map<String, String> answers) {
        int number = NUMBER.getAndIncrement();
        Map<String, String> form = Referring.form("What If " + number, "WI-" + number, daysAgo);
        form.putAll(answers);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        return "/courses/" + form.get("courseId");
    }

    private static String text(Visitor.Answer answer) {
        return answer.body().replaceAll("<[^>]+>", " ").replace("&#39;", "'").replaceAll("\\s+", " ");
    }

    private int rows() {
        Integer rows = jdbc.queryForObject(
                "select (select count(*) from reading) + (select count(*) from statement)"
                        + " + (select count(*) from surgeon_order) + (select count(*) from signature)",
                Integer.class);
        return rows == null ? -1 : rows;
    }

    @Test
    void everythingTriedTogetherWritesNothing() {
        String course = course(24, Map.of("answer.meniscus-repair", ""));
        int before = rows();

        Visitor.Answer tried = THERAPIST.post(
                course + "/what-if",
                Map.of(
                        "on", RunningWaypost.TODAY.plusDays(30).toString(),
                        "outlook", "TO_PLAN",
                        "answer.meniscus-repair", "none",
                        "measure", "range.KNEE_FLEXION",
                        "said", "0-0-120",
                        "side", "LEFT",
                        "mode", "PASSIVE",
                        "what", "OPENS:long-arc/operated"));

        assertThat(tried.status()).isEqualTo(200);
        assertThat(text(tried)).contains("What would be otherwise on Sat 3 May 2031", "Opens ·", "Milestones");
        assertThat(rows()).isEqualTo(before);
    }

    @Test
    void anAnswerThatIsTriedGoesIntoTheReferralOnlyWithASignature() {
        String course = course(24, Map.of("answer.meniscus-repair", ""));

        Visitor.Answer tried = THERAPIST.post(course + "/what-if", Map.of("answer.meniscus-repair", "none"));
        Visitor.Answer form = THERAPIST.post(course + "/referral/tried", Map.of("answer.meniscus-repair", "none"));

        assertThat(text(tried)).contains("Wall squat", "was barred", "Change the referral");
        assertThat(form.status()).isEqualTo(200);
        assertThat(form.body()).containsPattern("value=\"none\"\\s+checked|checked=\"checked\"");
        assertThat(text(THERAPIST.get(course))).contains("Meniscus repair? not stated");
    }

    @Test
    void aReadingThatIsTriedCanBePutOnRecord() {
        String course = course(24, Map.of());
        Map<String, String> reading = new HashMap<>(
                Map.of("measure", "range.KNEE_FLEXION", "said", "0-0-130", "side", "LEFT", "mode", "PASSIVE"));

        assertThat(text(THERAPIST.post(course + "/what-if", reading))).contains("→ met", "Put the reading on record");
        reading.putAll(Map.of(
                "readingId",
                UUID.randomUUID().toString(),
                "measuredOn",
                RunningWaypost.TODAY.toString(),
                "strict",
                "true"));
        assertThat(THERAPIST.post(course + "/readings", reading).status()).isEqualTo(302);
        assertThat(text(THERAPIST.get(course + "/measures/readings"))).contains("130");
    }

    @Test
    void anOrderOpensWhatItNamesAndIsWithdrawnWithAReason() {
        String course = course(24, Map.of());
        Map<String, String> order = new HashMap<>(Map.of("what", limitOf(course), "allow", "free"));
        Visitor.Answer tried = THERAPIST.post(course + "/what-if", order);
        assertThat(tried.status()).isEqualTo(200);
        assertThat(text(tried)).contains("→ no limit", "Put the order on record");

        order.put("orderId", UUID.randomUUID().toString());
        assertThat(THERAPIST.post(course + "/orders", order).status())
                .as("no words")
                .isEqualTo(422);
        order.put("words", "Resisted work may begin now.");
        assertThat(THERAPIST.post(course + "/orders", order).status()).isEqualTo(302);
        assertThat(THERAPIST.post(course + "/orders", order).status())
                .as("sent twice")
                .isEqualTo(302);

        assertThat(text(THERAPIST.get(course + "/record")))
                .contains("Order of Dr Halloway", "Resisted work may begin now.");
        String page = THERAPIST.get(course + "/what-if").body();
        List<String> withdrawals = Pattern.compile(course + "/orders/[0-9a-f-]{36}/withdrawal")
                .matcher(page)
                .results()
                .map(MatchResult::group)
                .toList();
        assertThat(withdrawals).as("written once").hasSize(1);
        String withdrawal = withdrawals.get(0);
        Map<String, String> why = Map.of("why", "meant another patient");
        assertThat(THERAPIST.post(withdrawal, Map.of("why", "")).status()).isEqualTo(422);
        assertThat(THERAPIST.post(withdrawal, why).status()).isEqualTo(302);
        assertThat(THERAPIST.post(withdrawal, why).status()).isEqualTo(404);
        assertThat(text(THERAPIST.get(course + "/record"))).contains("Order withdrawn: meant another patient");
        assertThat(text(THERAPIST.get(course + "/what-if"))).doesNotContain("Orders on record");
    }

    /** A limit that is in force and that any signed order may free. */
    private static String limitOf(String course) {
        Matcher options = Pattern.compile("value=\"(LIMIT:[a-z0-9.-]+)\"[^>]*>([^<]+)<")
                .matcher(THERAPIST.get(course + "/what-if").body());
        while (options.find()) {
            if (options.group(2).contains("Impact")) {
                return options.group(1);
            }
        }
        throw new AssertionError("no limit on impact among the choices");
    }

    @Test
    void anOrderByPhoneSaysThatItFallsBack() {
        String course = course(24, Map.of());

        Visitor.Answer tried =
                THERAPIST.post(course + "/what-if", Map.of("what", limitOf(course), "allow", "free", "came", "phone"));

        assertThat(text(tried)).contains("holds for 3 days and falls back unless countersigned");
    }

    @Test
    void whatCannotBeIsRefusedWithWhatIsAllowed() {
        String course = course(24, Map.of());

        assertThat(text(THERAPIST.post(course + "/what-if", Map.of("on", "2031-01-01"))))
                .contains("allowed: today or later");
        assertThat(text(THERAPIST.post(course + "/what-if", Map.of("answer.graft", "silk"))))
                .contains("Found 'silk', allowed: ");
        assertThat(text(THERAPIST.post(
                        course + "/what-if",
                        Map.of("measure", "range.KNEE_FLEXION", "said", "0-0-300", "side", "LEFT", "mode", "PASSIVE"))))
                .contains("allowed");
        assertThat(text(THERAPIST.post(course + "/what-if", Map.of("what", "OPENS:levitation/operated"))))
                .contains("allowed: one of the choices shown");
        assertThat(text(THERAPIST.post(course + "/what-if", Map.of("what", limitOf(course), "allow", "a bit"))))
                .contains("a bit");
        assertThat(text(THERAPIST.post(
                        course + "/what-if",
                        Map.of(
                                "what",
                                limitOf(course),
                                "allow",
                                "free",
                                "from",
                                "2031-04-10",
                                "lastDay",
                                "2031-04-05"))))
                .contains("before its first day");
        assertThat(THERAPIST
                        .post(course + "/what-if", Map.of("what", "nonsense"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void anAssistantMayTryAndNotOrder() {
        String course = course(24, Map.of());
        Visitor assistant = Visitor.signedIn("assistant");

        assertThat(assistant
                        .post(course + "/what-if", Map.of("answer.graft", "patellar-tendon"))
                        .status())
                .isEqualTo(200);
        assertThat(text(assistant.post(course + "/what-if", Map.of("answer.graft", "patellar-tendon"))))
                .doesNotContain("Change the referral");
        assertThat(assistant
                        .post(
                                course + "/orders",
                                Map.of(
                                        "what",
                                        limitOf(course),
                                        "allow",
                                        "free",
                                        "words",
                                        "may begin",
                                        "orderId",
                                        UUID.randomUUID().toString()))
                        .status())
                .isEqualTo(403);
    }
}
