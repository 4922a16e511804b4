package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** How an exercise was set up is chosen on its card, kept with the set, and there again for the next one. */
@Tag("served")
class SetUpTest {

    private static final String STAND = "single-leg-stand/operated";
    private static final Pattern CHOSEN = Pattern.compile("<option value=\"([^\"]*)\" selected");

    private final Working visit =
            Working.beginner(Visitor.signedIn("therapist"), 20).checkedIn();

    private Visitor.Answer log(String setUp) {
        Map<String, String> set = visit.set(STAND, 20, 0);
        set.put("setUp", setUp);
        return visit.log(set);
    }

    private static String chosen(String card) {
        return CHOSEN.matcher(card)
                .results()
                .map(found -> found.group(1))
                .filter(value -> value.startsWith("hands"))
                .findFirst()
                .orElse("");
    }

    @Test
    void whatWasChosenIsKeptAndChosenAgain() {
        visit.plan("ADD", STAND, "");
        assertThat(chosen(visit.page(STAND))).isEqualTo("hands: free");

        assertThat(chosen(log("hands: two fingers on the table").body())).isEqualTo("hands: two fingers on the table");

        assertThat(RunningWaypost.get().bean(WorkStore.class).sets(visit.id()))
                .extracting(SetRow::setUp)
                .containsExactly("hands: two fingers on the table");
        assertThat(visit.page(STAND)).contains("hands two fingers on the table");
        assertThat(visit.get("/record")).contains("hands: two fingers on the table");
    }

    /** Sets that a device kept from before, or that nobody set up: the usual one serves. */
    @Test
    void whatNobodySaidStaysUnsaid() {
        visit.plan("ADD", STAND, "");

        assertThat(chosen(visit.log(visit.set(STAND, 20, 0)).body())).isEqualTo("hands: free");
        assertThat(RunningWaypost.get().bean(WorkStore.class).sets(visit.id()))
                .extracting(SetRow::setUp)
                .containsExactly("");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "hands: on the head | allowed: hands: one on the table, two fingers on the table, free",
                "step height: 15 cm | allowed: hands: one on the table",
                "hands | allowed: settings such as"
            })
    void whatCannotBeChosenIsRefused(String setUp, String says) {
        Visitor.Answer answer = log(setUp);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(RunningWaypost.get().bean(WorkStore.class).sets(visit.id())).isEmpty();
    }

    @Test
    void anExerciseThatIsSetUpInOneWayTakesNone() {
        Map<String, String> set = visit.set("heel-slide/operated", 10, 0);
        set.put("setUp", "step height: 15 cm");

        assertThat(visit.log(set).body()).contains("this exercise is set up in one way");
    }
}
