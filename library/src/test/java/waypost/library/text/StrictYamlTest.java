package waypost.library.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StrictYamlTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a: &x 1|f.yaml:1:4 found an anchor (&x), allowed: the value written out",
                "a: !!str 1|f.yaml:1:4 found a tag (!), allowed: plain values",
                "{a: 1, a: 2}|f.yaml:1:8 found the key 'a' twice, allowed: once",
                "a: [1|f.yaml:1:6 can't be read as YAML: expected ',' or ']', but got <stream end>",
                "''|f.yaml:1:1 found an empty file, allowed: one document"
            })
    void refusesWhatIsTooClever(String text, String message) {
        assertThatThrownBy(() -> StrictYaml.read("f.yaml", text)).hasMessage(message);
    }

    @Test
    void refusesAliasesWithTheirLine() {
        assertThatThrownBy(() -> StrictYaml.read("f.yaml", "a: &x [1]\nb: *x\n"))
                .hasMessage("f.yaml:1:4 found an anchor (&x), allowed: the value written out\n"
                        + "f.yaml:2:4 found an alias (*), allowed: the value written out");
    }

    @Test
    void refusesHugeAndDeepFiles() {
        assertThatThrownBy(() -> StrictYaml.read("f.yaml", "a".repeat(2_000_000)))
                .hasMessageContaining("allowed: at most 1048576");
        assertThatThrownBy(() -> StrictYaml.read("f.yaml", "[".repeat(500)))
                .hasMessageContaining("found nesting beyond 24 levels");
        assertThatThrownBy(() -> StrictYaml.read("f.yaml", "a: 1\n---\nb: 2\n"))
                .hasMessageContaining("found a second document");
    }

    @Test
    void keepsVersionsAndBoundsAsTheyWereWritten() {
        Entry top = StrictYaml.read("f.yaml", "version: 3.10\nbound: 010\n").top();

        assertThat(top.text("version")).isEqualTo("3.10");
        assertThat(top.text("bound")).isEqualTo("010");
    }

    @Test
    void notesEveryUnreadableElementWithItsPlace() {
        Document document = StrictYaml.read("f.yaml", "numbers: [1, x, 3, y]\n");

        List<Integer> read = document.top().list("numbers", e -> e.as(Integer::parseInt));

        assertThat(read).containsExactly(1, 3);
        assertThat(document.problems()).extracting(Problem::path).containsExactly("numbers[1]", "numbers[3]");
    }
}
