package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Joint;
import waypost.library.desk.OwnFiles;
import waypost.library.text.RefusedException;

class PaperFileTest {

    private static final PaperFile FILE = new PaperFile(
            "Repair: \"as I do it\", Dr Nobody",
            "knee.meniscus-repair",
            Joint.KNEE,
            "The clinic's own",
            "Upriver, signed 2031-04-03",
            Optional.of("completed"),
            List.of(
                    new PaperFile.Line("NWB 4 wks # then 50% WB", Map.of()),
                    new PaperFile.Line("PROM 0-90 x 4-6 wks: yes", Map.of("until", "At 6 weeks", "a", "b"))),
            new OwnFiles(
                    Optional.of("protocol: own.1\n# a \"remark\"\nphases: []\n"),
                    Map.of("own.wound", "part: own.wound\n", "own.flare", "part: own.flare\n"),
                    Optional.of("measures: own\n")));

    @Test
    void whatIsWrittenIsReadAgainAndWrittenTheSame() {
        PaperFile again = PaperFile.read(FILE.write());
        assertThat(again).isEqualTo(FILE);
        assertThat(again.write()).isEqualTo(FILE.write());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "surgeon-paper: x",
                "protocol: x",
                "surgeon-paper: x\nbase: knee.meniscus-repair\njoint: toe\nlicence: a\nsource: b\nlines: []\n",
                "surgeon-paper: x\nbase: knee.meniscus-repair\njoint: knee\nlicence: a\nsource: b\nlines: [{ lien: x }]\n",
                "surgeon-paper: &a x\nbase: *a\n"
            })
    void whatIsNoPaperIsRefused(String text) {
        assertThatThrownBy(() -> PaperFile.read(text)).isInstanceOf(RefusedException.class);
    }
}
