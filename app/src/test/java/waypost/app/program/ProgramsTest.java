package waypost.app.program;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import waypost.app.testing.Browser;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Programs as they are looked at, followed and left. */
@Tag("served")
class ProgramsTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private static void follow(Working course, String program, boolean follows) {
        course.post("/programs", form(program, String.valueOf(follows)));
    }

    private static Map<String, String> form(String program, String follows) {
        return Map.of("entryId", UUID.randomUUID().toString(), "program", program, "follows", follows);
    }

    @Test
    void eachSaysWhereItStandsAndWhatBars() {
        Working early = Working.on(THERAPIST, 40);
        assertThat(early.get("/programs"))
                .containsSubsequence("Bicycle, from minutes to intervals", "1 day", "Rules of this program")
                .containsSubsequence("From walking to running", "Not open today.", "12 weeks completed", "As stage 1.")
                .doesNotContain("Throwing on flat ground");
    }

    @Test
    void whatIsFollowedGoesOnByTheProgram() {
        Working ill = Working.strained(THERAPIST, 6).checkedIn();
        assertThat(ill.get("/programs")).contains("Running, nine stages").doesNotContain("program-state");
        follow(ill, "nine-stages", true);
        assertThat(ill.get("/programs"))
                .containsSubsequence("Running, nine stages", "followed", "Today: ", "Stop following");
        assertThat(ill.get("/work?role=run-1/both")).contains("Running, nine stages: stage 1 of 9.");
        follow(ill, "nine-stages", false);
        assertThat(ill.get("/programs")).doesNotContain("program-state");
        assertThat(ill.get("/work?role=run-1/both")).doesNotContain("stage 1 of 9");
    }

    @Test
    void anExerciseGoesOnByOneProgramOnly() {
        Working late = Working.on(THERAPIST, 290);
        follow(late, "contacts", true);
        assertThat(THERAPIST
                        .post(late.path() + "/programs", form("land", "true"))
                        .body())
                .contains("an exercise goes on by one program");
        assertThat(late.get("/programs").split("program-state", -1)).hasSize(2);
    }

    @Test
    void oddFormsAreRefused() {
        Working late = Working.on(THERAPIST, 290);
        assertThat(THERAPIST
                        .post(late.path() + "/programs", form("nobody-knows", "true"))
                        .body())
                .contains("Found no such program");
        assertThat(THERAPIST
                        .post(late.path() + "/programs", form("contacts", "maybe"))
                        .body())
                .contains("allowed: true or false");
        assertThat(THERAPIST
                        .post(late.path() + "/programs", form("throw", "true"))
                        .body())
                .contains("Found no such program");
        assertThat(Visitor.signedIn("upriver").get(late.path() + "/programs").status())
                .isEqualTo(404);
    }

    @Test
    @Tag("browser")
    void isFollowedAndLedInTheBrowser() {
        try (Browser browser = new Browser().size(1280, 800).signIn("therapist")) {
            Working ill = Working.strained(THERAPIST, 6).checkedIn();
            browser.open(ill.path() + "/programs");
            browser.open(ill.path() + "/programs");
            browser.click(By.cssSelector("#nine-stages button"));
            browser.waitFor(By.cssSelector("#nine-stages .program-state"));
            browser.click(By.cssSelector("#nine-stages .program-do a"));
            browser.waitForText("Stage 1: easy jog");
        }
    }
}
