package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Another clinic's patient is not found on any route, whatever is posted; nor is anything without signing in. */
class OtherClinicTest {

    private static final UUID COURSE = DemoCourses.of("Ottoline Brandreth");
    private static final Map<String, String> ANYTHING = Map.ofEntries(
            Map.entry("phase", "load"),
            Map.entry("shown", "x"),
            Map.entry("why", "because of this"),
            Map.entry("reviewOn", "2031-05-01"),
            Map.entry("holdId", UUID.randomUUID().toString()),
            Map.entry("attestationId", UUID.randomUUID().toString()),
            Map.entry("said", "0-0-120"),
            Map.entry("measure", "range.KNEE_FLEXION"),
            Map.entry("readingId", UUID.randomUUID().toString()),
            Map.entry("messageId", UUID.randomUUID().toString()),
            Map.entry("side", "RIGHT"),
            Map.entry("mode", "PASSIVE"),
            Map.entry("measuredOn", "2031-04-01"),
            Map.entry("version", "0"),
            Map.entry("state", "ARRIVED"),
            Map.entry("date", "2031-05-05"),
            Map.entry("time", "10:00"),
            Map.entry("appointmentId", UUID.randomUUID().toString()),
            Map.entry("courseId", COURSE.toString()));

    private record Route(RequestMethod method, String path) {}

    /** Every route of the application that names something by its id. */
    private static List<Route> routesWithIds() {
        return RunningWaypost.get()
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .flatMap(info -> routes(info).stream())
                .filter(route -> route.path().contains("{") && !route.path().startsWith("/setup"))
                .filter(route -> !route.path().startsWith("/account"))
                .filter(route ->
                        !route.path().startsWith("/bench") || route.path().endsWith("/record"))
                .toList();
    }

    private static List<Route> routes(RequestMappingInfo info) {
        return info.getPatternValues().stream()
                .flatMap(
                        path -> info.getMethodsCondition().getMethods().stream().map(m -> new Route(m, path)))
                .toList();
    }

    private static String filled(String path) {
        return path.replace("{id}", (path.startsWith("/today") ? appointment() : COURSE).toString())
                .replace("{activity}", "quad-set")
                .replace("{role}", "operated")
                .replace("{measure}", "knee-flexion")
                .replace("{calculator}", "torque")
                .replace("{name}", "no-such-instrument")
                .replaceAll("\\{[a-zA-Z]+Id}", UUID.randomUUID().toString());
    }

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
            String path = filled(route.path());
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

    @Test
    void strangersAreSentToSignInOnEveryRoute() {
        for (Route route : routesWithIds()) {
            Visitor.Answer answer = route.method() == RequestMethod.GET
                    ? Visitor.stranger().get(filled(route.path()))
                    : Visitor.stranger().post(filled(route.path()), ANYTHING);
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
