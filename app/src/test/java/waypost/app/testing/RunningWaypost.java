package waypost.app.testing;

import java.time.LocalDate;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import waypost.app.WaypostApplication;
import waypost.app.account.Accounts;
import waypost.app.account.Staff;

/** The application with the demo clinic on a fixed day, started once for the whole test run. */
public final class RunningWaypost {

    /** The day on which the tests and the pictures play, a Thursday. */
    public static final LocalDate TODAY = LocalDate.of(2031, 4, 3);

    private static final class Holder {
        private static final RunningWaypost INSTANCE = new RunningWaypost();
    }

    private final ConfigurableApplicationContext context;
    private final String address;

    private RunningWaypost() {
        context = new SpringApplicationBuilder(WaypostApplication.class, QueryCount.class, FailingWrite.class)
                .profiles("demo")
                .run(
                        "--server.port=0",
                        "--waypost.today=" + TODAY,
                        "--waypost.sign-in.tries-per-address=1000000",
                        "--waypost.secret-key=the same on every instance of these tests",
                        "--waypost.instruments.goniometer=http://127.0.0.1:" + Instrument.PORT,
                        "--spring.main.banner-mode=off");
        address = "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
    }

    public static RunningWaypost get() {
        return Holder.INSTANCE;
    }

    public String address() {
        return address;
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public <T> T bean(String name, Class<T> type) {
        return context.getBean(name, type);
    }

    public Staff staff(String signInName) {
        return bean(Accounts.class).loadUserByUsername(signInName);
    }
}
