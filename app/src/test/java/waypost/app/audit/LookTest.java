package waypost.app.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import waypost.app.account.StaffRole;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.NewAccount;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Every page that shows a patient notes the look, once it is allowed and never otherwise; a lead sees who looked. */
@Tag("served")
class LookTest {

    private static final String NAME = "looking.one";
    private static final UUID FOREIGN = DemoCourses.of("Ottoline Brandreth");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    private static Visitor looker;
    private static Working own;

    @BeforeAll
    static void begin() {
        NewAccount.named(NAME, StaffRole.THERAPIST);
        looker = Visitor.signedIn(NAME);
        own = Working.on(Visitor.signedIn("therapist"), 52);
    }

    private long looks(UUID course) {
        return jdbc.queryForObject(
                "select count(*) from read_log l join account a on a.id = l.account_id"
                        + " where a.sign_in_name = ? and l.course_id = ?",
                Long.class,
                NAME,
                course);
    }

    private static List<String> pages() {
        return RunningWaypost.get()
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .filter(info -> info.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                .flatMap(info -> info.getPatternValues().stream())
                .filter(path -> path.startsWith("/courses/{id}"))
                .sorted()
                .toList();
    }

    private static String filled(String path, UUID course) {
        return path.replace("{id}", course.toString())
                .replace("{activity}", "quad-set")
                .replace("{role}", "operated")
                .replace("{noteId}", UUID.randomUUID().toString())
                .replace("{reportId}", UUID.randomUUID().toString());
    }

    @ParameterizedTest
    @MethodSource("pages")
    void notesTheLookAndNoFalseOne(String path) {
        long before = looks(own.id());
        Visitor.Answer answer = looker.get(filled(path, own.id()));
        assertThat(looks(own.id()) - before)
                .as("looks noted by %s, answer %s", path, answer.status())
                .isEqualTo(answer.status() == 200 ? 1 : 0);

        Visitor upriver = Visitor.signedIn("upriver");
        long foreignBefore = all();
        Visitor.Answer foreign = upriver.get(filled(path, FOREIGN));
        Visitor.Answer unknown = upriver.get(filled(path, UUID.randomUUID()));
        assertThat(foreign.status()).isEqualTo(404);
        assertThat(foreign.body().replaceAll("value=\"[^\"]*\"", ""))
                .isEqualTo(unknown.body().replaceAll("value=\"[^\"]*\"", ""));
        assertThat(all()).isEqualTo(foreignBefore);
    }

    private long all() {
        return jdbc.queryForObject("select count(*) from read_log", Long.class);
    }

    @Test
    void whoeverIsFoundIsLookedAt() {
        looker.post("/finder", Map.of("wanted", "Ottoline"));

        assertThat(looks(FOREIGN)).isEqualTo(1);
    }

    @Test
    void aLeadSeesFiltersAndTakesAwayWhoLooked() {
        looker.get("/courses/" + own.id() + "/milestones");
        Visitor lead = Visitor.signedIn("lead");

        assertThat(lead.get("/clinic/looks").body()).contains("Owner of " + NAME, "milestones");
        Map<String, String> asked = Map.of("who", "of " + NAME, "patient", "working", "from", "2020-01-01");
        assertThat(lead.post("/clinic/looks", asked).body()).contains("Working Person");
        assertThat(lead.post("/clinic/looks", Map.of("who", NAME, "patient", "Nobody%"))
                        .body())
                .contains("No look fits this.");
        assertThat(lead.post("/clinic/looks", Map.of("to", "2020-01-01")).body())
                .contains("No look fits this.");
        assertThat(lead.post("/clinic/looks", Map.of("from", "soon")).body()).contains("allowed: a date such as");
        assertThat(lead.post("/clinic/looks/file", asked).body())
                .startsWith("time,who,role,patient,number,place")
                .contains("Owner of " + NAME + ",therapist,Working Person,");
    }

    @Test
    void nobodyElseSeesWhoLooked() {
        for (String name : List.of("therapist", "assistant", "surgeon", "admin")) {
            assertThat(Visitor.signedIn(name).get("/clinic/looks").status())
                    .as(name)
                    .isEqualTo(403);
        }
        assertThat(jdbc.queryForObject("select count(distinct clinic_id) from read_log", Long.class))
                .isGreaterThanOrEqualTo(1);
    }
}
