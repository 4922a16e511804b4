package waypost.library.lint;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;

/** A deliberately bad file for every kind of finding; the shipped library has none. */
@Tag("slow")
class LintTest {

    private static List<Finding> findingsIn(Check check) throws IOException {
        String file = check.word() + ".yaml";
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources().stream()
                .filter(s -> !s.file().startsWith("protocols/"))
                .toList());
        try (var in = LintTest.class.getResourceAsStream("/lint/" + file)) {
            sources.add(new SourceText(file, new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        }
        return Lint.of(Bundle.read(sources)).stream()
                .filter(finding -> finding.file().equals(file))
                .toList();
    }

    @ParameterizedTest
    @EnumSource(Check.class)
    void findsWhatIsWrongAndNothingElseAndSaysWhereAndHowToMendIt(Check check) throws IOException {
        List<Finding> findings = findingsIn(check);

        assertThat(findings).isNotEmpty().extracting(Finding::check).containsOnly(check);
        assertThat(findings).allSatisfy(finding -> {
            assertThat(finding.line()).isGreaterThan(1);
            assertThat(finding.toString())
                    .startsWith(finding.file() + ":" + finding.line() + " " + finding.rule() + ": ")
                    .endsWith(". [" + check.word() + "]");
        });
    }

    @Test
    void saysTheNumbersOnBothSides() throws IOException {
        assertThat(findingsIn(Check.OPEN_WHILE_BARRED))
                .extracting(Finding::says)
                .containsExactly("opens on day 28 while curl.bar bars it until day 56");
        assertThat(findingsIn(Check.NEEDS_UNSAFE_TEST))
                .extracting(Finding::says)
                .containsExactly(
                        "it needs torque-80 on day 14, before the test of quadriceps-torque-90 is safe (day 70)");
        assertThat(findingsIn(Check.BARE_FIRST_WEEK))
                .extracting(Finding::says)
                .containsExactly("it begins on day 7 of its clock and leaves the days before bare");
        assertThat(findingsIn(Check.NO_RISE))
                .extracting(Finding::says)
                .containsExactly("it names range as what got harder, and asks 61 of it where low-no-rise asks 61");
        assertThat(findingsIn(Check.DEFAULT_NOT_STRICTEST))
                .extracting(Finding::says)
                .containsExactly("on day 1 the usual value opens heel-slide/operated, which 'y' closes");
    }

    @Test
    void theShippedLibraryIsClean() {
        assertThat(Lint.of(Shipped.BUNDLE)).isEmpty();
    }

    @Test
    void printsWhatIsOpenForASignature() {
        Bundle bundle = Shipped.BUNDLE;

        assertThat(OpenOnDays.text(bundle.protocol("hand.flexor-tendon-zone-2"), bundle))
                .contains("day 1: Passive bend of each finger; elsewhere 18 of the arms, ")
                .contains("day 14: Passive bend of each finger, Passive full bend, Scar massage; elsewhere ")
                .contains("Reviewed by: ____");
    }
}
