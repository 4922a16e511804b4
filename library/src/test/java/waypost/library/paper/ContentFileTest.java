package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.body.Joint;
import waypost.library.desk.OwnFiles;
import waypost.library.text.RefusedException;

class ContentFileTest {

    private static PaperFile paper(String title, String... lines) {
        return new PaperFile(
                title,
                "knee.meniscus-repair",
                Joint.KNEE,
                "The clinic's own",
                "Upriver",
                Optional.of("completed"),
                List.of(lines).stream()
                        .map(line -> new PaperFile.Line(line, Map.of("until", "At 6 weeks")))
                        .toList(),
                new OwnFiles(
                        Optional.of("protocol: own.1\n# x: - y\n"),
                        Map.of("own.wound", "part: own.wound\n"),
                        Optional.of("measures: own\n")));
    }

    @Test
    void whatIsWrittenIsReadAgainAndWrittenTheSame() {
        ContentFile content = new ContentFile(
                "Upriver: \"Hand\" Rooms", "Ask", List.of(paper("One", "NWB 4 wks # then", "- x: y"), paper("Two")));
        ContentFile again = ContentFile.read(content.write());
        assertThat(again).isEqualTo(content);
        assertThat(again.write()).isEqualTo(content.write());
        ContentFile none = new ContentFile("Nobody's", "Ask", List.of());
        assertThat(ContentFile.read(none.write())).isEqualTo(none);
    }

    @Test
    void whatIsWrongInOneOfThemIsToldWithItsLine() {
        String text = new ContentFile("A", "B", List.of(paper("One"), paper("Two")))
                .write()
                .replace("surgeon-paper: \"Two\"", "surgeon-papre: \"Two\"");
        assertThatThrownBy(() -> ContentFile.read(text))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("content.yaml:")
                .hasMessageContaining("surgeon-papre");
    }
}
