package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.testing.Routes;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** An id in an address or a query that is another patient's, or of another clinic, shows nothing of them on one's own course. */
@Tag("slow")
class QueryIdsTest {

    private static final String NEIGHBOUR = "Neighbour Quillfeather";
    private static final String FOREIGN = "Foreign Quillfeather";

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private UUID named(Visitor visitor, String name) {
        UUID course = Working.on(visitor, 52).id();
        jdbc.update(
                "update patient set name = ? where id = (select patient_id from course where id = ?)", name, course);
        return course;
    }

    /** Every id of every row that belongs to a course, and its patient's. */
    private List<String> ids(UUID course) {
        List<String> tables = jdbc.queryForList("""
                select c.table_name from information_schema.columns c
                  join information_schema.columns i on i.table_name = c.table_name and i.column_name = 'id'
                 where c.table_schema = 'public' and c.column_name = 'course_id' and c.table_name <> 'read_log'
                 order by 1
                """, String.class);
        String all = String.join(
                " union ",
                tables.stream()
                        .map(table -> "select id::text from " + table + " where course_id = '" + course + "'")
                        .toList());
        return jdbc.queryForList(
                all + " union select '" + course + "' union select patient_id::text from course where id = '" + course
                        + "'",
                String.class);
    }

    @Test
    void showNothingOfAnotherPatient() {
        Visitor therapist = Visitor.signedIn("therapist");
        UUID own = Working.on(therapist, 52).id();
        UUID neighbour = named(therapist, NEIGHBOUR);
        UUID foreign = named(Visitor.signedIn("upriver"), FOREIGN);
        List<String> strange = List.of(neighbour, foreign).stream()
                .flatMap(course -> ids(course).stream())
                .toList();
        int asked = 0;
        for (Routes.Route route : Routes.all()) {
            if (route.method() == RequestMethod.GET && route.path().startsWith("/courses/{id}")) {
                for (String id : strange) {
                    shown(therapist, route.on(own, own).replaceAll("(?<!/courses)/[0-9a-f-]{36}", "/" + id));
                    for (String field : route.fields()) {
                        shown(therapist, route.on(own, own) + "?" + field + "=" + id);
                        asked++;
                    }
                }
            }
        }

        assertThat(strange).hasSizeGreaterThanOrEqualTo(8);
        assertThat(asked).isGreaterThan(100);
    }

    private static void shown(Visitor therapist, String address) {
        Visitor.Answer answer = therapist.get(address);

        assertThat(answer.status()).as(address).isLessThan(500);
        assertThat(answer.body()).as(address).doesNotContain("Quillfeather");
    }
}
