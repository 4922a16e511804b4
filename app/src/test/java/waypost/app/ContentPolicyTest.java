package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Browser;

/** A browser test notices a policy violation: here one is made on purpose. */
@Tag("browser")
class ContentPolicyTest {

    @Test
    void aViolationIsNoticed() {
        try (Browser browser = new Browser()) {
            browser.open("/sign-in");
            assertThat(browser.complaints()).isEmpty();

            browser.driver()
                    .executeScript("const s = document.createElement('style'); s.textContent = 'p{color:red}';"
                            + " document.head.append(s)");

            assertThat(browser.complaints()).singleElement().asString().contains("Content Security Policy");
        }
    }
}
