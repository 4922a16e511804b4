package waypost.benchmarks;

import java.io.IOException;
import java.net.http.HttpClient;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Visits at once on a running demo, each logging a set every two seconds; every set must be there afterwards. */
final class VisitLoad {

    private static final int ALONE = 200;
    private static final int VISITS = 50;
    private static final Duration EVERY = Duration.ofSeconds(2);
    private static final Duration LASTING = Duration.ofMinutes(5);
    private static final String ROLE = "heel-slide/operated";

    private final PageLoad pages;
    private final String name;
    private final String password;

    VisitLoad(PageLoad pages, String name, String password) {
        this.pages = pages;
        this.name = name;
        this.password = password;
    }

    /** One visit of one therapist. */
    final class Visit {
        private final HttpClient client;
        private final String course = "/courses/" + UUID.randomUUID();
        private final String token;
        private final List<Long> nanos = new ArrayList<>();

        Visit(int number) throws IOException, InterruptedException {
            client = pages.signedIn(name, password, HttpClient.Redirect.NEVER);
            pages.post(client, "/courses", referral(number));
            pages.post(
                    client,
                    course + "/check-in",
                    Map.of(
                            "checkInId", UUID.randomUUID().toString(),
                            "painNow", "1",
                            "swelling", "NONE",
                            "asked", "true"));
            token = pages.get(client, "/session/token");
        }

        private Map<String, String> referral(int number) {
            Map<String, String> form = new HashMap<>(Map.of(
                    "courseId", courseId(),
                    "patientName", "Visit Load",
                    "birthDate", "1990-06-15",
                    "number", "LOAD-" + number + "-" + course.substring(9, 17),
                    "protocol", "knee.ligament-reconstruction",
                    "operation", "knee ligament reconstruction",
                    "side", "left",
                    "sideAgain", "left",
                    "dayZero", LocalDate.now().minusDays(52).toString(),
                    "surgeon", "Dr Halloway"));
            form.put("answer.ligament", "anterior");
        form.put("answer.graft", "donor");
            List.of("meniscus-repair", "cartilage-repair", "collateral-repair")
                    .forEach(question -> form.put("answer." + question, "none"));
            return form;
        }

        String courseId() {
            return course.substring("/courses/".length());
        }

        /** Logs a set and gives what came back. */
        String log(int amount) throws IOException, InterruptedException {
            Map<String, String> set = Map.of(
                    "entryId", UUID.randomUUID().toString(),
                    "role", ROLE,
                    "amount", String.valueOf(amount),
                    "pain", "1",
                    "_csrf", token);
            long start = System.nanoTime();
            String answer = pages.postPart(client, course + "/sets", set);
            nanos.add(System.nanoTime() - start);
            return answer;
        }

        Visit goOn() throws IOException, InterruptedException {
            long ends = System.nanoTime() + LASTING.toNanos();
            for (int nth = 0; System.nanoTime() < ends; nth++) {
                long next = System.nanoTime() + EVERY.toNanos();
                log(nth % 100);
                Thread.sleep(Math.max(0, (next - System.nanoTime()) / 1_000_000));
            }
            return this;
        }

        int found() throws IOException, InterruptedException {
            return pages.get(client, course + "/work?role=" + ROLE).split("Take back set").length - 1;
        }
    }

    /** A visit of a course of its own. */
    Visit visit() throws IOException, InterruptedException {
        return new Visit(0);
    }

    /** Prints how long a set takes alone, and among the visits; and how many sets were sent and found. */
    void measure() throws Exception {
        Visit alone = new Visit(0);
        for (int nth = 0; nth < ALONE; nth++) {
            alone.log(nth % 100);
        }
        PageLoad.report("a logged set", 1, sorted(alone.nanos.subList(ALONE / 2, ALONE)));
        List<Visit> visits = new ArrayList<>();
        for (int nth = 1; nth <= VISITS; nth++) {
            visits.add(new Visit(nth));
        }
        ExecutorService pool = Executors.newFixedThreadPool(VISITS);
        List<Future<Visit>> running = new ArrayList<>();
        for (Visit visit : visits) {
            Callable<Visit> going = visit::goOn;
            running.add(pool.submit(going));
        }
        List<Long> nanos = new ArrayList<>();
        int found = 0;
        for (Future<Visit> each : running) {
            Visit visit = each.get();
            nanos.addAll(visit.nanos);
            found += visit.found();
        }
        pool.shutdown();
        PageLoad.report("a logged set among " + VISITS + " visits", VISITS, sorted(nanos));
        System.out.printf("%d visits, a set every 2 s for 5 min: %d sets sent, %d found%n", VISITS, nanos.size(), found);
    }

    private static List<Long> sorted(List<Long> nanos) {
        List<Long> sorted = new ArrayList<>(nanos);
        Collections.sort(sorted);
        return sorted;
    }
}
