package waypost.app.patientpage;

import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;

/**
 * The patient's page on a slow telephone: 150 ms there and back, 1.6 Mbit a second down, 0.75 up, a processor at a quarter
 * (the usual profile of a slow mobile connection, from memory). Prints what came over the line and when something was seen.
 */
@Tag("soak")
class SlowPhoneSoak {

    private static final double BYTES_DOWN = 1_600_000 / 8.0;
    private static final double BYTES_UP = 750_000 / 8.0;

    @Test
    void whatIsSeenWhen() {
        AtHome home = AtHome.begun(Visitor.signedIn("therapist"), 52);
        String secret = home.secret();
        for (int nth = 0; nth < 5; nth++) {
            try (Browser telephone = new Browser()) {
                telephone.size(390, 844);
                telephone.driver().executeCdpCommand("Network.enable", Map.of());
                telephone
                        .driver()
                        .executeCdpCommand(
                                "Network.emulateNetworkConditions",
                                Map.of(
                                        "offline",
                                        false,
                                        "latency",
                                        150,
                                        "downloadThroughput",
                                        BYTES_DOWN,
                                        "uploadThroughput",
                                        BYTES_UP));
                telephone.driver().executeCdpCommand("Emulation.setCPUThrottlingRate", Map.of("rate", 4));
                telephone.open("/home#" + secret);
                telephone.waitFor(By.name("day"));
                report(telephone, "the door, nothing kept yet");
                String[] born = AtHome.BORN.split("-");
                telephone.type("day", born[2]);
                telephone.type("month", born[1]);
                telephone.type("year", born[0]);
                telephone.click(By.cssSelector("#door button"));
                telephone.waitFor(By.id("none"));
                report(telephone, "the plan, after the door");
            }
        }
    }

    private static void report(Browser telephone, String what) {
        Object seen = telephone.driver().executeScript("""
                const all = [...performance.getEntriesByType("navigation"), ...performance.getEntriesByType("resource")];
                const paint = performance.getEntriesByName("first-contentful-paint")[0];
                return `${all.length} requests, ${(all.reduce((sum, each) => sum + each.transferSize, 0) / 1000).toFixed(1)} kB over the line, first seen after ${Math.round(paint.startTime)} ms`;
                """);
        System.out.println(what + ": " + seen);
    }
}
