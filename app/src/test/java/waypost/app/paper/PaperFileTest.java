package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;

/** A paper leaves one clinic as a file and is a draft in another. */
@Tag("served")
class PaperFileTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final Visitor OTHERS = Visitor.signedIn("lead");

    private static String begun(String title, String... lines) {
        UUID id = UUID.randomUUID();
        LEAD.post(
                "/papers",
                Map.of("entryId", id.toString(), "title", title, "base", "knee.meniscus-repair", "joint", "knee"));
        String paper = "/papers/" + id;
        LEAD.post(paper, Map.of("revision", "1", "lines", String.join("\n", lines)));
        return paper;
    }

    private static Map<String, String> sent(String text) {
        return Map.of("entryId", UUID.randomUUID().toString(), "text", text);
    }

    @Test
    void whatLeavesAsAFileIsADraftThere() {
        String paper = begun("Meniscus: \"as I do it\"", "NWB 4 wks then FWB", "bike wk 8");
        String file = LEAD.get(paper + "/file").body();
        assertThat(file).contains("base: knee.meniscus-repair", "licence: ", "source: ", "- line: \"bike wk 8\"");

        Map<String, String> taken = sent(file);
        Visitor.Answer answer = OTHERS.post("/papers/file", taken);
        assertThat(answer.location()).endsWith("/papers/" + taken.get("entryId"));
        assertThat(OTHERS.post("/papers/file", taken).location()).isEqualTo(answer.location());
        assertThat(OTHERS.get("/papers/" + taken.get("entryId")).body())
                .contains("NWB 4 wks then FWB", "bike wk 8", "draft")
                .doesNotContain("revision 3");
        String again = OTHERS.get("/papers/" + taken.get("entryId") + "/file").body();
        assertThat(again.substring(again.indexOf("lines:"))).isEqualTo(file.substring(file.indexOf("lines:")));
        assertThat(LEAD.get("/papers/" + taken.get("entryId")).status()).isEqualTo(404);
        assertThat(OTHERS.get(paper + "/file").status()).isEqualTo(404);
    }

    /** Looked at, nothing is written. */
    @Test
    void aFileIsLookedAtFirst() {
        String paper = begun("Meniscus, looked at", "NWB 4 wks then FWB", "protect the repair");
        String file = LEAD.get(paper + "/file").body();
        String before = OTHERS.get("/papers").body();
        assertThat(OTHERS.upload("/papers/file/look", file.getBytes(StandardCharsets.UTF_8))
                        .body())
                .contains("Meniscus, looked at", "1 of 2 lines is open", "Not understood.", "Begin it as a draft")
                .doesNotContain("Found in it");
        String settled = file.replace("protect the repair", "no squats until 12 wks");
        assertThat(OTHERS.upload("/papers/file/look", settled.getBytes(StandardCharsets.UTF_8))
                        .body())
                .as("what lint finds is told before anything is begun")
                .contains("0 of 2 lines are open", "Found in it");
        assertThat(OTHERS.get("/papers").body()).doesNotContain("Meniscus, looked at");
        assertThat(before).doesNotContain("Meniscus, looked at");
        assertThat(OTHERS.upload("/papers/file/look", new byte[] {(byte) 0xff, (byte) 0xfe, 0x41})
                        .body())
                .contains("no UTF-8 text");
        assertThat(OTHERS.upload("/papers/file/look", new byte[700_000]).body())
                .contains("Found a file of 0.7 MB, allowed: up to 0.6 MB.");
    }

    @Test
    void whatIsNoPaperIsRefusedWithItsPlace() {
        assertThat(LEAD.post("/papers/file", sent("surgeon-paper: x\nbase: y\n"))
                        .body())
                .contains("paper.yaml", "problem");
        assertThat(LEAD.post("/papers/file", sent("\u0000")).status()).isIn(400, 422);
        assertThat(LEAD.post(
                                "/papers/file",
                                sent(
                                        "surgeon-paper: x\nbase: no.such\njoint: knee\nlicence: a\nsource: b\nlines: []\n"))
                        .body())
                .contains("It stands on no.such, which is not on this shelf.");
    }

    /** Everything of one clinic is taken in by another as drafts, once, and what can't stand there is named. */
    @Test
    void allPapersPassBetweenClinicsAsOneFile() {
        UUID id = UUID.randomUUID();
        String title = "All in one " + id;
        LEAD.post(
                "/papers",
                Map.of("entryId", id.toString(), "title", title, "base", "knee.meniscus-repair", "joint", "knee"));
        LEAD.post("/papers/" + id, Map.of("revision", "1", "lines", "bike wk 8"));
        LEAD.post(
                "/papers/" + id + "/desk",
                Map.of("revision", "2", "act", "day", "at", "phases/walk/earliest", "value", "56"));
        String file = LEAD.get("/papers/content/file").body();
        assertThat(file).startsWith("clinic-content: ").contains(title, "completed week 8");
        String one = file.substring(0, file.indexOf("papers:"))
                + "papers:\n  - surgeon-paper: \"Elsewhere\"\n    base: nobody.knows\n    joint: knee\n    licence: x\n"
                + "    source: y\n    lines: []\n"
                + file.substring(file.lastIndexOf("  - surgeon-paper: \"" + title));
        Visitor.Answer looked = OTHERS.upload("/papers/content/look", one.getBytes(StandardCharsets.UTF_8));
        assertThat(looked.body())
                .contains(title, "and changed on the desk", "can be begun", "is left out: It stands on nobody.knows");
        assertThat(OTHERS.get("/papers").body()).doesNotContain(title);
        Map<String, String> taken = Map.of("entryId", UUID.randomUUID().toString(), "text", one);
        assertThat(OTHERS.post("/papers/content", taken).location()).endsWith("/papers");
        OTHERS.post("/papers/content", taken);
        assertThat(OTHERS.get("/papers").body()).containsOnlyOnce(title).doesNotContain("Elsewhere");
        assertThat(OTHERS.upload("/papers/content/look", "papers: 3".getBytes(StandardCharsets.UTF_8))
                        .status())
                .isEqualTo(422);
    }
}
