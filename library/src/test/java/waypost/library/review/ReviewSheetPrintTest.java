package waypost.library.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.protocol.Protocol;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/** Every sheet, printed by a browser, takes two pages of A4 at most. */
@Tag("browser")
@Tag("slow")
class ReviewSheetPrintTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    /** One for all of them: a browser takes longer to make its profile than to print. */
    @TempDir
    private static Path profile;

    private static final Pattern PAGE = Pattern.compile("/Type /Page\\s");

    static Stream<Protocol> protocols() {
        return BUNDLE.protocols().stream();
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void takesTwoPagesAtMostAndAThirdForRepairsBesides(Protocol protocol, @TempDir Path directory)
            throws IOException, InterruptedException {
        Path page = directory.resolve("sheet.html");
        Path printed = directory.resolve("sheet.pdf");
        Files.writeString(page, ReviewPage.html(ReviewSheets.of(protocol, BUNDLE)));

        Process chromium = new ProcessBuilder(
                        "chromium",
                        "--headless",
                        "--no-sandbox",
                        "--disable-gpu",
                        "--no-pdf-header-footer",
                        "--user-data-dir=" + profile,
                        "--print-to-pdf=" + printed,
                        page.toUri().toString())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        assertThat(chromium.waitFor(60, TimeUnit.SECONDS)).isTrue();

        boolean sometimes =
                protocol.parts().stream().anyMatch(part -> !part.when().oneOf().isEmpty());
        String pdf = Files.readString(printed, StandardCharsets.ISO_8859_1);
        assertThat(PAGE.matcher(pdf).results().count()).isBetween(1L, sometimes ? 3L : 2L);
    }
}
