package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.transfer.Circumstance;
import waypost.core.transfer.Transfer;
import waypost.library.Shipped;
import waypost.library.text.RefusedException;

/** The scripts of the first days, for every course that may come. */
@Tag("slow")
class TransfersTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static List<Set<Circumstance>> everyDay() {
        List<Set<Circumstance>> days = new ArrayList<>();
        for (int bits = 0; bits < 1 << Circumstance.values().length; bits++) {
            Set<Circumstance> day = EnumSet.noneOf(Circumstance.class);
            for (Circumstance each : Circumstance.values()) {
                if ((bits >> each.ordinal() & 1) == 1) {
                    day.add(each);
                }
            }
            if (!day.containsAll(Set.of(Circumstance.NO_WEIGHT, Circumstance.PART_WEIGHT))) {
                days.add(day);
            }
        }
        return days;
    }

    private static Transfer transfer(String id) {
        return BUNDLE.transfers().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyWayIsWholeForEveryCourse() {
        assertThat(BUNDLE.transfers())
                .extracting(Transfer::id)
                .containsExactly("bed-edge", "stand-up", "sit-down", "toilet", "car", "bath", "floor");
        for (Set<Circumstance> day : everyDay()) {
            for (Transfer each : BUNDLE.transfers()) {
                assertThat(each.steps(day)).as("%s, %s", each.id(), day).hasSizeBetween(4, 8);
            }
        }
    }

    /** The block is looked at and the pain asked before anybody moves. */
    @Test
    void blockAndPainComeFirst() {
        for (Set<Circumstance> day : everyDay()) {
            List<Transfer.Step> steps = transfer("bed-edge").steps(day);
            assertThat(steps.get(0).guard()).contains("block");
            assertThat(steps.get(1).say()).contains("pain");
        }
    }

    @Test
    void whoTakesNoWeightIsNotAskedForAny() {
        Set<Circumstance> none = Set.of(Circumstance.NO_WEIGHT);
        assertThat(transfer("stand-up").steps(none))
                .extracting(Transfer.Step::say)
                .anyMatch(say -> say.contains("stays off the floor"))
                .noneMatch(say -> say.contains("no heavier than on the scale"));
        assertThat(transfer("floor").steps(none))
                .extracting(Transfer.Step::say)
                .noneMatch(say -> say.contains("Shuffle"));
    }

    /** A posterior hip leans back and does not fold; another leans forward as everybody does. */
    @Test
    void theHipsCeilingDecidesHowSomebodyRises() {
        assertThat(transfer("stand-up").steps(Set.of(Circumstance.HIP_BEND_LIMITED)))
                .extracting(Transfer.Step::say)
                .anyMatch(say -> say.startsWith("Lean back"))
                .noneMatch(say -> say.startsWith("Nose over toes"));
        assertThat(transfer("stand-up").steps(Set.of()))
                .extracting(Transfer.Step::say)
                .anyMatch(say -> say.startsWith("Nose over toes"))
                .noneMatch(say -> say.startsWith("Lean back"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ id: x, title: X, steps: [{ say: the {left} leg, guard: g, watch: w }, { say: s, guard: g, watch: w }] } | {left}",
                "{ id: x, title: X, logged-as: no/such, steps: [{ say: s, guard: g, watch: w }, { say: s, guard: g, watch: w }] } | no/such",
                "{ id: car, title: X, steps: [{ say: s, guard: g, watch: w }, { say: s, guard: g, watch: w }] } | twice"
            })
    void whatDoesNotFitIsRefused(String transfer, String says) {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        String text = transfer.replace("the {left} leg", "\"the {left} leg\"");
        sources.add(new SourceText("tried.yaml", "transfer-list: tried\ntransfers:\n  - " + text + "\n"));
        assertThatExceptionOfType(RefusedException.class)
                .isThrownBy(() -> Bundle.read(sources))
                .withMessageContaining(says.replace("{", "").replace("}", ""));
    }
}
