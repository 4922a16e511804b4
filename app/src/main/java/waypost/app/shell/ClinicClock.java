package waypost.app.shell;

import java.time.Clock;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import waypost.app.account.Staff;

/** What day it is in a clinic. The time source can be set to a fixed morning, for pictures. */
@Component
public class ClinicClock {

    private final InstantSource time;

    ClinicClock(InstantSource time) {
        this.time = time;
    }

    public LocalDate today(Staff staff) {
        return time.instant().atZone(staff.clinicZone()).toLocalDate();
    }

    public Instant now() {
        return time.instant();
    }

    /** The application's one time source. */
    @Configuration
    static class TimeConfiguration {

        @Bean
        InstantSource time(@Value("${waypost.today}") String today) {
            if (today.isBlank()) {
                return InstantSource.system();
            }
            Instant morning = LocalDate.parse(today).atTime(9, 0).toInstant(ZoneOffset.UTC);
            return Clock.fixed(morning, ZoneOffset.UTC);
        }
    }
}
