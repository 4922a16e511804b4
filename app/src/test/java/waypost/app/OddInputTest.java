package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.testing.Routes;
import waypost.app.testing.Routes.Route;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Whatever is typed or sent into whichever field of whichever route: an answer in words, never a fault, and none hangs. */
@Tag("slow")
public class OddInputTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ADMIN = Visitor.signedIn("admin");

    /** No answer after this is one that never comes, however busy the machine is: it is no figure of speed. */
    private static final long HANGS_NANOS = 60_000_000_000L;

    private static final int OUTAGE = 503;
    private static final long OUTAGE_MILLIS = 2_500;

    /** What no form of ours would send. */
    public static final List<String> ODD = List.of(
            "",
            " ",
            "\u0000",
            "a\u0007b",
            "\uFFFE",
            "\u202E",
            "999999999-01-01",
            "+999999999-12-31",
            "2031-02-30",
            "1e999999999",
            "-1e-999999999",
            "99999999999999999999999",
            "-1",
            "NaN",
            "Infinity",
            "25:61",
            "00000000-0000-0000-0000-000000000000",
            "1-1-1-1-1",
            "quad-set/operated/too",
            "no-such",
            "'; drop table course; --",
            "<script>alert(1)</script>",
            "${7*7}",
            "x".repeat(70_000));

    /** Alone in a form a field meets every third of them, the next field the next ones; beside right fields it meets all. */
    private static final int APART = 3;

    private int turn;

    private record Answered(String what, int status, long nanos) {}

    private final Working visit = Working.on(THERAPIST, 52);
    private final String token = THERAPIST.get("/session/token").body();
    private final String adminToken = ADMIN.get("/session/token").body();
    private final List<Answered> answers = new ArrayList<>();

    private String filled(String path) {
        return path.replace(
                        "{id}",
                        path.startsWith("/today")
                                ? UUID.randomUUID().toString()
                                : visit.id().toString())
                .replace("{activity}", "quad-set")
                .replace("{role}", "operated")
                .replace("{measure}", "knee-flexion")
                .replace("{calculator}", "torque")
                .replaceAll("\\{[a-zA-Z]+Id}", UUID.randomUUID().toString())
                .replaceAll("\\{[^}]+}", "x");
    }

    private void send(Route route, String path, Map<String, String> form, String what) {
        Visitor visitor = path.startsWith("/clinic") ? ADMIN : THERAPIST;
        long start = System.nanoTime();
        Visitor.Answer answer = ask(visitor, route, path, form);
        if (answer.status() == OUTAGE) {
            awaitTheDatabase();
            answer = ask(visitor, route, path, form);
        }
        answers.add(new Answered(
                route.method() + " " + route.path() + " " + what, answer.status(), System.nanoTime() - start));
    }

    private Visitor.Answer ask(Visitor visitor, Route route, String path, Map<String, String> form) {
        if (route.method() == RequestMethod.GET) {
            StringBuilder query = new StringBuilder(path);
            form.forEach((name, value) -> query.append(query.indexOf("?") < 0 ? "?" : "&")
                    .append(encoded(name))
                    .append('=')
                    .append(encoded(value.length() > 4_000 ? value.substring(0, 4_000) : value)));
            return visitor.get(query.toString());
        }
        Map<String, String> all = new LinkedHashMap<>(form);
        all.put("_csrf", visitor == ADMIN ? adminToken : token);
        return visitor.postAsIs(path, all);
    }

    /** A machine that stands still for two seconds is told as an outage, with the word to come again: whoever does gets in. */
    private static void awaitTheDatabase() {
        try {
            Thread.sleep(OUTAGE_MILLIS);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    @Test
    void isAnsweredInWordsOnEveryRoute() {
        for (Route route : Routes.all()) {
            if (route.path().startsWith("/sign-") || route.path().equals("/error")) {
                continue;
            }
            String path = filled(route.path());
            send(route, path, Map.of(), "nothing");
            for (String field : route.fields()) {
                for (int nth = turn++ % APART; nth < ODD.size(); nth += APART) {
                    send(route, path, Map.of(field, ODD.get(nth)), field + "=" + shown(ODD.get(nth)));
                }
                for (String name :
                        List.of(field + "[0]", field + "[x]", field + ".x", field + "[0].x.y", "_" + field)) {
                    send(route, path, Map.of(name, "x"), name);
                }
            }
        }
        report();
    }

    @Test
    void isAnsweredInWordsBesideFieldsThatAreRight() {
        IdsOfOthersTest.commands().forEach(command -> {
            HalfWrittenTest.Sent right = command.sent().apply(visit);
            Route route = new Route(RequestMethod.POST, command.toString(), List.of());
            for (String field : right.form().keySet()) {
                Map<String, String> without = new HashMap<>(right.form());
                without.remove(field);
                send(route, right.path(), without, "without " + field);
                for (String odd : ODD) {
                    Map<String, String> bent = new HashMap<>(right.form());
                    bent.put(field, odd);
                    send(route, right.path(), bent, field + "=" + shown(odd));
                }
            }
        });
        report();
        assertThat(THERAPIST.get(visit.path()).status()).isEqualTo(200);
        assertThat(THERAPIST.get("/today").status()).isEqualTo(200);
        assertThat(THERAPIST.get(visit.path() + "/record").status()).isEqualTo(200);
    }

    private void report() {
        Map<String, Integer> faults = new TreeMap<>();
        answers.stream()
                .filter(answer -> answer.status() >= 500)
                .forEach(answer -> faults.merge(answer.what() + " -> " + answer.status(), 1, Integer::sum));
        faults.keySet().forEach(System.out::println);
        System.out.println(answers.size() + " odd requests, " + faults.size() + " faults");
        assertThat(faults).isEmpty();
        assertThat(answers.stream()
                        .filter(answer -> answer.nanos() > HANGS_NANOS)
                        .map(Answered::what))
                .isEmpty();
    }

    private static String shown(String odd) {
        return odd.length() > 40 ? odd.length() + " letters" : encoded(odd);
    }
}
