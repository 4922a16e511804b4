package waypost.app.patientpage;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.selenium.AxeBuilder;
import java.net.URI;
import java.util.List;
import java.util.Map;
import org.apache.commons.codec.digest.DigestUtils;
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
    private static final String GONE = "This link no longer works.";
    private static final int HOURS = 13;
    private static final By DONE = By.cssSelector(".exercise:not([hidden]) button.done");
    private static final By TICKED = By.cssSelector(".box.done");
    private static final By SLOT = By.cssSelector(".exercise:not([hidden]) .box");

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

    @Test
    void aLinkThatWasGuessedAtEndedOrIsOverSaysSoAndOpensNothing() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        try (Browser telephone = new Browser()) {
            telephone.size(390, 844).open("/home#" + home.secret());
            enter(telephone, AtHome.BORN);
            telephone.waitForText("Before you begin");
            home.visit().post("/home/link/end", Map.of());
            telephone.open("/home/plan");
            telephone.waitForText(GONE);

            RunningWaypost.get()
                    .bean(JdbcTemplate.class)
                    .update(
                            "insert into home_link (secret_hash, course_id, made_by, expires_on) values (?, ?, ?, ?)",
                            DigestUtils.sha256Hex("seen-over"),
                            home.visit().id(),
                            RunningWaypost.get().staff("upriver").id(),
                            RunningWaypost.TODAY.minusDays(1));
            telephone.open("/home/plan");
            telephone.open("/home#seen-over");
            enter(telephone, AtHome.BORN);
            telephone.waitForText(GONE);

            telephone.open("/home/plan");
            telephone.open("/home#" + home.secret());
            for (int nth = 1; nth < 5; nth++) {
                enter(telephone, "1991-01-0" + nth);
                telephone.waitForText("That does not fit.");
            }
            enter(telephone, "1991-01-05");
            telephone.waitForText(GONE);
            clean(telephone);
        }
    }

    /**
     * A Sunday of 23 hours, when Berlin's clocks go forward, without a connection: the day lasts until its own midnight, the
     * next has hours of its own, and what was done belongs to the day on which it was.
     */
    @Test
    void anHourlyProgramTurnsAtMidnightOfADayOnWhichTheClocksChange() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        home.write(Map.of("rhythm", "h60", "wakes", "08:00", "sleeps", "21:00"));
        int port = URI.create(RunningWaypost.get().address()).getPort();
        try (Relay line = new Relay(port);
                Browser telephone = new Browser("http://localhost:" + line.port())) {
            MovedClock clock = new MovedClock(telephone, "Europe/Berlin", "2031-03-29T23:10:00Z");
            telephone.size(390, 844).open("/home#" + home.secret());
            enter(telephone, AtHome.BORN);
            telephone.click(By.id("none"));
            assertThat(telephone.driver().findElements(SLOT)).hasSize(HOURS);
            telephone.until(driver ->
                    "ready".equals(telephone.driver().executeScript("return document.body.dataset.offline || ''")));
            line.cut();
            telephone.click(DONE);
            telephone.waitFor(TICKED);

            clock.movesTo("2031-03-30T21:50:00Z");
            assertThat(telephone.driver().findElements(TICKED)).hasSize(1);
            telephone.click(DONE);

            clock.movesTo("2031-03-30T22:10:00Z");
            telephone.click(By.id("none"));
            assertThat(telephone.driver().findElements(SLOT)).hasSize(HOURS);
            assertThat(telephone.driver().findElements(TICKED)).isEmpty();
            telephone.click(DONE);
            line.giveBack();
            telephone.open("/home/plan");
            telephone.waitForText("Sent to your clinic.");
        }
        assertThat(days(home)).containsExactly(0, 0, 1);
    }

    /** Awake from ten to one: half past midnight belongs to the day before, half past one to the new one. */
    @Test
    void whatIsDoneBeforeBedCountsForTheDayThatEndsWithIt() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        home.write(Map.of("rhythm", "h60", "wakes", "10:00", "sleeps", "01:00"));
        try (Browser telephone = new Browser()) {
            MovedClock clock = new MovedClock(telephone, "Europe/Berlin", "2031-04-02T22:30:00Z");
            telephone.size(390, 844).open("/home#" + home.secret());
            enter(telephone, AtHome.BORN);
            telephone.click(By.id("none"));
            telephone.click(DONE);
            telephone.until(driver -> days(home).equals(List.of(0)));

            clock.movesTo("2031-04-03T20:00:00Z");
            telephone.waitFor(TICKED);
            clock.movesTo("2031-04-03T22:30:00Z");
            telephone.click(By.id("none"));
            telephone.waitFor(TICKED);
            telephone.click(DONE);
            telephone.until(driver -> days(home).equals(List.of(0, 0)));

            clock.movesTo("2031-04-03T23:30:00Z");
            telephone.waitFor(SLOT);
            assertThat(telephone.driver().findElements(TICKED)).isEmpty();
            telephone.click(DONE);
            telephone.until(driver -> days(home).equals(List.of(0, 0, 1)));
        }
    }

    /** One entry that can't be, here of a telephone whose clock ran ahead by days, holds up no other and is not hidden. */
    @Test
    void whatTheClinicRefusesHoldsUpNothingElse() {
        AtHome home = AtHome.begun(THERAPIST, 52);
        try (Browser telephone = new Browser()) {
            MovedClock clock = new MovedClock(telephone, "Europe/Berlin", "2031-03-10T10:00:00Z");
            telephone.size(390, 844).open("/home#" + home.secret());
            enter(telephone, AtHome.BORN);
            telephone.click(By.id("none"));
            clock.movesTo("2031-03-15T10:00:00Z");
            telephone.click(By.id("none"));
            telephone.click(DONE);
            telephone.waitForText("One entry did not fit and was not sent. Tell your clinic.");
            clock.movesTo("2031-03-10T11:00:00Z");
            telephone.click(By.id("none"));
            telephone.click(DONE);
            telephone.until(driver -> days(home).equals(List.of(0)));
            telephone.waitForText("One entry did not fit and was not sent. Tell your clinic.");
        }
    }

    /** How many days after today each report is of. */
    private static List<Integer> days(AtHome home) {
        return RunningWaypost.get()
                .bean(JdbcTemplate.class)
                .queryForList(
                        "select done_on - ?::date from home_report where course_id = ? order by 1",
                        Integer.class,
                        RunningWaypost.TODAY.toString(),
                        home.visit().id());
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
