package waypost.app.patientpage;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.net.URI;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.Browser;
import waypost.app.testing.Relay;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A patient's telephone: opened, worked with, cut off, closed, opened again, and heard of once. */
@Tag("browser")
class PatientPageBrowserTest {

    private static final Visitor THERAPIST = Visitor.signedIn("upriver");

    private static void enter(Browser telephone, String born) {
        String[] parts = born.split("-");
        for (String each : List.of("day " + parts[2], "month " + parts[1], "year " + parts[0])) {
            var field = telephone.waitFor(By.name(each.split(" ")[0]));
            field.clear();
            field.sendKeys(each.split(" ")[1]);
        }
        telephone.click(By.cssSelector("#door button"));
    }

    private static void clean(Browser telephone) {
        assertThat(new AxeBuilder().setLegacyMode().analyze(telephone.driver()).getViolations())
                .isEmpty();
        assertThat(telephone
                        .driver()
                        .executeScript(
                                "return document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .isEqualTo(0L);
    }

    @Test
    void aWholeSessionWithoutAConnectionArrivesOnce() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        String secret = home.secret();
        int port = URI.create(RunningWaypost.get().address()).getPort();
        try (Relay line = new Relay(port);
                Browser telephone = new Browser("http://localhost:" + line.port())) {
            telephone.size(390, 844).open("/home#" + secret);
            clean(telephone);
            enter(telephone, "1990-06-16");
            telephone.waitForText("That does not fit.");
            enter(telephone, AtHome.BORN);
            telephone.waitForText("Before you begin");
            assertThat(telephone.driver().getCurrentUrl()).endsWith("/home/plan");
            clean(telephone);
            telephone.until(driver ->
                    "ready".equals(telephone.driver().executeScript("return document.body.dataset.offline || ''")));

            line.cut();
            telephone.open("/home/plan");
            telephone.click(By.id("none"));
            telephone.click(By.cssSelector(".exercise:not([hidden]) .pain label:nth-of-type(3)"));
            telephone.click(By.cssSelector(".exercise:not([hidden]) button.done"));
            telephone.waitForText("It is sent when you are online.");
            clean(telephone);
            telephone.open("/home/plan");
            telephone.waitFor(By.cssSelector(".box.done"));
            telephone.click(By.cssSelector(".exercise:not([hidden]) button.done"));
            telephone.waitForText("That was all for now.");
            assertThat(reports(home)).isEmpty();

            line.giveBack();
            telephone.open("/home/plan");
            telephone.waitForText("Sent to your clinic.");
            assertThat(reports(home)).containsExactlyInAnyOrder("0 2", "1 -");
            telephone.open("/home/plan");
            telephone.waitFor(By.cssSelector(".box.done"));
            assertThat(reports(home)).hasSize(2);
        }
    }

    /** The slot and the pain of each. */
    private static List<String> reports(AtHome home) {
        return RunningWaypost.get()
                .bean(JdbcTemplate.class)
                .queryForList(
                        "select slot || ' ' || coalesce(pain::text, '-') from home_report where course_id = ?",
                        String.class,
                        home.visit().id());
    }

    @Test
    void aSignToRingForShowsWhatToDoAndNoExercise() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        try (Browser telephone = new Browser()) {
            telephone.size(390, 844).open("/home#" + home.secret());
            enter(telephone, AtHome.BORN);
            telephone.click(By.cssSelector("[data-flag=calf]"));
            telephone.waitForText("Do not train now. See a doctor today.");
            assertThat(telephone.driver().findElement(By.id("today")).isDisplayed())
                    .isFalse();
            telephone.waitForText("Sent to your clinic.");
            telephone.open("/home/plan");
            telephone.waitForText("Do not train now.");
            assertThat(telephone.driver().findElement(By.id("none")).isDisplayed())
                    .isFalse();
        }
    }
}
