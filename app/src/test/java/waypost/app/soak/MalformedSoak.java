package waypost.app.soak;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.OddInputTest;
import waypost.app.testing.RawRequest;
import waypost.app.testing.Routes;
import waypost.app.testing.Routes.Route;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A hundred thousand damaged requests, seeded: no fault, none slow, and the heap is what it was. */
@Tag("soak")
class MalformedSoak {

    private static final int REQUESTS = Integer.parseInt(System.getenv().getOrDefault("SOAK_REQUESTS", "100000"));
    private static final long SEED = Long.getLong("soak.seed", 20311L);
    private static final int THREADS = 4;
    private static final long SLOW_NANOS = 2_000_000_000L;

    /** What the server answers, before it reaches us, to a transfer coding that it does not know (RFC 9112, 6.1). */
    private static final int UNKNOWN_CODING = 501;

    private static final List<String> ROLES = List.of("therapist", "lead", "admin", "surgeon");

    private final Map<String, Long> byStatus = new ConcurrentSkipListMap<>();
    private final Map<String, Long> faults = new ConcurrentSkipListMap<>();
    private final AtomicLong slowest = new AtomicLong();
    private final AtomicLong sent = new AtomicLong();

    @Test
    void everythingIsAnsweredInWords() throws InterruptedException {
        Working own = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();
        run(own, REQUESTS / 10, SEED);
        long before = heapMegabytes();
        run(own, REQUESTS - REQUESTS / 10, SEED + 1_000);
        long after = heapMegabytes();

        System.out.printf(
                "soak: %d damaged requests, seed %d: %s; slowest %d ms; heap %d MB, then %d MB%n",
                sent.get(), SEED, new TreeMap<>(byStatus), slowest.get() / 1_000_000, before, after);
        faults.forEach((what, times) -> System.out.println("soak fault: " + what + " x " + times));
        assertThat(faults).isEmpty();
        assertThat(slowest.get()).isLessThan(SLOW_NANOS);
        assertThat(after).isLessThan(before + before / 2 + 64);
        assertThat(Visitor.signedIn("therapist").get(own.path()).status()).isEqualTo(200);
        assertThat(Visitor.signedIn("therapist").get("/today").status()).isEqualTo(200);
    }

    private void run(Working own, int requests, long seed) throws InterruptedException {
        List<Thread> threads = new ArrayList<>();
        for (int nth = 0; nth < THREADS; nth++) {
            Random random = new Random(seed + nth);
            String role = ROLES.get(nth % ROLES.size());
            threads.add(new Thread(() -> send(own, requests / THREADS, role, random)));
        }
        threads.forEach(Thread::start);
        for (Thread thread : threads) {
            thread.join();
        }
    }

    private void send(Working own, int requests, String role, Random random) {
        List<Route> routes = Routes.all().stream()
                .filter(route ->
                        !route.path().contains("/sessions/") && !route.path().endsWith("/live"))
                .toList();
        Visitor visitor = Visitor.signedIn(role);
        String token = visitor.get("/session/token").body();
        for (int nth = 0; nth < requests; nth++) {
            Route route = routes.get(random.nextInt(routes.size()));
            String path = route.on(own.id(), own.id());
            long began = System.nanoTime();
            int status = random.nextInt(4) == 0
                    ? RawRequest.damaged(
                            RunningWaypost.get().address(), route.method().name(), path, random)
                    : form(visitor, token, own, route, path, random);
            long took = System.nanoTime() - began;
            sent.incrementAndGet();
            slowest.accumulateAndGet(took, Math::max);
            byStatus.merge(String.valueOf(status), 1L, Long::sum);
            if ((status >= 500 && status != UNKNOWN_CODING) || took > SLOW_NANOS) {
                faults.merge(status + " " + route + " by " + role + (took > SLOW_NANOS ? " slow" : ""), 1L, Long::sum);
            }
        }
    }

    private static int form(Visitor visitor, String token, Working own, Route route, String path, Random random) {
        Map<String, String> fields = new HashMap<>();
        Map<String, String> right = Routes.anything(own.id());
        for (String field : route.fields()) {
            switch (random.nextInt(3)) {
                case 0 -> fields.put(field, odd(random));
                case 1 -> fields.put(field, right.getOrDefault(field, "x"));
                default -> {}
            }
        }
        if (random.nextInt(5) == 0) {
            fields.put(odd(random).replaceAll("[^ -~]", "?"), odd(random));
        }
        fields.values().removeIf(value -> value.length() > 60_000 && random.nextInt(10) != 0);
        if (route.method() == RequestMethod.GET) {
            return visitor.get(path + RawRequest.query(fields)).status();
        }
        fields.put("_csrf", token);
        return random.nextInt(6) == 0
                ? visitor.postParts(path, fields).status()
                : visitor.postAsIs(path, fields).status();
    }

    private static String odd(Random random) {
        if (random.nextBoolean()) {
            return OddInputTest.ODD.get(random.nextInt(OddInputTest.ODD.size()));
        }
        int length = random.nextInt(60);
        StringBuilder text = new StringBuilder();
        for (int nth = 0; nth < length; nth++) {
            text.appendCodePoint(
                    random.nextInt(3) == 0 ? random.nextInt(Character.MAX_CODE_POINT) : ' ' + random.nextInt(90));
        }
        return text.toString();
    }

    private static long heapMegabytes() {
        Runtime runtime = Runtime.getRuntime();
        for (int nth = 0; nth < 3; nth++) {
            System.gc();
        }
        return (runtime.totalMemory() - runtime.freeMemory()) >> 20;
    }
}
