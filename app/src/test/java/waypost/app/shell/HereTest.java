package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class HereTest {

    private final Here here = new Here("/shelf/knee", Map.of("on", "2031-04-03", "answer.graft", "donor & more"));

    @Test
    void keepsWhatThePageShows() {
        assertThat(here.with("on", "2031-04-03"))
                .isEqualTo("/shelf/knee?answer.graft=donor%20%26%20more&on=2031-04-03");
        assertThat(here.part("/rungs/quad-set/operated"))
                .startsWith("/shelf/knee/rungs/quad-set/operated?answer.graft=");
    }

    @Test
    void oneThingOtherwiseReplacesWhatStood() {
        assertThat(here.with("on", "2031-05-01")).endsWith("&on=2031-05-01").doesNotContain("2031-04-03");
    }

    @Test
    void aValueMayBeWrittenBehindIt() {
        assertThat(here.ending("rung")).endsWith("&on=2031-04-03&rung=");
        assertThat(new Here("/today", Map.of()).ending("on")).isEqualTo("/today?on=");
    }
}
