package waypost.app.soak;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.Between;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Shell;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/**
 * Two therapists at work on two instances behind a proxy, while instances are killed, the database crashes and the proxy
 * answers by itself. Each sends an entry until it is acknowledged, as a page's outbox does. At the end every acknowledged
 * entry is there, once.
 */
@Tag("soak")
class UseSoak {

    private static final int MINUTES = setting("SOAK_MINUTES", 20);
    private static final int INSTANCE_KILLS = setting("SOAK_KILLS", 20);
    private static final int DATABASE_KILLS = setting("SOAK_CRASHES", 5);
    private static final long SEED = Long.getLong("soak.seed", 20311L);
    private static final Duration HANGING = Duration.ofSeconds(5);
    private static final int[] PORTS = {18081, 18082};

    private final ConcurrentLinkedQueue<UUID> acknowledged = new ConcurrentLinkedQueue<>();
    private final AtomicLong asked = new AtomicLong();
    private final AtomicLong hanging = new AtomicLong();
    private final AtomicLong slowest = new AtomicLong();
    private final Process[] instances = new Process[PORTS.length];
    private volatile boolean over;

    private static int setting(String name, int usual) {
        return Integer.parseInt(System.getenv().getOrDefault(name, String.valueOf(usual)));
    }

    private Process start(int port) {
        File[] jars = Path.of("target").toFile().listFiles((folder, name) -> name.endsWith("-demo.jar"));
        assertThat(jars).as("the demo's jar, made by ./waypost soak before").isNotEmpty();
        try {
            return new ProcessBuilder(
                            "java",
                            "-Xmx512m",
                            "-XX:TieredStopAtLevel=1",
                            "-jar",
                            jars[0].getPath(),
                            "--spring.profiles.active=demo",
                            "--server.port=" + port,
                            "--server.address=127.0.0.1",
                            "--waypost.sign-in.tries-per-address=1000000",
                            "--waypost.today=" + RunningWaypost.TODAY)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static boolean isReady(int port) {
        try {
            return Visitor.at("http://localhost:" + port).get("/ready").status() == 200;
        } catch (RuntimeException notYet) {
            return false;
        }
    }

    private static void await(int port) throws InterruptedException {
        for (int tries = 0; tries < 300 && !isReady(port); tries++) {
            Thread.sleep(200);
        }
    }

    @Test
    void nothingAcknowledgedIsLostOrDoubled() throws Exception {
        List<Working> visits = new ArrayList<>();
        for (int nth = 0; nth < 2; nth++) {
            visits.add(Working.on(Visitor.signedIn("therapist"), 52).checkedIn());
        }
        for (int nth = 0; nth < PORTS.length; nth++) {
            instances[nth] = start(PORTS[nth]);
            await(PORTS[nth]);
        }
        try (Between proxy =
                Between.inFrontOf(List.of("http://localhost:" + PORTS[0], "http://localhost:" + PORTS[1]))) {
            List<Thread> therapists = new ArrayList<>();
            for (int nth = 0; nth < visits.size(); nth++) {
                Working visit = visits.get(nth);
                String name = nth == 0 ? "therapist" : "lead";
                Random random = new Random(SEED + nth);
                therapists.add(new Thread(() -> work(proxy.address(), name, visit, random)));
            }
            therapists.forEach(Thread::start);
            disturb(proxy, new Random(SEED));
            over = true;
            for (Thread therapist : therapists) {
                therapist.join(TimeUnit.MINUTES.toMillis(2));
            }
        } finally {
            for (Process instance : instances) {
                instance.destroyForcibly();
            }
        }
        report(visits);
    }

    private void report(List<Working> visits) {
        JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);
        long lost = acknowledged.stream()
                .filter(id -> jdbc.queryForObject("select count(*) from set_done where id = ?", Long.class, id) != 1)
                .count();
        long kept = visits.stream()
                .mapToLong(visit -> jdbc.queryForObject(
                        "select count(*) from set_done where course_id = ?", Long.class, visit.id()))
                .sum();
        System.out.printf(
                "soak: %d min, %d kills of an instance, %d of the database: %d requests, %d entries acknowledged, %d lost,"
                        + " %d kept, %d pages hanging over %d s, slowest %d ms%n",
                MINUTES,
                INSTANCE_KILLS,
                DATABASE_KILLS,
                asked.get(),
                acknowledged.size(),
                lost,
                kept,
                hanging.get(),
                HANGING.toSeconds(),
                slowest.get());
        assertThat(lost).isZero();
        assertThat(kept).as("each once").isEqualTo(acknowledged.size());
        assertThat(hanging.get()).isZero();
        assertThat(acknowledged).isNotEmpty();
    }

    /** Kills, crashes and answers of the proxy, spread over the time. */
    private void disturb(Between proxy, Random random) throws InterruptedException, IOException {
        int events = INSTANCE_KILLS + DATABASE_KILLS;
        long pause = Duration.ofMinutes(MINUTES).toMillis() / (events + 1);
        for (int nth = 0; nth < events; nth++) {
            Thread.sleep(pause / 2);
            proxy.answersFormsWith(random.nextBoolean() ? 502 : 500);
            Thread.sleep(1_000);
            proxy.answersFormsWith(0);
            Thread.sleep(Math.max(0, pause / 2 - 1_000));
            if (nth % (events / DATABASE_KILLS) == 0) {
                Shell.run(
                        "home=$(database_home test); as_postgres $(postgres_bin)/pg_ctl -D $home/data -m immediate -w"
                                + " stop >/dev/null; sleep 2; PORT=" + databasePort()
                                + "; as_postgres $(postgres_bin)/pg_ctl -D $home/data -w -l $home/log -o \"-p $PORT"
                                + " -c listen_addresses=127.0.0.1 -c unix_socket_directories=$home/socket $QUIET_LOG\""
                                + " start >/dev/null",
                        Map.of());
            } else {
                int at = random.nextInt(PORTS.length);
                instances[at].destroyForcibly().waitFor();
                instances[at] = start(PORTS[at]);
                await(PORTS[at]);
            }
        }
        Thread.sleep(pause);
    }

    private static String databasePort() {
        return System.getenv("WAYPOST_DB_URL").replaceAll(".*:(\\d+)/.*", "$1");
    }

    private void work(String address, String name, Working visit, Random random) {
        Visitor visitor = signedIn(address, name);
        while (!over) {
            if (random.nextInt(3) > 0) {
                Map<String, String> set = visit.set("heel-slide/operated", 1 + random.nextInt(20), 1);
                while (!send(visitor, visit.path() + "/sets", set)) {
                    pause(300);
                    visitor = signedIn(address, name);
                }
                acknowledged.add(UUID.fromString(set.get("entryId")));
            } else {
                look(
                        visitor,
                        visit.path()
                                + List.of("", "/work", "/record", "/milestones").get(random.nextInt(4)));
            }
            pause(50 + random.nextInt(200));
        }
    }

    /** Whether it was acknowledged by an answer of ours. */
    private boolean send(Visitor visitor, String path, Map<String, String> form) {
        return timed(() -> visitor.postPart(path, form).status() == 200);
    }

    private void look(Visitor visitor, String path) {
        timed(() -> visitor.get(path).status() < 500);
    }

    private boolean timed(java.util.function.BooleanSupplier request) {
        long began = System.nanoTime();
        boolean done = false;
        try {
            done = request.getAsBoolean();
        } catch (RuntimeException lost) {
            done = false;
        }
        long took = (System.nanoTime() - began) / 1_000_000;
        asked.incrementAndGet();
        slowest.accumulateAndGet(took, Math::max);
        if (took > HANGING.toMillis()) {
            hanging.incrementAndGet();
        }
        return done;
    }

    private Visitor signedIn(String address, String name) {
        while (true) {
            try {
                Visitor visitor = Visitor.at(address);
                if (visitor.post("/sign-in", Map.of("name", name, "password", DemoAccounts.PASSWORD))
                        .location()
                        .endsWith("/today")) {
                    return visitor;
                }
            } catch (RuntimeException notNow) {
                // Again.
            }
            pause(300);
        }
    }

    private static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
