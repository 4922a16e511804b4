package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import waypost.app.account.Accounts;
import waypost.app.demo.DemoAccounts;
import waypost.app.entry.FormProblem;
import waypost.app.store.NotFoundException;
import waypost.app.testing.RunningWaypost;

/** Production: a first start prints a one-time link, and the demo's password is refused everywhere. */
@Tag("slow")
class FirstStartTest {

    private static final String EMPTY = "waypost_first_start";

    private static String emptyDatabase() throws SQLException {
        String url = System.getenv("WAYPOST_DB_URL");
        try (Connection owner = DriverManager.getConnection(
                url, System.getenv("WAYPOST_DB_OWNER"), System.getenv("WAYPOST_DB_OWNER_PASSWORD"))) {
            owner.createStatement().execute("drop database if exists " + EMPTY + " with (force)");
            owner.createStatement().execute("create database " + EMPTY);
        }
        return url.substring(0, url.lastIndexOf('/') + 1) + EMPTY;
    }

    private static ConfigurableApplicationContext start(String url) {
        return new SpringApplicationBuilder(WaypostApplication.class)
                .run(
                        "--server.port=0",
                        "--spring.main.banner-mode=off",
                        "--spring.datasource.url=" + url,
                        "--spring.flyway.url=" + url);
    }

    @Test
    void printsALinkThatSetsUpTheClinicOnce() throws SQLException {
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        PrintStream console = System.out;
        System.setOut(new PrintStream(printed, true, StandardCharsets.UTF_8));
        try (ConfigurableApplicationContext context = start(emptyDatabase())) {
            Matcher link = Pattern.compile("/setup/(\\S+)").matcher(printed.toString(StandardCharsets.UTF_8));
            assertThat(link.find()).isTrue();
            String secret = link.group(1);
            Accounts accounts = context.getBean(Accounts.class);

            assertThatThrownBy(() -> accounts.setUp(secret, first("Elsewhere/Nowhere", "long enough it is")))
                    .isInstanceOf(FormProblem.class)
                    .hasMessageContaining("allowed: a time zone such as Europe/Lisbon");
            assertThatThrownBy(() -> accounts.setUp(secret, first("Europe/Lisbon", "short")))
                    .hasMessage("Found 5 characters, allowed: at least 12.");
            assertThatThrownBy(() -> accounts.setUp(secret, first("Europe/Lisbon", DemoAccounts.PASSWORD)))
                    .hasMessageContaining("This is the demo's password");
            accounts.setUp(secret, first("Europe/Lisbon", "long enough it is"));

            assertThat(accounts.loadUserByUsername("senna").clinicName()).isEqualTo("Ferry Street Clinic");
            assertThatThrownBy(() -> accounts.setUp(secret, first("Europe/Lisbon", "long enough it is")))
                    .isInstanceOf(NotFoundException.class);
        } finally {
            System.setOut(console);
        }
    }

    private static Accounts.FirstSetUp first(String zone, String password) {
        return new Accounts.FirstSetUp(
                "Ferry Street Clinic", zone, "saturday, sunday", "senna", "Senna Ravensmere", password);
    }

    @Test
    void refusesADatabaseWithDemoAccounts() {
        RunningWaypost.get();

        assertThatThrownBy(() -> start(System.getenv("WAYPOST_DB_URL"))).hasStackTraceContaining("Found demo data");
    }
}
