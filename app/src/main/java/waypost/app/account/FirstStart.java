package waypost.app.account;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

/** On a first start in production prints the one-time link; refuses to serve a database that the demo filled. */
@Component
@Profile("!demo & !test")
class FirstStart implements ApplicationRunner {

    private final Accounts accounts;
    private final OneTimeLinks links;
    private final DemoData demoData;
    private final String baseUrl;

    FirstStart(Accounts accounts, OneTimeLinks links, DemoData demoData, @Value("${waypost.base-url}") String baseUrl) {
        this.accounts = accounts;
        this.links = links;
        this.demoData = demoData;
        this.baseUrl = baseUrl;
    }

    @Override
    public void run(ApplicationArguments args) {
        demoData.refuse();
        if (!accounts.isSetUp()) {
            // For the console alone, not the log: whoever reads it sets up the clinic.
            System.out.println("First start. Open this link once, within three days, to set up the clinic:\n  "
                    + baseUrl + "/setup/" + links.first());
        }
    }
}
