package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;
import waypost.app.account.DateOrder;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/** Dates are typed in the clinic's own order and sent in ISO's; beside each stands the day in words, which nobody takes for another. */
@Tag("browser")
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DateFieldBrowserTest {

    private static final By FIELD = By.cssSelector("main .date-field:has(#day)");
    private static final Visitor LEAD = Visitor.signedIn("upriver");

    private final Browser browser = new Browser();
    private @Nullable DateOrder chosen;

    @AfterAll
    void close() {
        LEAD.post("/clinic/dates", Map.of("order", "DAY_FIRST"));
        browser.close();
    }

    private WebElement part(String css) {
        return browser.driver().findElement(FIELD).findElement(By.cssSelector(css));
    }

    private void enter(String typed) {
        WebElement field = part(".typed");
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.BACK_SPACE);
        field.sendKeys(typed, Keys.TAB);
    }

    private String sent() {
        return String.valueOf(part("#day").getDomProperty("value"));
    }

    /** The choice holds from the next sign-in on. */
    private void in(DateOrder order) {
        if (order != chosen) {
            LEAD.post("/clinic/dates", Map.of("order", order.name()));
            browser.driver().manage().deleteAllCookies();
            browser.size(1280, 800).signIn("upriver");
            chosen = order;
        }
        browser.open("/today").waitFor(FIELD);
    }

    @ParameterizedTest
    @CsvSource({
        "DAY_FIRST,   5.9.2031,   2031-09-05, 5.9.2031,   Fri 5 Sep 2031",
        "DAY_FIRST,   05/09/2031, 2031-09-05, 5.9.2031,   Fri 5 Sep 2031",
        "DAY_FIRST,   29022032,   2032-02-29, 29.2.2032,  Sun 29 Feb 2032",
        "DAY_FIRST,   2031-09-05, 2031-09-05, 5.9.2031,   Fri 5 Sep 2031",
        "MONTH_FIRST, 5.9.2031,   2031-05-09, 5/9/2031,   Fri 9 May 2031",
        "MONTH_FIRST, 02292032,   2032-02-29, 2/29/2032,  Sun 29 Feb 2032",
        "YEAR_FIRST,  2031 9 5,   2031-09-05, 2031-09-05, Fri 5 Sep 2031",
        "YEAR_FIRST,  20320229,   2032-02-29, 2032-02-29, Sun 29 Feb 2032"
    })
    void areReadInTheClinicsOrder(DateOrder order, String typed, String iso, String shown, String words) {
        in(order);
        enter(typed);

        assertThat(sent()).isEqualTo(iso);
        assertThat(part(".typed").getDomProperty("value")).isEqualTo(shown);
        assertThat(part(".day-in-words").getText()).isEqualTo(words);
        assertThat(part(".typed").getDomProperty("validationMessage")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"31.2.2031", "29.2.2031", "1.13.2031", "5.9.31", "x", "5.9", "999999999"})
    void areRefusedInWordsWhereThereIsNoSuchDay(String typed) {
        in(DateOrder.DAY_FIRST);
        enter(typed);

        assertThat(sent()).isEmpty();
        assertThat(part(".day-in-words").getText()).isEmpty();
        assertThat(part(".typed").getDomProperty("validationMessage"))
                .isEqualTo("Found '" + typed + "', allowed: a day such as 28.2.2031.");
    }

    @Test
    void aDayThatIsNotAllowedYetIsToldInWords() {
        in(DateOrder.DAY_FIRST);
        browser.driver().executeScript("arguments[0].max = '2031-04-03'", part("#day"));
        enter("4.4.2031");

        assertThat(part(".typed").getDomProperty("validationMessage"))
                .isEqualTo("Found Fri 4 Apr 2031, allowed: up to Thu 3 Apr 2031.");
    }

    @Test
    void theCalendarsChoiceIsWrittenInTheClinicsOrder() {
        in(DateOrder.MONTH_FIRST);
        browser.driver()
                .executeScript(
                        "arguments[0].value = '2031-09-05'; arguments[0].dispatchEvent(new Event('input', { bubbles: true }))",
                        part("#day"));

        assertThat(part(".typed").getDomProperty("value")).isEqualTo("9/5/2031");
        assertThat(part(".day-in-words").getText()).isEqualTo("Fri 5 Sep 2031");
    }
}
