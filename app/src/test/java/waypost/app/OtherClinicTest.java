package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.Routes;
import waypost.app.testing.Routes.Route;
import waypost.app.testing.Visitor;

/** Another clinic's patient is not found on any route, whatever is posted; nor is anything without signing in. */
@Tag("served")
class OtherClinicTest {

    private static final UUID COURSE = DemoCourses.of("Ottoline Brandreth");
    private static final Map<String, String> ANYTHING = Routes.anything(COURSE);

    /** Every route of the application that names something by its id. */
    private static List<Route> routesWithIds() {
        return Routes.all().stream()
                .filter(route -> route.path().contains("{"))
                .filter(route -> !route.path().startsWith("/setup"))
                .filter(route -> !route.path().startsWith("/account"))
                .filter(route ->
                        !route.path().startsWith("/bench") || route.path().endsWith("/record"))
                .toList();
    }

    private static String filled(Route route) {
        return route.on(COURSE, APPOINTMENT);
    }

    private static final UUID APPOINTMENT = appointment();

    private static UUID appointment() {
        String today = Visitor.signedIn("therapist").get("/today").body();
        String marker = "/today/appointments/";
        int at = today.indexOf(marker) + marker.length();
        return UUID.fromString(today.substring(at, at + 36));
    }

    @Test
    void isNotFoundOnAnyRoute() {
        Visitor upriver = Visitor.signedIn("upriver");
        TreeSet<String> walked = new TreeSet<>();
        for (Route route : routesWithIds()) {
            String path = filled(route);
            Visitor.Answer answer =
                    route.method() == RequestMethod.GET ? upriver.get(path) : upriver.post(path, ANYTHING);
            assertThat(answer.status()).as(route + " " + answer.location()).isEqualTo(404);
            assertThat(answer.body()).doesNotContain("Ottoline");
            walked.add(route.toString());
        }
        assertThat(walked).hasSizeGreaterThanOrEqualTo(14);
    }

    @Test
    void isNotFoundWhenItsIdIsPostedToARouteWithoutOne() {
        Visitor upriver = Visitor.signedIn("upriver");

        assertThat(upriver.post("/today/appointments", ANYTHING).status()).isEqualTo(404);
        assertThat(upriver.post("/today/walk-in", ANYTHING).status()).isEqualTo(404);
        assertThat(upriver.post("/finder", Map.of("wanted", "Ottoline")).body()).contains("Nobody in this clinic");
    }

    /** Only a patient's calendar comes without signing in, and to a name that was never made there is nothing. */
    @Test
    void strangersAreSentToSignInOnEveryRoute() {
        for (Route route : routesWithIds()) {
            if (route.path().equals("/home/times/{feed}")) {
                assertThat(Visitor.stranger().get(filled(route)).status()).isEqualTo(404);
                continue;
            }
            Visitor.Answer answer = route.method() == RequestMethod.GET
                    ? Visitor.stranger().get(filled(route))
                    : Visitor.stranger().post(filled(route), ANYTHING);
            assertThat(answer.status()).as(route.toString()).isIn(302, 401);
            assertThat(answer.body()).doesNotContain("Ottoline");
        }
    }

    @Test
    void anAdministratorSeesNoPatientAndAnAssistantDoesNotSign() {
        assertThat(Visitor.signedIn("admin").get("/courses/" + COURSE).status()).isEqualTo(403);
        assertThat(Visitor.signedIn("admin").get("/clinic").status()).isEqualTo(200);
        assertThat(Visitor.signedIn("assistant")
                        .post("/courses/" + COURSE + "/advance", ANYTHING)
                        .status())
                .isEqualTo(403);
        assertThat(Visitor.signedIn("therapist").get("/clinic").status()).isEqualTo(403);
    }
}
