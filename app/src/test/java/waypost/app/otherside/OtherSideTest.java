package waypost.app.otherside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** The other side works alone: what the operated one does meanwhile is judged, and what was done is kept apart. */
@Tag("served")
class OtherSideTest {

    private static final Pattern OPTION = Pattern.compile("<option value=\"([a-z0-9-]+/[a-z0-9-]+)\"");

    private final Working visit = Working.on(Visitor.signedIn("therapist"), 20).checkedIn();

    private static Map<String, String> form(String role) {
        return new HashMap<>(Map.of(
                "doneId",
                UUID.randomUUID().toString(),
                "role",
                role,
                "sets",
                "3",
                "amount",
                "10",
                "load",
                "8 kg",
                "pain",
                "0"));
    }

    private String first(String group) {
        String page = visit.get("/other-side");
        String part = page.substring(page.indexOf("label=\"" + group + "\""));
        return OPTION.matcher(part).results().findFirst().orElseThrow().group(1);
    }

    @Test
    void whatIsOpenIsKeptAndCountsForNoRuleOfTheOperatedSide() {
        String role = first("Open today");
        String before = visit.page(role);

        Map<String, String> done = form(role);
        assertThat(visit.post("/other-side", done).status()).isEqualTo(302);
        visit.post("/other-side", done);

        assertThat(visit.get("/other-side")).containsOnlyOnce("3 × 10 · 8 kg · pain 0");
        assertThat(visit.get("/record")).contains("The other side alone: " + role);
        assertThat(visit.page(role)).doesNotContain("8 kg · pain 0");
        assertThat(before).doesNotContain("8 kg · pain 0");
    }

    /** A machine for the straightening of the knee is closed on the operated side on day 20, and open on the other. */
    @Test
    void theOtherSideMayDoWhatTheOperatedOneMayNot() {
        assertThat(visit.get("?rung=machine-arc/operated")).contains("not yet");
        assertThat(visit.get("/other-side").split("Not open today")[0]).contains("value=\"machine-arc/operated\"");
    }

    @Test
    void whatIsNotOpenIsKeptWithItsReasonOnly() {
        String role = first("Not open today");

        Visitor.Answer refused = visit.post("/other-side", form(role));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("is not open for the other side alone today.", "If it was done, say why.");

        Map<String, String> despite = form(role);
        despite.put("despite", "done before anybody looked");
        assertThat(visit.post("/other-side", despite).status()).isEqualTo(302);
        assertThat(visit.get("/other-side")).contains("done before anybody looked");
    }

    @ParameterizedTest
    @CsvSource({
        "role,,Choose an exercise first",
        "role,wall-squat/both,one side can do alone",
        "role,no-such/operated,one side can do alone",
        "sets,0,Sets: allowed are 1 to 20",
        "amount,,Of each set: allowed are 1 to 2000",
        "load,heavy,allowed: such as 8 kg or band 2",
        "pain,,Say how much pain the operated side had",
        "pain,11,allowed: a whole number from 0 to 10",
        "doneId,x,This form is damaged"
    })
    void wrongInputIsRefusedByField(String field, String value, String message) {
        Map<String, String> form = form(first("Open today"));
        form.put(field, value == null ? "" : value);

        Visitor.Answer refused = visit.post("/other-side", form);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains(message);
        assertThat(visit.get("/other-side")).doesNotContain("Done so far");
    }
}
