package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Text stands out from its ground by at least 4.5 to 1 in both themes, and what only has to be seen by 3 to 1: contrast
 * as WCAG 2.2 defines it (relative luminance of sRGB), success criteria 1.4.3 and 1.4.11.
 */
class TokenContrastTest {

    private static final Path TOKENS = Path.of("src/main/resources/static/waypost/tokens.css");
    private static final Pattern BOTH =
            Pattern.compile("--([a-z0-9-]+): light-dark\\((#[0-9A-F]{6}), (#[0-9A-F]{6})\\)");
    private static final Pattern ONE = Pattern.compile("--([a-z0-9-]+): (#[0-9A-F]{6});");

    private static Map<String, List<String>> tokens() throws IOException {
        String css = Files.readString(TOKENS);
        Map<String, List<String>> tokens = new HashMap<>();
        BOTH.matcher(css).results().forEach(m -> tokens.put(m.group(1), List.of(m.group(2), m.group(3))));
        ONE.matcher(css).results().forEach(m -> tokens.put(m.group(1), List.of(m.group(2), m.group(2))));
        return tokens;
    }

    private static double luminance(String hex) {
        double[] weights = {0.2126, 0.7152, 0.0722};
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            double value = Integer.parseInt(hex.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            sum += weights[i] * (value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    private static double contrast(String one, String other) {
        double high = Math.max(luminance(one), luminance(other));
        double low = Math.min(luminance(one), luminance(other));
        return (high + 0.05) / (low + 0.05);
    }

    @ParameterizedTest
    @CsvSource({
        "ink, paper, 4.5",
        "ink, surface, 4.5",
        "ink, later-soft, 4.5",
        "ink, barred-soft, 4.5",
        "ink, limit-soft, 4.5",
        "ink, way-soft, 4.5",
        "ink-2, paper, 4.5",
        "ink-2, surface, 4.5",
        "way, paper, 4.5",
        "way, surface, 4.5",
        "way, way-soft, 4.5",
        "on-way, way, 4.5",
        "limit, paper, 4.5",
        "limit, surface, 4.5",
        "limit, limit-soft, 4.5",
        "limit, way-soft, 4.5",
        "later, paper, 4.5",
        "later, surface, 4.5",
        "later, later-soft, 4.5",
        "barred, paper, 4.5",
        "barred, surface, 4.5",
        "barred, barred-soft, 4.5",
        "today, paper, 4.5",
        "today, surface, 4.5",
        "today, today-soft, 4.5",
        "paper, today, 4.5",
        "paper, ink, 4.5",
        "on-alarm, alarm, 4.5",
        "later, paper, 3",
        "today, way-soft, 3"
    })
    void everyPairThatIsUsedCanBeRead(String text, String ground, double least) throws IOException {
        Map<String, List<String>> tokens = tokens();
        for (int theme = 0; theme < 2; theme++) {
            assertThat(contrast(
                            Objects.requireNonNull(tokens.get(text)).get(theme),
                            Objects.requireNonNull(tokens.get(ground)).get(theme)))
                    .as(text + " on " + ground + (theme == 0 ? ", light" : ", dark"))
                    .isGreaterThanOrEqualTo(least);
        }
    }

    /** Black on white is 21 to 1, and a grey of known contrast: #767676 on white is 4.54 to 1 (WCAG's own example). */
    @Test
    void theArithmeticIsTheStandards() {
        assertThat(contrast("#000000", "#FFFFFF")).isEqualTo(21.0);
        assertThat(contrast("#767676", "#FFFFFF")).isBetween(4.53, 4.55);
    }

    /** A colour that stands in a style without a token has no dark value. */
    @Test
    void noStyleNamesAColourOfItsOwn() throws IOException {
        try (var styles = Files.list(TOKENS.getParent())) {
            for (Path style : styles.filter(file -> file.toString().endsWith(".css"))
                    .filter(file -> !file.endsWith("tokens.css"))
                    .toList()) {
                assertThat(Files.readString(style)).as(style.toString()).doesNotContainPattern("#[0-9A-Fa-f]{6}");
            }
        }
    }
}
