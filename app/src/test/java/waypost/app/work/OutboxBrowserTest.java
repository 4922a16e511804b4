package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import io.micrometer.core.instrument.MeterRegistry;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import waypost.app.testing.Between;
import waypost.app.testing.Browser;
import waypost.app.testing.FailingWrite;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A set that was tapped is never lost, whoever answers in Waypost's place, and is written once. */
@Tag("browser")
class OutboxBrowserTest {

    private static final By DONE = By.cssSelector(".work-sets li form");
    private static Between between;
    private static Browser browser;

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    @BeforeAll
    static void signIn() {
        between = new Between();
        browser = new Browser(between.address()).signIn("therapist");
    }

    @AfterAll
    static void close() {
        browser.close();
        between.close();
    }

    private void tapped() {
        browser.open(visit.path() + "/work?role=heel-slide/operated");
        browser.click(By.xpath("//fieldset[contains(@class,'pain-taps')]/label[normalize-space()='1']"));
        browser.click(By.cssSelector(".set-done"));
        browser.waitForText("1 entry is kept here");
        assertThat(browser.text()).doesNotContain("Somebody between");
    }

    private void arrives() {
        browser.until(page -> page.findElements(DONE).size() == 1);
        browser.until(page -> !page.findElement(By.id("outbox")).isDisplayed());
        assertThat(visit.page("heel-slide/operated").split("Take back set")).hasSize(2);
        assertThat(RunningWaypost.get()
                        .bean(MeterRegistry.class)
                        .get("waypost.entries.waited")
                        .timer()
                        .count())
                .isPositive();
        assertThat(browser.complaints()).allMatch(said -> said.contains("/sets"));
    }

    @ParameterizedTest
    @ValueSource(ints = {500, 502, 503, 200, 403})
    void waitsWhileSomebodyBetweenAnswers(int status) {
        between.answersFormsWith(status);
        tapped();
        between.answersFormsWith(0);
        arrives();
    }

    @Test
    void waitsWhileTheApplicationFails() {
        RunningWaypost.get().bean(FailingWrite.class).at(1, this::tapped);
        arrives();
    }
}
