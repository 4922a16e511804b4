package waypost.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Visitor;

/** The demo shows what the README says of it. */
@Tag("served")
class DemoClinicTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Teodor Lindqvist-Roe|Meniscus repair? not stated",
                "Marguerite Osei|Overdue: Extension equal to the other side",
                "Jorunn Pettifer|On hold: flare after a long day on the hives",
                "Ambrose Vail|On hold: red flag",
                "Priyanka Fell|12 days before",
                "Leopold Quarrie|Back to sport",
                "Ottoline Brandreth|Open-chain straightening in a growing arc"
            })
    void everybodyHasTheirStory(String patient, String shown) {
        assertThat(THERAPIST.get("/courses/" + DemoCourses.of(patient)).body()).contains(shown);
    }

    @Test
    void todayListsEverybodyWithWhatToMind() {
        String today = THERAPIST.get("/today").body();

        assertThat(DemoPerson.all())
                .hasSizeGreaterThanOrEqualTo(6)
                .allSatisfy(p -> assertThat(today).contains(p.name()));
        assertThat(today).contains("ready for One leg", "meniscus repair not stated", "1 opened", "first visit");
    }

    @Test
    void someoneReadyCanBeSignedAndOthersCannot() {
        String ready = THERAPIST
                .get("/courses/" + DemoCourses.of("Isaura Bonnet") + "/milestones")
                .body();
        String stiff = THERAPIST
                .get("/courses/" + DemoCourses.of("Marguerite Osei") + "/milestones")
                .body();

        assertThat(ready).contains("Into <span>One leg</span>").doesNotContain("disabled=\"disabled\"");
        assertThat(stiff).contains("disabled=\"disabled\"").contains("10° short of the other side");
    }

    @Test
    void theFinderFindsByPartOfANameOrNumberAndTakesWildcardsAsText() {
        assertThat(THERAPIST.post("/finder", Map.of("wanted", "quarr")).body()).contains("Leopold Quarrie");
        assertThat(THERAPIST.post("/finder", Map.of("wanted", "4117")).body()).contains("Ottoline Brandreth");
        assertThat(THERAPIST.post("/finder", Map.of("wanted", "%")).body()).contains("Nobody in this clinic");
    }
}
