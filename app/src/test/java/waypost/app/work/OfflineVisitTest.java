package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.WindowType;
import org.springframework.jdbc.core.simple.JdbcClient;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.Browser;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.SecondWaypost;
import waypost.app.testing.Visitor;

/** The server goes away in the middle of a visit on two devices and comes back: every set is there once, in order. */
@Tag("browser")
class OfflineVisitTest {

    private static final String ROLE = "heel-slide/operated";
    private static final List<Integer> ON_THE_TABLET = List.of(3, 4, 5, 6, 7);
    private static final List<Integer> ON_THE_LAPTOP = List.of(11, 12, 13, 14, 15);

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();

    private static void log(Browser browser, List<Integer> amounts) {
        for (int amount : amounts) {
            int before = browser.driver()
                    .findElements(By.cssSelector(".work-sets li"))
                    .size();
            browser.type("amount", String.valueOf(amount));
            browser.click(By.xpath("//fieldset[contains(@class,'pain-taps')]/label[normalize-space()='1']"));
            browser.click(By.cssSelector(".set-done"));
            browser.until(
                    page -> page.findElements(By.cssSelector(".work-sets li")).size() == before + 1);
        }
    }

    private List<SetRow> kept() {
        return RunningWaypost.get().bean(WorkStore.class).sets(visit.id());
    }

    private void backAgain(Browser browser, String name) {
        browser.open(visit.path() + "/work");
        browser.type("name", name);
        browser.type("password", waypost.app.demo.DemoAccounts.PASSWORD);
        browser.press("Sign in");
        browser.waitFor(By.cssSelector("form.who"));
    }

    private static List<Integer> amountsBy(List<SetRow> sets, String name) {
        return sets.stream()
                .filter(set -> set.enteredBy().equals(name))
                .map(SetRow::amount)
                .toList();
    }

    @Test
    void tenSetsOnTwoDevicesAreFoundOnceInOrderUnderTheRightName() {
        SecondWaypost server = new SecondWaypost().start();
        try (Browser tablet = new Browser(server.address()).signIn("therapist");
                Browser laptop = new Browser(server.address()).signIn("assistant")) {
            tablet.open(visit.path() + "/work?role=" + ROLE);
            laptop.open(visit.path() + "/work?role=" + ROLE);
            tablet.waitFor(By.cssSelector(".set-done"));
            laptop.waitFor(By.cssSelector(".set-done"));

            server.close();
            log(tablet, ON_THE_TABLET);
            log(laptop, ON_THE_LAPTOP);
            tablet.until(page -> page.findElement(By.id("outbox")).getText().contains("5 entries are kept here"));
            assertThat(kept()).isEmpty();
            String first = tablet.driver().getWindowHandle();
            tablet.driver().switchTo().newWindow(WindowType.TAB);
            String second = tablet.driver().getWindowHandle();
            tablet.driver().switchTo().window(first).close();
            tablet.driver().switchTo().window(second);

            server.start();
            JdbcClient.create(RunningWaypost.get().bean(DataSource.class))
                    .sql("delete from spring_session")
                    .update();
            backAgain(tablet, "therapist");
            backAgain(laptop, "assistant");
            tablet.until(page -> kept().size() == 10);
            tablet.until(page -> !page.findElement(By.id("outbox")).isDisplayed());
            laptop.until(page -> !page.findElement(By.id("outbox")).isDisplayed());

            List<SetRow> sets = new ArrayList<>(kept());
            assertThat(amountsBy(sets, "Maren Arkwell")).isEqualTo(ON_THE_TABLET);
            assertThat(amountsBy(sets, "Bram Yarrow")).isEqualTo(ON_THE_LAPTOP);
        } finally {
            server.close();
        }
    }
}
