package waypost.app.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Instrument;
import waypost.app.testing.Visitor;
import waypost.instrument.line.Quantity;
import waypost.instrument.line.Sample;

@Tag("served")
class InstrumentTest {

    private static final long SECOND = 1_000_000_000L;

    /** Killed in mid-stream it is told as lost within two seconds and never with a value; started again it is live again. */
    @Test
    @Tag("slow")
    void killedInMidStreamAndStartedAgain() {
        Visitor therapist = Visitor.signedIn("therapist");
        List<String> after = new ArrayList<>();
        try (Instrument first = Instrument.start("--faultless", "--seed", "4")) {
            boolean wasLive = therapist.listen("/instruments/goniometer/live", data -> {
                if (!data.contains("\"LIVE\"")) {
                    return false;
                }
                first.kill();
                return true;
            });
            assertThat(wasLive).isTrue();
        }
        long killed = System.nanoTime();
        boolean toldLost = therapist.listen("/instruments/goniometer/live", data -> {
            after.add(data);
            boolean late = System.nanoTime() - killed > 2 * SECOND + SECOND / 2;
            assertThat(late && data.contains("angle")).isFalse();
            return data.contains("\"LOST\"");
        });
        assertThat(toldLost).isTrue();
        assertThat(after.get(after.size() - 1)).contains("\"values\":{}");
        try (Instrument second = Instrument.start("--faultless", "--seed", "4")) {
            assertThat(second).isNotNull();
            List<String> again = new ArrayList<>();
            boolean liveAgain = therapist.listen("/instruments/goniometer/live", data -> {
                again.add(data);
                return data.contains("\"LIVE\"");
            });
            assertThat(liveAgain).isTrue();
            assertThat(again.get(again.size() - 1)).contains("\"angle\":");
        }
    }

    @Test
    void aValueOlderThanTwoSecondsIsNeverLive() {
        Heard heard = new Heard();
        heard.connected(true);
        heard.line(new Sample(1, 0, Quantity.ANGLE, 90).line(), 0);

        assertThat(heard.at(2 * SECOND)).isEqualTo(new LiveValue(LiveValue.State.LIVE, Map.of("angle", 90.0), 0));
        assertThat(heard.at(2 * SECOND + 1)).isEqualTo(LiveValue.without(LiveValue.State.SILENT, 0));
        heard.connected(false);
        assertThat(heard.at(3 * SECOND)).isEqualTo(LiveValue.without(LiveValue.State.LOST, 0));
    }

    /** Nonsense is a sign of life; no line at all for ten seconds is none, and the connection is given up. */
    @Test
    void aConnectionThatIsMuteIsNoticed() {
        Heard heard = new Heard();
        heard.connected(true);
        heard.begins(0);
        heard.line("?", 5 * SECOND);

        assertThat(heard.isMuteFor(10 * SECOND, 15 * SECOND)).isFalse();
        assertThat(heard.isMuteFor(10 * SECOND, 15 * SECOND + 1)).isTrue();
        heard.connected(false);
        assertThat(heard.isMuteFor(10 * SECOND, 16 * SECOND)).isFalse();
    }

    @Test
    void nonsenseIsCountedAndToldNoFurther() {
        Heard heard = new Heard();
        heard.connected(true);
        heard.line(new Sample(1, 0, Quantity.ANGLE, 90).line(), 0);
        heard.line("waypost-1 2 0 angle NaN deg 00000000", SECOND);
        heard.line("?", SECOND);

        assertThat(heard.at(SECOND).values()).containsEntry("angle", 90.0);
        assertThat(heard.at(SECOND).refused()).isEqualTo(2);
        assertThat(heard.at(3 * SECOND).values()).isEmpty();
    }

    @Test
    void strangersHearNothingAndUnknownInstrumentsAreNotFound() {
        assertThat(Visitor.stranger().get("/instruments/goniometer/live").status())
                .isIn(302, 401);
        assertThat(Visitor.signedIn("therapist")
                        .get("/instruments/toaster/live")
                        .status())
                .isEqualTo(404);
    }
}
