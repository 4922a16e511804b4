package waypost.library.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.criterion.Criterion;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.OwnMeasures;
import waypost.library.paper.Paper;
import waypost.library.text.RefusedException;

/** A clinic's own measures are numbers beside the others: known to one protocol, and to nothing that reads a motion. */
class OwnMeasuresTest {

    private static final String PROTOCOL = "knee.meniscus-repair";
    private static final String TAPS = """
            measures: own

            catalogue:
              - id: own-tap-test
                title: Taps in half a minute
                unit: count
                error: "2"
                valid-days: "14"
                both-sides: true
                better: higher
                least: "0"
                most: "120"
                source: Our clinic
            """;

    private static Desk desk() {
        return ShippedDesks.desk(PROTOCOL);
    }

    @Test
    void aMilestoneOfTheProtocolAsksForIt() {
        Desk desk = desk().withText(Desk.MEASURES, TAPS).with(new Change.Also("", "milestones", """
                        id: quick-enough
                        title: "Quick enough"
                        reach: own-tap-test
                        bound: "60"
                        """));
        Bundle bundle = desk.read(PROTOCOL, List.of());
        assertThat(bundle.measure("own-tap-test").motion()).isEmpty();
        assertThat(bundle.protocol(PROTOCOL).criteria())
                .filteredOn(criterion -> criterion.id().equals("quick-enough"))
                .singleElement(org.assertj.core.api.InstanceOfAssertFactories.type(Criterion.Reach.class))
                .satisfies(reach -> assertThat(reach.measure().title()).isEqualTo("Taps in half a minute"));
        assertThat(desk.linesUnlike(desk())).anyMatch(change -> change.file().equals(Desk.MEASURES));
        assertThat(desk.withText(Desk.MEASURES, " ").own().measures()).isEmpty();
    }

    @Test
    void itIsPublishedWithTheProtocolAlone() {
        Desk desk = desk().withText(Desk.MEASURES, TAPS);
        Paper paper = new Paper("own.taps", "Taps", PROTOCOL, List.of(), desk.own());
        assertThat(paper.over(ShippedDesks.SHIPPED).findMeasure("own-tap-test")).isPresent();
        assertThat(ShippedDesks.SHIPPED.findMeasure("own-tap-test")).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "    motion: knee flexion\n    end: positive\n",
                "    derived: { terms: [{ measure: knee-flexion, mode: active, counts: plus }] }\n",
            })
    void itReadsNoMotionAndIsWorkedOutFromNothing(String more) {
        assertThatThrownBy(() -> desk().withText(Desk.MEASURES, TAPS + more).read(PROTOCOL, List.of()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("in a clinic's own measure");
    }

    @ParameterizedTest
    @CsvSource({
        "own-tap-test, knee-flexion",
        "own-tap-test, taps",
        "measures: own, measures: catalogue",
        "measures: own, exercises: knee",
    })
    void nothingElseIsPutInUnderItsName(String said, String instead) {
        assertThatThrownBy(() -> desk().withText(Desk.MEASURES, TAPS.replace(said, instead))
                        .read(PROTOCOL, List.of()))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({
        "title: Taps in half a minute, title: Taps in 30 seconds, 0",
        "most: \"120\", most: \"150\", 0",
        "unit: count, unit: seconds, 1",
        "better: higher, better: lower, 1",
        "most: \"120\", most: \"60\", 1",
        "own-tap-test, own-taps, 1",
    })
    void whatWasMeasuredStaysReadable(String said, String instead, int lost) {
        assertThat(OwnMeasures.lost(TAPS, TAPS.replace(said, instead))).hasSize(lost);
        assertThat(OwnMeasures.lost("", TAPS)).isEmpty();
        assertThat(OwnMeasures.lost(TAPS, "")).containsExactly("own-tap-test");
    }
}
