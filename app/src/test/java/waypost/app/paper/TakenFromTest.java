package waypost.app.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.store.Bundles;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;

/** What was taken over from an older shelf is told what ships otherwise since, and is signed only after a look at it. */
@Tag("slow")
class TakenFromTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");
    private static final String FILE = "protocols/knee.meniscus-repair.yaml";
    private static final String OLDER = "# as it was said a year ago";

    private static Bundle older(Bundles bundles) {
        List<SourceText> sources = bundles.shipped().sources().stream()
                .map(source -> source.file().equals(FILE) ? new SourceText(FILE, source.text() + OLDER + "\n") : source)
                .toList();
        return bundles.publish(Bundle.read(sources));
    }

    private static PaperRow row(UUID id) {
        RunningWaypost waypost = RunningWaypost.get();
        return waypost.bean(Papers.class).find(waypost.staff("upriver"), id);
    }

    private static String shown(String paper) {
        Matcher hash = Pattern.compile("name=\"shown\" value=\"([0-9a-f]{64})\"")
                .matcher(LEAD.get(paper + "/check").body());
        assertThat(hash.find()).isTrue();
        return hash.group(1);
    }

    @Test
    void itIsToldAndSignedOnlyAfterALook() {
        RunningWaypost waypost = RunningWaypost.get();
        Bundles bundles = waypost.bean(Bundles.class);
        UUID id = UUID.randomUUID();
        String paper = "/papers/" + id;
        LEAD.post(
                "/papers",
                Map.of(
                        "entryId",
                        id.toString(),
                        "title",
                        "Taken over",
                        "base",
                        "knee.meniscus-repair",
                        "joint",
                        "knee"));
        String text = bundles.text(bundles.shipped().hash(), FILE).replace("protocol: knee", "# ours\nprotocol: knee");
        LEAD.post(paper + "/desk", Map.of("revision", "1", "act", "text", "file", "protocol", "value", text));
        PaperRow taken = row(id);
        assertThat(taken.takenFrom()).isEqualTo(bundles.shipped().hash());
        assertThat(LEAD.get(paper + "/desk").body()).doesNotContain("Ships otherwise");

        PaperDraft draft =
                new PaperDraft("", "{}", taken.files(), "", null, older(bundles).hash());
        waypost.bean(PaperMapper.class)
                .insertDraft(id, 3, draft, waypost.staff("upriver").id());
        assertThat(LEAD.get(paper + "/desk").body())
                .contains("Ships otherwise since this was taken over", "− " + OLDER);
        LEAD.post(paper + "/steps", Map.of("revision", "3", "kind", "TO_REVIEW"));
        Map<String, String> signature = Map.of("shown", shown(paper), "loosened", "yes");
        assertThat(LEAD.post(paper + "/signature", signature).body())
                .contains("What ships has changed since this was taken over.");

        LEAD.post(paper + "/desk", Map.of("revision", "3", "act", "looked"));
        assertThat(LEAD.get(paper + "/desk").body()).doesNotContain("Ships otherwise");
        LEAD.post(paper + "/steps", Map.of("revision", "4", "kind", "TO_REVIEW"));
        assertThat(LEAD.post(paper + "/signature", Map.of("shown", shown(paper), "loosened", "yes"))
                        .status())
                .isEqualTo(302);
        assertThat(row(id).takenFrom()).isEqualTo(bundles.shipped().hash());
    }
}
