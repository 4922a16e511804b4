package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Relay;
import waypost.app.testing.SecondWaypost;
import waypost.app.testing.Visitor;

/** The database goes away: every page says so by itself, nobody hangs, and it is back by itself. */
@Tag("slow")
class OutageTest {

    private static final String SAID = "The record can't be reached just now";
    private static final long NOT_HANGING_MS = 5_000;

    private static final UUID COURSE = DemoCourses.of("Ottoline Brandreth");
    private static final List<String> PAGES =
            List.of("/today", "/courses/" + COURSE, "/courses/" + COURSE + "/work", "/shelf", "/account", "/sign-in-x");

    private static Relay relay;
    private static SecondWaypost waypost;
    private static Visitor therapist;

    @BeforeAll
    static void begin() {
        String url = System.getenv("WAYPOST_DB_URL");
        int port = Integer.parseInt(url.replaceAll(".*:(\\d+)/.*", "$1"));
        relay = new Relay(port);
        waypost = new SecondWaypost()
                .start("--spring.datasource.url=" + url.replace(":" + port + "/", ":" + relay.port() + "/"));
        therapist = Visitor.at(waypost.address()).as("therapist");
    }

    @AfterAll
    static void end() {
        relay.giveBack();
        waypost.close();
        relay.close();
    }

    private static void everyPageSaysSo() {
        for (String page : PAGES) {
            long began = System.nanoTime();
            Visitor.Answer answer = therapist.get(page);
            assertThat(answer.status()).as(page).isEqualTo(503);
            assertThat(answer.body()).contains(SAID, "Everything that was saved before is kept.");
            assertThat((System.nanoTime() - began) / 1_000_000)
                    .as(page + " hangs")
                    .isLessThan(NOT_HANGING_MS);
        }
        assertThat(therapist.postAsIs("/courses/" + COURSE + "/sets", Map.of()).status())
                .isEqualTo(503);
        Visitor stranger = Visitor.at(waypost.address());
        assertThat(stranger.get("/live").status()).isEqualTo(200);
        assertThat(stranger.get("/ready").status()).isEqualTo(503);
        assertThat(stranger.get("/assets/waypost/base.css").status()).isEqualTo(200);
    }

    private static void isBackByItself() throws InterruptedException {
        long began = System.nanoTime();
        while (therapist.get("/today").status() != 200) {
            assertThat((System.nanoTime() - began) / 1_000_000_000)
                    .as("seconds without it")
                    .isLessThan(20);
            Thread.sleep(100);
        }
        assertThat(Visitor.at(waypost.address()).get("/ready").status()).isEqualTo(200);
        for (String page : PAGES.subList(0, PAGES.size() - 1)) {
            assertThat(therapist.get(page).status()).as(page).isEqualTo(200);
        }
    }

    @Test
    void aDatabaseThatIsGone() throws InterruptedException {
        relay.cut();
        everyPageSaysSo();
        relay.giveBack();
        isBackByItself();
    }

    @Test
    void aDatabaseThatHangs() throws InterruptedException {
        relay.hang();
        everyPageSaysSo();
        relay.giveBack();
        isBackByItself();
    }

    @Test
    void manyAtOnceDoNotQueueUpForIt() throws InterruptedException {
        relay.hang();
        List<CompletableFuture<Integer>> all = IntStream.range(0, 60)
                .mapToObj(nth -> CompletableFuture.supplyAsync(
                        () -> therapist.get(PAGES.get(nth % 3)).status(), command -> new Thread(command).start()))
                .toList();
        assertThat(all.stream().map(CompletableFuture::join)).containsOnly(503);
        relay.giveBack();
        isBackByItself();
    }
}
