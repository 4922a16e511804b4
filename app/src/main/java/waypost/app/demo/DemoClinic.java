package waypost.app.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import waypost.app.account.Accounts;
import waypost.app.account.DemoData;
import waypost.app.account.Staff;
import waypost.app.account.StaffRole;
import waypost.app.appointment.AppointmentState;
import waypost.app.appointment.Appointments;
import waypost.app.band.Band;
import waypost.app.band.BandKind;
import waypost.app.band.BandOrders;
import waypost.app.course.ReferralForm;
import waypost.app.course.Referrals;
import waypost.app.event.Events;
import waypost.app.finder.PatientFinder;
import waypost.app.measure.ReadingEntry;
import waypost.app.measure.ReadingForm;
import waypost.app.milestone.Advances;
import waypost.app.milestone.Holds;
import waypost.app.shell.ClinicClock;
import waypost.app.store.Bundles;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Side;
import waypost.core.log.Event;
import waypost.core.log.Hold;

/** Enters the demo clinic on a first start; its today is the day of that start. */
@Component
@Profile("demo")
public class DemoClinic implements ApplicationRunner {

    private final DemoData demoData;
    private final Accounts accounts;
    private final Referrals referrals;
    private final ReadingEntry readings;
    private final Advances advances;
    private final Holds holds;
    private final Events events;
    private final Appointments appointments;
    private final PatientFinder finder;
    private final CourseLoader loader;
    private final Bundles bundles;
    private static final int DEMO_BAND_CM = 60;
    private static final int DEMO_SPRING_CM = 60;
    private static final int DEMO_HOME_CM = 65;

    private final BandOrders bands;
    private final DemoHistory history;
    private final ClinicClock clock;
    private final String baseUrl;

    DemoClinic(
            DemoData demoData,
            Accounts accounts,
            Referrals referrals,
            ReadingEntry readings,
            Advances advances,
            Holds holds,
            Events events,
            Appointments appointments,
            PatientFinder finder,
            CourseLoader loader,
            Bundles bundles,
            BandOrders bands,
            DemoHistory history,
            ClinicClock clock,
            @Value("${waypost.base-url}") String baseUrl) {
        this.demoData = demoData;
        this.accounts = accounts;
        this.referrals = referrals;
        this.readings = readings;
        this.advances = advances;
        this.holds = holds;
        this.events = events;
        this.appointments = appointments;
        this.finder = finder;
        this.loader = loader;
        this.bundles = bundles;
        this.bands = bands;
        this.history = history;
        this.clock = clock;
        this.baseUrl = baseUrl;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments args) {
        demoData.mark();
        if (!accounts.isSetUp()) {
            enter();
        }
        enterPeople(accounts.loadUserByUsername("therapist"));
        bookToday(accounts.loadUserByUsername("therapist"));
        System.out.println("\n  Waypost demo: " + baseUrl + "\n  Sign in as "
                + String.join(", ", DemoAccounts.SIGN_IN_NAMES) + "\n  with the password: " + DemoAccounts.PASSWORD
                + "\n  The clinic and everybody in it are invented. Ctrl-C stops.\n");
    }

    private static Band band(int step, String name, String half, String twice, String triple) {
        return new Band(
                step, name, DEMO_BAND_CM, null, new BigDecimal(half), new BigDecimal(twice), new BigDecimal(triple));
    }

    private void setBands(Staff lead) {
        bands.set(
                lead,
                UUID.randomUUID(),
                BandKind.BAND,
                List.of(
                        band(1, "sand", "0.8", "1.2", "1.9"),
                        band(2, "moss", "1.2", "1.9", "2.9"),
                        band(3, "slate", "1.8", "2.8", "4.3"),
                        band(4, "plum", "2.6", "4.1", "6.4"),
                        new Band(5, "ink", null, null, null, null, null)));
        bands.set(
                lead,
                UUID.randomUUID(),
                BandKind.SPRING,
                List.of(
                        spring(1, "reed", "0.6", "1.2", "2.4"),
                        spring(2, "gull", "1.7", "3.4", "6.8"),
                        spring(3, "reed and gull", "2.3", "4.6", "9.2")));
    }

    private static Band spring(int step, String name, String half, String twice, String triple) {
        return new Band(
                step,
                name,
                DEMO_SPRING_CM,
                DEMO_HOME_CM,
                new BigDecimal(half),
                new BigDecimal(twice),
                new BigDecimal(triple));
    }

    private void enter() {
        UUID tidewick = accounts.addClinic("Tidewick Joint Clinic", "Europe/Lisbon", "");
        add(tidewick, "therapist", "Maren Arkwell", StaffRole.THERAPIST);
        add(tidewick, "assistant", "Bram Yarrow", StaffRole.ASSISTANT);
        add(tidewick, "surgeon", "Dr Halloway", StaffRole.SURGEON);
        add(tidewick, "lead", "Senna Ravensmere", StaffRole.LEAD);
        add(tidewick, "admin", "Piet Underhythe", StaffRole.ADMIN);
        UUID upriver = accounts.addClinic("Upriver Hand Rooms", "Europe/Lisbon", "");
        add(upriver, "upriver", "Ida Fennimore", StaffRole.LEAD);
        setBands(accounts.loadUserByUsername("lead"));
    }

    /** All on the first start; after an upgrade those who are new. */
    private void enterPeople(Staff therapist) {
        DemoPerson.all().stream()
                .filter(person -> find(therapist, person).isEmpty())
                .forEach(person -> enter(therapist, person));
        DemoPerson.seconds().stream()
                .filter(person -> find(therapist, person).isEmpty())
                .forEach(person -> enterSecond(therapist, person));
    }

    /** The course of this person after this operation. */
    private Optional<UUID> find(Staff staff, DemoPerson person) {
        return finder.find(staff, person.number(), 20).stream()
                .filter(found -> found.operation().equals(person.operation().title))
                .map(PatientFinder.Found::id)
                .findFirst();
    }

    /** A second course without visits of its own; its patient slipped yesterday. */
    private void enterSecond(Staff staff, DemoPerson person) {
        LocalDate today = clock.today(staff);
        UUID course = open(staff, person, today.minusDays(person.day()), today);
        events.keep(
                staff,
                course,
                new Events.Told(
                        UUID.randomUUID().toString(),
                        Event.FALL,
                        today.minusDays(1).toString(),
                        "caught herself on the bannister with this arm"));
    }

    private void add(UUID clinic, String signInName, String name, StaffRole role) {
        accounts.add(clinic, new Accounts.NewAccount(signInName, name, role), DemoAccounts.PASSWORD);
    }

    private void enter(Staff staff, DemoPerson person) {
        LocalDate today = clock.today(staff);
        LocalDate dayZero = today.minusDays(person.day());
        UUID course = open(staff, person, dayZero, today);
        person.readings()
                .lines()
                .map(line -> line.split(" ", 4))
                .filter(line -> Integer.parseInt(line[0]) <= person.day())
                .forEach(line -> read(staff, course, person, line, dayZero));
        person.advances().forEach(day -> advance(staff, course, dayZero.plusDays(day)));
        person.hold()
                .ifPresent(why -> holds.place(
                        staff,
                        course,
                        new Holds.Wanted(
                                UUID.randomUUID(), Hold.Kind.FLARE, why, today.minusDays(1), today.plusDays(2))));
        visits(staff, course, person, today);
        history.write(staff, course, person.healing(), today);
    }

    private UUID open(Staff staff, DemoPerson person, LocalDate dayZero, LocalDate today) {
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        entered.setAll(Map.of(
                "courseId", UUID.randomUUID().toString(),
                "patientName", person.name(),
                "birthDate", person.birthDate(),
                "number", person.number(),
                "protocol", person.operation().protocol,
                "operation", person.operation().title,
                "side", person.side(),
                "sideAgain", person.side(),
                "dayZero", dayZero.toString(),
                "surgeon", "Dr Halloway"));
        person.answers().forEach((question, value) -> entered.set("answer." + question, value));
        return referrals.open(staff, new ReferralForm(entered), today, bundles.shipped());
    }

    private void read(Staff staff, UUID course, DemoPerson person, String[] line, LocalDate dayZero) {
        Side operated = Side.valueOf(person.side().toUpperCase(Locale.ROOT));
        Side side = line[1].equals("own") ? operated : operated.other();
        LocalDate date = dayZero.plusDays(Integer.parseInt(line[0]));
        String measure = line[2].equals("range") ? "range." + person.operation().motion : line[2];
        ReadingForm form = new ReadingForm(
                UUID.randomUUID().toString(), measure, line[3], side.name(), "PASSIVE", date.toString(), true);
        readings.add(staff, course, form, date);
    }

    private void advance(Staff staff, UUID courseId, LocalDate date) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        Advances.Offer offer = advances.offer(course.on(date), date).orElseThrow();
        advances.sign(staff, courseId, offer.next().phase().id(), offer.hash(), date);
    }

    private void visits(Staff staff, UUID course, DemoPerson person, LocalDate today) {
        LocalTime at = LocalTime.parse(person.at());
        for (int before : List.of(11, 7, 4)) {
            if (person.day() - before > 0) {
                LocalDate day = today.minusDays(before);
                UUID visit = UUID.randomUUID();
                appointments.walkIn(staff, visit, course, day.atTime(at));
                appointments.become(staff, visit, 0, AppointmentState.DONE, day);
            }
        }
    }

    /** The demo's today moves with the calendar: everybody comes on the day of every start. */
    private void bookToday(Staff staff) {
        LocalDate today = clock.today(staff);
        Set<UUID> booked = appointments.coursesOn(staff, today);
        for (DemoPerson person : DemoPerson.all()) {
            UUID course = find(staff, person).orElseThrow();
            if (!booked.contains(course)) {
                appointments.book(
                        staff,
                        UUID.randomUUID(),
                        course,
                        today.atTime(LocalTime.parse(person.at())),
                        today.atStartOfDay());
            }
        }
    }
}
