package waypost.app.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** When a patient may be written to; 3 April 2031 is a Thursday, 30 March the night of the change of the clock. */
class QuietHoursTest {

    private static final ZoneId VIENNA = ZoneId.of("Europe/Vienna");
    private static final QuietHours WEEKEND = new QuietHours(Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY));

    @ParameterizedTest
    @CsvSource({
        "2031-04-03T10:00, 2031-04-03T10:00",
        "2031-04-03T07:59, 2031-04-03T08:00",
        "2031-04-03T20:00, 2031-04-04T08:00",
        "2031-04-04T21:00, 2031-04-07T08:00",
        "2031-04-05T12:00, 2031-04-07T08:00",
        "2031-03-30T01:30, 2031-03-31T08:00"
    })
    void waitsForTheNextFitMoment(String wanted, String next) {
        assertThat(WEEKEND.next(LocalDateTime.parse(wanted).atZone(VIENNA)).toLocalDateTime())
                .isEqualTo(LocalDateTime.parse(next));
    }

    @Test
    void aClinicThatNeverOpensWritesAllTheSame() {
        QuietHours never = new QuietHours(EnumSet.allOf(DayOfWeek.class));
        LocalDateTime noon = LocalDateTime.parse("2031-04-03T12:00");
        assertThat(never.next(noon.atZone(VIENNA)).toLocalDateTime()).isEqualTo(noon);
    }
}
