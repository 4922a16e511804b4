package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** An id in a form that is of another patient's course, or of another clinic's, writes nothing there. */
@Tag("slow")
class IdsOfOthersTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor UPRIVER = Visitor.signedIn("upriver");

    /** Fields by which a form may name something that is there already. */
    private static final List<String> NAMING =
            List.of("courseId", "replaces", "amends", "revises", "beside", "holdId", "orderId", "eventId", "readingId");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    static Stream<HalfWrittenTest.Command> commands() {
        return Stream.concat(
                HalfWrittenTest.commands(),
                Stream.of(new HalfWrittenTest.Command("/referral", IdsOfOthersTest::referral)));
    }

    private static HalfWrittenTest.Sent referral(Working visit) {
        String page = visit.get("/referral");
        Map<String, String> form = Referring.form("Working Person", "x", 52);
        List.of("courseId", "replaces").forEach(name -> form.put(name, Working.hidden(page, name)));
        String number = page.replaceAll("(?s).*name=\"number\"[^>]*value=\"([^\"]*)\".*", "$1");
        form.put("number", number);
        form.put("why", "corrected operation note");
        form.put("answer.meniscus-repair", "vertical");
        return new HalfWrittenTest.Sent(visit.path() + "/referral", form);
    }

    @ParameterizedTest
    @MethodSource("commands")
    void writeNothingToAnotherPatientOrAnotherClinic(HalfWrittenTest.Command command) {
        Working neighbour = Working.on(THERAPIST, 52);
        HalfWrittenTest.Sent theirs = command.sent().apply(neighbour);
        assertThat(THERAPIST.post(theirs.path(), theirs.form()).status()).isEqualTo(302);
        Working foreign = Working.on(UPRIVER, 52);
        String neighbourBefore = content(neighbour.id());
        String foreignBefore = content(foreign.id());

        HalfWrittenTest.Sent own = command.sent().apply(Working.on(THERAPIST, 52));
        Stream.concat(
                        NAMING.stream(),
                        own.form().keySet().stream()
                                .filter(field -> isId(own.form().get(field))))
                .distinct()
                .forEach(field -> Stream.of(
                                theirs.form().getOrDefault(field, ""),
                                neighbour.id().toString(),
                                foreign.id().toString(),
                                statement(neighbour.id()),
                                statement(foreign.id()))
                        .filter(IdsOfOthersTest::isId)
                        .filter(id -> !isBookedFor(neighbour, own, field, id))
                        .forEach(id -> {
                            Map<String, String> bent = new HashMap<>(own.form());
                            bent.put(field, id);
                            Visitor.Answer answer = THERAPIST.post(own.path(), bent);
                            assertThat(answer.status())
                                    .as(command + " " + field)
                                    .isLessThan(500);
                            assertThat(content(neighbour.id()))
                                    .as("%s with a neighbour's %s, answered %s", command, field, answer.status())
                                    .isEqualTo(neighbourBefore);
                            assertThat(content(foreign.id()))
                                    .as("%s with another clinic's %s, answered %s", command, field, answer.status())
                                    .isEqualTo(foreignBefore);
                        }));
    }

    /** Whoever works in a clinic books for any of its patients. */
    private static boolean isBookedFor(Working neighbour, HalfWrittenTest.Sent own, String field, String id) {
        return own.path().startsWith("/today")
                && field.equals("courseId")
                && id.equals(neighbour.id().toString());
    }

    private static boolean isId(String text) {
        return text.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    }

    private String statement(UUID course) {
        return jdbc.queryForObject(
                "select id::text from statement s where course_id = ?::uuid and not exists"
                        + " (select 1 from statement later where later.replaces = s.id)",
                String.class,
                course);
    }

    /** Every row of a course, and its patient's. */
    private String content(UUID course) {
        List<String> tables = jdbc.queryForList("""
                select table_name from information_schema.columns
                 where table_schema = 'public' and column_name = 'course_id' and table_name <> 'read_log'
                 order by table_name
                """, String.class);
        StringBuilder content = new StringBuilder(jdbc.queryForObject(
                "select p::text from patient p join course c on c.patient_id = p.id where c.id = ?",
                String.class,
                course));
        for (String table : tables) {
            content.append(table)
                    .append(jdbc.queryForObject(
                            "select coalesce(string_agg(t::text, '|' order by t::text), '') from " + table
                                    + " t where course_id = ?",
                            String.class,
                            course));
        }
        return content.toString();
    }
}
