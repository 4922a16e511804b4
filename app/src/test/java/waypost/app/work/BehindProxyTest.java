package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.Cookie;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.util.FileSystemUtils;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.Browser;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.SecondWaypost;
import waypost.app.testing.Shell;
import waypost.app.testing.Visitor;

/** A visit behind nginx with TLS and two instances, of which one goes in the middle of it, and then the other. */
@Tag("browser")
class BehindProxyTest {

    private static final int TLS = 18443;
    private static final String BELIEVED = "--server.tomcat.remoteip.internal-proxies=127\\.0\\.0\\.1";

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    private static void log(Browser browser, int amount, int nth) {
        browser.type("amount", String.valueOf(amount));
        browser.click(By.xpath("//fieldset[contains(@class,'pain-taps')]/label[normalize-space()='1']"));
        browser.click(By.cssSelector(".set-done"));
        browser.until(page -> page.findElements(By.cssSelector(".work-sets li")).size() == nth);
    }

    @Test
    void goesOnWhileOneInstanceAfterTheOtherIsGone() throws IOException {
        Path folder = Files.createTempDirectory(Path.of("/tmp"), "waypost-proxy");
        try (SecondWaypost one = new SecondWaypost().start(BELIEVED);
                SecondWaypost two = new SecondWaypost().start(BELIEVED)) {
            Shell.run(
                            ". ops/script/package.sh; need_tools nginx; proxy_start " + folder + " " + TLS + " "
                                    + inner(one) + " " + inner(two),
                            Map.of())
                    .orFail();
            warm(one);
            warm(two);
            journey(one, two);
        } finally {
            Shell.run(". ops/script/package.sh; proxy_stop " + folder, Map.of());
            FileSystemUtils.deleteRecursively(folder);
        }
        assertThat(RunningWaypost.get().bean(WorkStore.class).sets(visit.id()).stream()
                        .map(SetRow::amount))
                .containsExactlyInAnyOrder(3, 4, 5, 6);
        assertThat(RunningWaypost.get()
                        .bean(JdbcTemplate.class)
                        .queryForObject(
                                "select count(*) from sign_in_event where address = '127.0.0.1' and what = 'SIGNED_IN'",
                                Long.class))
                .isPositive();
    }

    /** An instance that just started has everything still to read; what is tried here is not that. */
    private void warm(SecondWaypost instance) {
        Visitor visitor = Visitor.at(instance.address()).as("therapist");
        assertThat(visitor.get("/today").status()).isEqualTo(200);
        assertThat(visitor.get(visit.path() + "/work").status()).isEqualTo(200);
    }

    private static String inner(SecondWaypost instance) {
        return instance.address().replace("http://localhost", "127.0.0.1");
    }

    private void journey(SecondWaypost one, SecondWaypost two) {
        try (Browser browser = new Browser("https://localhost:" + TLS)) {
            browser.signIn("therapist");
            browser.open(visit.path() + "/work?role=heel-slide/operated");
            assertThat(browser.driver().manage().getCookies())
                    .filteredOn(cookie -> List.of("SESSION", "waypost-form").contains(cookie.getName()))
                    .hasSize(2)
                    .allMatch(Cookie::isSecure)
                    .allMatch(Cookie::isHttpOnly);
            log(browser, 3, 1);
            one.close();
            log(browser, 4, 2);
            one.start(BELIEVED);
            warm(one);
            log(browser, 5, 3);
            two.close();
            log(browser, 6, 4);
            browser.open("/today");
            assertThat(browser.text()).doesNotContain("can't be reached", "Something went wrong");
        }
    }
}
