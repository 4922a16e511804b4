package waypost.app.checkin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.log.Response;
import waypost.core.safety.CheckIn;
import waypost.library.coursefile.CheckedIn;

/** The last answers beside the questions. */
class BeforeTest {

    private static final Before BEFORE = Before.of(new CheckedIn(
            LocalDate.of(2031, 4, 1),
            new CheckIn(4, Optional.of(5), Optional.empty(), CheckIn.Swelling.AS_BEFORE, Set.of()),
            Response.Soreness.DAY_AFTER));

    @ParameterizedTest
    @CsvSource({
        "painNow,last 4",
        "painAfter,last 5",
        "painMorning,''",
        "swelling,last as before",
        "soreness,last day after",
        "sleep,''"
    })
    void saysWhatWasSaid(String field, String says) {
        assertThat(BEFORE.last(field)).isEqualTo(says);
    }

    @Test
    void saysNothingWhereNothingWas() {
        assertThat(Before.NOTHING.last("painNow")).isEmpty();
    }
}
