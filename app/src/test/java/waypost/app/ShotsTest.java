package waypost.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Browser;
import waypost.app.testing.DemoCourses;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.review.ReviewPage;
import waypost.library.review.ReviewSheets;

/** Draws docs/screenshots/ from the demo clinic: {@code ./waypost shots}. */
@Tag("shots")
class ShotsTest {

    private static final Path FOLDER = Path.of("..", "docs", "screenshots");

    @Test
    void drawsEveryMainView() throws IOException {
        UUID ottoline = DemoCourses.of("Ottoline Brandreth");
        UUID isaura = DemoCourses.of("Isaura Bonnet");
        try (Browser browser = new Browser()) {
            shot(browser.open("/sign-in"), "sign-in");
            shot(browser.signIn("therapist").open("/today"), "today");
            shot(browser.open("/courses/" + ottoline + "?rung=single-leg-squat/operated"), "way");
            shot(browser.open("/courses/" + ottoline + "?on=2031-05-05&outlook=TO_PLAN"), "way-ahead");
            shot(browser.open("/courses/" + ottoline + "/measures"), "measures");
            shot(browser.open("/courses/" + isaura + "/milestones"), "milestones");
            shot(browser.open("/courses/" + ottoline + "/referral"), "referral");
            shot(browser.open("/courses/" + ottoline + "/record"), "record");
            shot(browser.open("/courses/" + DemoCourses.of("Teodor")), "way-question");
            shot(browser.open("/courses/" + DemoCourses.of("Ambrose Vail")), "way-hold");
            shot(browser.open("/courses/" + DemoCourses.of("Barnabas") + "?rung=arm-lifted/operated"), "way-shoulder");
            shot(browser.open("/courses/" + DemoCourses.of("Henrike") + "?rung=turn-round/both"), "way-hip");
            shot(browser.open("/courses/" + DemoCourses.of("Silvan") + "/milestones"), "milestones-hand");
            shot(browser.open("/courses/" + DemoCourses.of("Rosalind")), "way-decisive");
            shot(browser.page(reviewSheet("knee.meniscus-repair")), "review-sheet");
            shot(browser.size(820, 1180).open("/courses/" + ottoline), "way-tablet");
        }
        try (Browser browser = new Browser()) {
            shot(browser.signIn("lead").open("/clinic/bands"), "bands");
        }
    }

    private static Path reviewSheet(String protocol) throws IOException {
        Bundle library = ShippedLibrary.read();
        Path sheet = Files.createTempFile("review", ".html");
        sheet.toFile().deleteOnExit();
        return Files.writeString(sheet, ReviewPage.html(ReviewSheets.of(library.protocol(protocol), library)));
    }

    private static void shot(Browser browser, String name) {
        browser.picture(FOLDER.resolve(name + ".png"));
    }
}
