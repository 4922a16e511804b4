package waypost.library.lint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** The worked protocol of docs/formats/worked-protocol.md says there what it says here. */
@Tag("slow")
class WorkedProtocolTest {

    private static List<SourceText> with(String step) throws IOException {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        sources.add(new SourceText(step, Files.readString(Path.of("src/test/resources/worked", step))));
        return sources;
    }

    private static String page() throws IOException {
        return Files.readString(Path.of("../docs/formats/worked-protocol.md"));
    }

    @Test
    void aBlankProtocolIsToldWhatItLacks() throws IOException {
        List<SourceText> blank = with("1-blank.yaml");
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> Bundle.read(blank));

        assertThat(refused.problems())
                .extracting(Problem::toString)
                .isNotEmpty()
                .allMatch(page()::contains);
    }

    @Test
    void lintFindsInTheFirstRulesWhatThePageSays() throws IOException {
        List<Finding> found = Lint.of(Bundle.read(with("2-first-rules.yaml")));

        assertThat(found).extracting(Finding::toString).isNotEmpty().allMatch(page()::contains);
    }

    @Test
    void theLastStepIsClean() throws IOException {
        assertThat(Lint.of(Bundle.read(with("3-lint-clean.yaml")))).isEmpty();
    }
}
