package waypost.library.words;

import java.time.LocalDate;
import waypost.core.course.Progress;
import waypost.core.trend.Forecast;

/** Says how a value moves toward its goal. */
public final class ProgressWords {

    private ProgressWords() {}

    /** "If it goes on as it does: about Mon 5 May, between Thu 1 May and Mon 19 May (80 %)." */
    public static String say(Progress progress) {
        String expected = progress.forecast().map(ProgressWords::expected).orElse("");
        String still = progress.plateau()
                ? "No change that can be detected for 21 days, and below what is expected by now: tell the surgeon."
                : "";
        return (expected + " " + still).strip();
    }

    private static String expected(Forecast forecast) {
        return "If it goes on as it does: about " + day(forecast.expected()) + ", "
                + forecast.latest()
                        .map(latest -> "between " + day(forecast.earliest()) + " and " + day(latest))
                        .orElse("not before " + day(forecast.earliest()) + ", perhaps much later")
                + " (80 %).";
    }

    private static String day(LocalDate date) {
        return SignWords.date(date);
    }
}
