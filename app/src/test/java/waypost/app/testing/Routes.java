package waypost.app.testing;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every way into the application, as its own mapping tells them: none can be forgotten. */
public final class Routes {

    private Routes() {}

    /** One of them. */
    public record Route(RequestMethod method, String path) {

        @Override
        public String toString() {
            return method + " " + path;
        }

        /** Its address on a course, with ids that are nobody's in the other places. */
        public String on(UUID course, UUID appointment) {
            return path.replace("{id}", (path.startsWith("/today") ? appointment : course).toString())
                    .replace("{activity}", "quad-set")
                    .replace("{role}", "operated")
                    .replace("{measure}", "knee-flexion")
                    .replace("{calculator}", "torque")
                    .replace("{name}", "no-such-instrument")
                    .replace("{handle}", "no-such-handle")
                    .replace("{secret}", "no-such-secret")
                    .replaceAll("\\{[a-zA-Z]+Id}", UUID.randomUUID().toString());
        }
    }

    /** Fields enough for every form, about this course. */
    public static Map<String, String> anything(UUID course) {
        return Map.ofEntries(
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
                Map.entry("courseId", course.toString()));
    }

    /** All of the application's own, in order. */
    public static List<Route> all() {
        return RunningWaypost.get()
                .bean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()
                .stream()
                .flatMap(info -> info.getPatternValues().stream()
                        .flatMap(path -> info.getMethodsCondition().getMethods().stream()
                                .map(method -> new Route(method, path))))
                .filter(route -> !route.path().startsWith("/demo"))
                .sorted(Comparator.comparing(Route::path).thenComparing(Route::method))
                .toList();
    }
}
