package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.FailingWrite;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** A command whose last write fails leaves nothing written, and sent again it is done. */
@Tag("slow")
class HalfWrittenTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String TODAY = RunningWaypost.TODAY.toString();
    private static final FailingWrite WRITES = RunningWaypost.get().bean(FailingWrite.class);

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    /** Where a form is posted to, and what it says. */
    record Sent(String path, Map<String, String> form) {}

    /** A command on a course of its own, whatever it needs written before. */
    record Command(String name, Function<Working, Sent> sent) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Command command(String place, String id, String... fields) {
        return new Command(place, visit -> new Sent(visit.path() + place, form(id, fields)));
    }

    private static Map<String, String> form(String id, String... fields) {
        Map<String, String> form = new HashMap<>(Map.of(id, UUID.randomUUID().toString()));
        for (int at = 0; at < fields.length; at += 2) {
            form.put(fields[at], fields[at + 1]);
        }
        return form;
    }

    /** A command on what another command wrote: its address goes on from the id of that one's form. */
    private static Command on(Command first, String id, String then, String... fields) {
        return new Command(first.name + then, visit -> {
            Sent before = first.sent.apply(visit);
            assertThat(visit.post(before.path().substring(visit.path().length()), before.form())
                            .status())
                    .isEqualTo(302);
            Map<String, String> form = new HashMap<>();
            for (int at = 0; at < fields.length; at += 2) {
                form.put(fields[at], fields[at + 1]);
            }
            return new Sent(before.path() + "/" + before.form().get(id) + then, form);
        });
    }

    static Stream<Command> commands() {
        Command event = command("/events", "eventId", "what", "fall", "on", TODAY, "words", "slipped");
        Command narrowing = command("/narrowings", "narrowingId", "what", "BARS:quad-set", "narrowWhy", "sore on top");
        Command reading = command(
                "/readings",
                "readingId",
                "measure",
                "pain-during",
                "said",
                "3",
                "side",
                "LEFT",
                "mode",
                "ACTIVE",
                "measuredOn",
                TODAY,
                "strict",
                "true");
        Command set = command("/sets", "entryId", "role", "quad-set/operated", "amount", "10", "pain", "1");
        Command order = new Command("/orders", HalfWrittenTest::order);
        Command booking = new Command("/today/appointments", HalfWrittenTest::booking);
        Command hold = command("/holds", "holdId", "why", "wound draining", "reviewOn", "2031-04-05");
        return Stream.of(
                new Command(
                        "/courses",
                        visit -> new Sent("/courses", Referring.form("Halved Person", "HW-" + UUID.randomUUID(), 20))),
                command(
                        "/readings",
                        "readingId",
                        "measure",
                        "range.KNEE_FLEXION",
                        "said",
                        "0-0-90",
                        "side",
                        "LEFT",
                        "mode",
                        "PASSIVE",
                        "measuredOn",
                        TODAY,
                        "strict",
                        "true"),
                command("/check-in", "checkInId", "painNow", "1", "swelling", "NONE", "asked", "true"),
                command(
                        "/check-in",
                        "checkInId",
                        "painNow",
                        "1",
                        "swelling",
                        "NONE",
                        "asked",
                        "true",
                        "flag",
                        "breathless"),
                command(
                        "/sets",
                        "entryId",
                        "role",
                        "quad-set/operated",
                        "amount",
                        "10",
                        "pain",
                        "1",
                        "asked",
                        "3 x 10"),
                command("/messages", "messageId", "words", "Stiff at five weeks. What now?"),
                command("/end", "ignored", "endedOn", TODAY, "endWhy", "moved away"),
                command("/plan/changes", "changeId", "kind", "REMOVE", "role", "quad-set/operated"),
                event,
                on(event, "eventId", "/looked", "on", TODAY, "found", "stable, no swelling"),
                on(event, "eventId", "/withdrawal", "why", "wrong patient"),
                narrowing,
                on(narrowing, "narrowingId", "/withdrawal", "why", "calm again"),
                hold,
                on(hold, "holdId", "/end", "why", "dry for two days"),
                command("/stops", "entryId", "role", "quad-set/operated", "why", "sharp or shooting pain"),
                command("/plan", "blockId", "beginsOn", TODAY, "weeks", "3", "role", "quad-set/operated"),
                order,
                on(order, "orderId", "/withdrawal", "why", "said otherwise"),
                new Command("/readings/correction", visit -> corrected(visit, reading)),
                on(set, "entryId", "/withdraw", "role", "quad-set/operated"),
                booking,
                new Command(
                        "/teach-back",
                        visit -> new Sent(
                                visit.path() + "/teach-back",
                                form(
                                        "teachId",
                                        "rule",
                                        Working.hidden(visit.get("/teach-back"), "rule"),
                                        "said",
                                        "true"))),
                new Command("/notes/countersign", HalfWrittenTest::countersign),
                new Command("/wrap-up", HalfWrittenTest::wrapUp));
    }

    /** The first limit that can be ordered otherwise, lifted. */
    private static Sent order(Working visit) {
        Matcher limit = Pattern.compile("value=\"(LIMIT:[a-z0-9.-]+)\"").matcher(visit.get("/what-if"));
        assertThat(limit.find()).isTrue();
        return new Sent(
                visit.path() + "/orders",
                form("orderId", "what", limit.group(1), "allow", "free", "words", "May begin now."));
    }

    private static Sent corrected(Working visit, Command reading) {
        Sent before = reading.sent.apply(visit);
        assertThat(visit.post(before.path().substring(visit.path().length()), before.form())
                        .status())
                .isEqualTo(302);
        Matcher kept = Pattern.compile("/readings/([0-9a-f-]{36})/correction").matcher(visit.get("/measures/readings"));
        assertThat(kept.find()).isTrue();
        return new Sent(
                visit.path() + "/readings/" + kept.group(1) + "/correction", Map.of("said", "4", "why", "misread"));
    }

    private static Sent booking(Working visit) {
        return new Sent(
                "/today/appointments",
                form("appointmentId", "courseId", courseId(visit), "date", "2031-04-08", "time", "10:00"));
    }

    private static String courseId(Working visit) {
        return visit.path().substring("/courses/".length());
    }

    /** The countersignature of a note that an assistant handed in. */
    private static Sent countersign(Working visit) {
        Visitor assistant = Visitor.signedIn("assistant");
        assertThat(assistant
                        .post(visit.path() + "/wrap-up", wrapUp(visit).form())
                        .status())
                .isEqualTo(302);
        Matcher note = Pattern.compile("/notes/([0-9a-f-]{36})").matcher(visit.get("/wrap-up"));
        assertThat(note.find()).isTrue();
        return new Sent(visit.path() + "/notes/" + note.group(1) + "/countersign", Map.of());
    }

    /** The note with the next visit booked. */
    private static Sent wrapUp(Working visit) {
        visit.checkedIn();
        visit.log(visit.set("heel-slide/operated", 10, 1));
        String page = visit.get("/wrap-up");
        return new Sent(
                visit.path() + "/wrap-up",
                new HashMap<>(Map.of(
                        "noteId", Working.hidden(page, "noteId"),
                        "shown", Working.hidden(page, "shown"),
                        "ownWords", "As it should be.",
                        "painNow", "1",
                        "nextOn", "2031-04-07",
                        "nextAt", "10:00")));
    }

    @ParameterizedTest
    @MethodSource("commands")
    void aFailingHalfLeavesNoHalf(Command command) {
        Sent whole = command.sent.apply(Working.on(THERAPIST, 52));
        String token = THERAPIST.get("/session/token").body();
        int writes = WRITES.during(() -> assertThat(post(whole, token)).isEqualTo(302));
        assertThat(writes).isPositive();

        Sent halved = command.sent.apply(Working.on(THERAPIST, 52));
        Map<String, Long> before = rows();
        WRITES.at(writes, () -> assertThat(post(halved, token)).isEqualTo(500));

        assertThat(rows()).isEqualTo(before);
        assertThat(post(halved, token)).isEqualTo(302);
        assertThat(rows()).isNotEqualTo(before);
        System.out.println("writes of POST " + command + " " + writes);
    }

    private static int post(Sent sent, String token) {
        Map<String, String> form = new HashMap<>(sent.form());
        form.put("_csrf", token);
        return THERAPIST.postAsIs(sent.path(), form).status();
    }

    /** How many rows each table of the record has. */
    private Map<String, Long> rows() {
        Map<String, Long> rows = new LinkedHashMap<>();
        jdbc.queryForList("""
                        select relname from pg_class
                         where relkind = 'r' and relnamespace = 'public'::regnamespace
                           and relname not like 'spring_session%'
                           and relname not in ('read_log', 'flyway_schema_history')
                           and has_table_privilege(oid, 'select')
                        """, String.class)
                .forEach(table -> rows.put(table, jdbc.queryForObject("select count(*) from " + table, Long.class)));
        return rows;
    }
}
