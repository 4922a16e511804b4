package waypost.app.patientpage;

import java.time.Instant;
import java.util.Map;
import waypost.app.testing.Browser;

/** A telephone in a time zone, whose clock is put to a moment and goes on from there. */
final class MovedClock {

    private static final String MOVED = """
            (() => {
              const Real = Date;
              const now = () => Real.now() + Number(localStorage.getItem("moved-by") || %s);
              window.Date = class extends Real {
                constructor(...given) { given.length ? super(...given) : super(now()); }
                static now() { return now(); }
              };
            })();
            """;

    private final Browser telephone;

    MovedClock(Browser telephone, String zone, String moment) {
        this.telephone = telephone;
        telephone.driver().executeCdpCommand("Emulation.setTimezoneOverride", Map.of("timezoneId", zone));
        telephone
                .driver()
                .executeCdpCommand(
                        "Page.addScriptToEvaluateOnNewDocument", Map.of("source", MOVED.formatted(by(moment))));
    }

    private static long by(String moment) {
        return Instant.parse(moment).toEpochMilli() - Instant.now().toEpochMilli();
    }

    /** Puts the clock on and shows the page, as when the telephone is taken out again. */
    void movesTo(String moment) {
        telephone.driver().executeScript("localStorage.setItem('moved-by', arguments[0])", String.valueOf(by(moment)));
        telephone.driver().executeScript("document.dispatchEvent(new Event('visibilitychange'))");
    }
}
