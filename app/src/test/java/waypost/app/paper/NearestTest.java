package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;

/** Begun over the wrong protocol, a paper finds the nearest and goes on over it, with its answers. */
@Tag("slow")
class NearestTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    @Test
    void theSameLinesGoOnOverTheNearest() {
        String paper = "/papers/" + UUID.randomUUID();
        LEAD.post(
                "/papers",
                Map.of(
                        "entryId", paper.substring("/papers/".length()),
                        "title", "Begun too fast",
                        "base", "knee.replacement",
                        "joint", "knee"));
        assertThat(LEAD.get(paper + "/nearest").body()).contains("No line limits anything yet.");
        LEAD.post(
                paper, Map.of("revision", "1", "lines", "PROM 0-90 x 6 wks\nNo flexion > 90 for 6 weeks\nNWB 4-6 wks"));

        String nearest = LEAD.get(paper + "/nearest").body();
        assertThat(nearest).contains("Meniscus repair", "farther away").containsPattern("\\d of \\d");
        String entry = UUID.randomUUID().toString();
        Map<String, String> over = Map.of("entryId", entry, "base", "knee.meniscus-repair");
        Visitor.Answer begun = LEAD.post(paper + "/nearest", over);
        assertThat(begun.status()).isEqualTo(302);
        assertThat(LEAD.post(paper + "/nearest", over).location()).isEqualTo(begun.location());
        assertThat(LEAD.get(begun.location().substring(begun.location().indexOf("/papers/")))
                        .body())
                .contains("Begun too fast", "PROM 0-90 x 6 wks", "Meniscus repair", "revision <span>2");
        assertThat(LEAD.post(paper + "/nearest", Map.of("entryId", entry, "base", "knee.hip"))
                        .status())
                .isEqualTo(422);
        assertThat(Visitor.signedIn("therapist").get(paper + "/nearest").status())
                .isEqualTo(404);
    }
}
