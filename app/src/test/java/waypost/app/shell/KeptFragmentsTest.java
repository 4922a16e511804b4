package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockServletContext;
import org.thymeleaf.web.IWebExchange;
import org.thymeleaf.web.servlet.JakartaServletWebApplication;
import waypost.app.testing.RunningWaypost;

@Tag("served")
class KeptFragmentsTest {

    private final KeptFragments fragments = RunningWaypost.get().bean(KeptFragments.class);

    /** As the strip's template reads it. */
    public record Cell(String kind, String title, String detail) {}

    private static IWebExchange exchange() {
        MockServletContext context = new MockServletContext();
        return JakartaServletWebApplication.buildApplication(context)
                .buildExchange(new MockHttpServletRequest(context), new MockHttpServletResponse());
    }

    private String strip(String title) {
        return fragments.html(
                exchange(),
                "course/head",
                "strip",
                Map.of("first", List.of(new Cell("limit", title, "until then")), "others", List.of()));
    }

    @Test
    void equalValuesAreDrawnOnce() {
        assertThat(strip("Bend")).contains("Bend", "until then").isSameAs(strip("Bend"));
    }

    /** What the page around calls by the same names is its own still, drawn for the first time or not. */
    @Test
    void thePageAroundKeepsItsOwnValues() {
        IWebExchange exchange = exchange();
        exchange.setAttributeValue("others", "the page's own");

        fragments.html(
                exchange,
                "course/head",
                "strip",
                Map.of("first", List.of(new Cell("limit", "Drawn the first time", "")), "others", List.of()));

        assertThat(exchange.getAttributeValue("others")).isEqualTo("the page's own");
        assertThat(exchange.containsAttribute("first")).isFalse();
    }

    @Test
    void otherValuesAreDrawnAnewWithTheirLettersMadeSafe() {
        assertThat(strip("<b>Bend</b>")).contains("&lt;b&gt;Bend").doesNotContain("<b>");
        assertThat(strip("Bend to 90°")).isNotEqualTo(strip("Bend to 60°"));
    }

    @Test
    void aFormIsNeverKept() {
        assertThatThrownBy(() -> fragments.html(exchange(), "shell/layout", "form", Map.of("shell", shell())))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("found a form");
    }

    private static Layout.Shell shell() {
        return new Layout.Shell(Optional.of(RunningWaypost.get().staff("therapist")), true);
    }
}
