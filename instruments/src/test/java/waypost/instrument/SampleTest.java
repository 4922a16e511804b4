package waypost.instrument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.instrument.line.Quantity;
import waypost.instrument.line.Sample;

class SampleTest {

    private static String checked(String body) {
        CRC32 crc = new CRC32();
        crc.update(body.getBytes(StandardCharsets.US_ASCII));
        return body + " " + String.format("%08x", crc.getValue());
    }

    @Test
    void readsWhatItWrites() {
        Sample sample = new Sample(1042, 1_795_609_412_345L, Quantity.ANGLE, 92.4);

        assertThat(sample.line()).startsWith("waypost-1 1042 1795609412345 angle 92.40 deg ");
        assertThat(Sample.parse(sample.line())).isEqualTo(sample);
    }

    @Test
    void aChangedDigitIsNoticed() {
        String line = new Sample(1, 2, Quantity.FORCE, 180).line();

        assertThatThrownBy(() -> Sample.parse(line.replace("180", "190"))).hasMessageContaining("found the check");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "waypost-1 1 2 angle NaN deg|a possible value",
                "waypost-1 1 2 angle 999 deg|a possible value",
                "waypost-1 1 2 force -3 N|a possible value",
                "waypost-1 0 2 force 3 N|a number from 1 on",
                "waypost-1 1 2 warmth 3 K|found 'warmth', allowed: angle, force",
                "waypost-1 1 2 force 3 lbf|found 'lbf', allowed: N"
            })
    void nonsenseIsRefusedEvenWithARightCheck(String body, String message) {
        assertThatThrownBy(() -> Sample.parse(checked(body))).hasMessageContaining(message);
    }

    @ParameterizedTest
    @CsvSource({"''", "ERR 7", "waypost-2 1 2 angle 3 deg 00000000"})
    void anotherFormatIsRefused(String line) {
        assertThatThrownBy(() -> Sample.parse(line)).hasMessageContaining("allowed: waypost-1 and six more parts");
    }
}
