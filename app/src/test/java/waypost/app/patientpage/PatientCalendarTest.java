package waypost.app.patientpage;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import java.io.IOException;
import java.io.StringReader;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;

/** A patient's calendar, read back by the library that wrote it and by another. */
@Tag("served")
class PatientCalendarTest {

    private static final Visitor LEAD = Visitor.signedIn("upriver");

    private static List<Instant> byTheOther(String calendar) {
        return Biweekly.parse(calendar).first().getEvents().stream()
                .map(VEvent::getDateStart)
                .map(start -> start.getValue().toInstant())
                .toList();
    }

    private static List<Instant> byItself(String calendar) throws IOException, ParserException {
        DateTimeFormatter universal =
                DateTimeFormatter.ofPattern("yyyyMMdd'T'HHmmssX").withZone(ZoneOffset.UTC);
        return values(calendar, Property.DTSTART).stream()
                .map(start -> universal.parse(start, Instant::from))
                .toList();
    }

    private static List<String> values(String calendar, String property) throws IOException, ParserException {
        return new CalendarBuilder()
                .build(new StringReader(calendar)).getComponents(Component.VEVENT).stream()
                        .map(event -> event.getProperty(property).orElseThrow().getValue())
                        .toList();
    }

    /** Two times a day in the waking hours from 8 to 21 are 11 and 17.30; Lisbon is an hour ahead of universal time. */
    @Test
    void bothReadTheSameMoments() throws IOException, ParserException {
        AtHome home = AtHome.begun(LEAD, 52);
        String calendar = home.telephone().get("/home/calendar.ics").body();

        assertThat(byTheOther(calendar)).hasSize(28).isEqualTo(byItself(calendar));
        assertThat(byTheOther(calendar))
                .startsWith(Instant.parse("2031-04-03T10:00:00Z"), Instant.parse("2031-04-03T16:30:00Z"));
        assertThat(Biweekly.parse(calendar).first().validate(biweekly.ICalVersion.V2_0))
                .isEmpty();
    }

    @Test
    void byTheHourEverySlotStandsAndVisitsToo() {
        AtHome home = AtHome.begun(LEAD, 52);
        home.write(Map.of("rhythm", "h60", "wakes", "14:00", "sleeps", "02:00"));
        LEAD.post(
                "/today/appointments",
                Map.of(
                        "appointmentId", UUID.randomUUID().toString(),
                        "courseId", home.visit().id().toString(),
                        "patient", "Working Person",
                        "date", "2031-04-09",
                        "time", "10:30"));
        String calendar = home.telephone().get("/home/calendar.ics").body();

        List<Instant> starts = byTheOther(calendar);
        assertThat(starts).hasSize(14 * 12 + 1).contains(Instant.parse("2031-04-09T09:30:00Z"));
        assertThat(calendar).contains("Visit at your clinic", "Your plan");
        List<Instant> atHome = starts.subList(1, starts.size());
        assertThat(Duration.between(atHome.get(0), atHome.get(1))).isEqualTo(Duration.ofHours(1));
    }

    /** Nothing of who it is or what was done; the same event keeps its id. */
    @Test
    void saysNothingOfThePatient() throws IOException, ParserException {
        Visitor telephone = AtHome.begun(LEAD, 52).telephone();
        String calendar = telephone.get("/home/calendar.ics").body();

        assertThat(calendar).doesNotContainIgnoringCase("working").doesNotContain("Heel", "knee", "upriver");
        assertThat(values(calendar, Property.UID))
                .doesNotHaveDuplicates()
                .isEqualTo(values(telephone.get("/home/calendar.ics").body(), Property.UID));
    }

    /** A calendar program has neither cookie nor birth date: what it fetches is the same, until the link is ended. */
    @Test
    void aCalendarFetchesThemByItselfUntilTheLinkIsEnded() {
        AtHome home = AtHome.begun(LEAD, 52);
        Visitor telephone = home.telephone();
        String path = telephone.postJson("/home/times", "{}").body().replaceAll(".*\"(/home/times/[^\"]+)\".*", "$1");
        Visitor calendar = Visitor.stranger();

        assertThat(calendar.get(path).body())
                .isEqualTo(telephone.get("/home/calendar.ics").body());
        home.visit().post("/home/link/end", Map.of());
        assertThat(calendar.get(path).status()).isEqualTo(404);
        assertThat(telephone.postJson("/home/times", "{}").status()).isEqualTo(404);
    }

    @Test
    void whatWasNeverMadeIsNoCalendar() {
        assertThat(Visitor.stranger().get("/home/times/" + "a".repeat(32)).status())
                .isEqualTo(404);
        assertThat(Visitor.stranger().postJson("/home/times", "{}").status()).isEqualTo(404);
    }

    @Test
    void whoHasNoLinkGetsNone() {
        assertThat(Visitor.stranger().get("/home/calendar.ics").status()).isEqualTo(404);
    }
}
