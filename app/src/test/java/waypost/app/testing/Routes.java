package waypost.app.testing;

import java.beans.PropertyDescriptor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.BeanUtils;
import org.springframework.core.DefaultParameterNameDiscoverer;
import org.springframework.core.MethodParameter;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every way into the application, as its own mapping tells them: none can be forgotten. */
public final class Routes {

    private Routes() {}

    /**
     * One of them.
     *
     * @param fields the names of what its handler reads from a form or query
     */
    public record Route(RequestMethod method, String path, List<String> fields) {

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
                    .replace("{feed}", "no-such-feed")
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
                .entrySet()
                .stream()
                .flatMap(entry -> entry.getKey().getPatternValues().stream()
                        .flatMap(path -> entry.getKey().getMethodsCondition().getMethods().stream()
                                .map(method -> new Route(method, path, fields(entry.getValue())))))
                .filter(route -> !route.path().startsWith("/demo"))
                .sorted(Comparator.comparing(Route::path).thenComparing(Route::method))
                .toList();
    }

    /** The names of what a handler reads from a form or query. */
    private static List<String> fields(HandlerMethod handler) {
        List<String> fields = new ArrayList<>();
        for (MethodParameter parameter : handler.getMethodParameters()) {
            parameter.initParameterNameDiscovery(new DefaultParameterNameDiscoverer());
            RequestParam asked = parameter.getParameterAnnotation(RequestParam.class);
            if (asked != null) {
                fields.add(asked.value().isEmpty() ? parameter.getParameterName() : asked.value());
            } else if (!parameter.hasParameterAnnotation(AuthenticationPrincipal.class)
                    && parameter.getParameterType().getName().startsWith("waypost.")) {
                Stream.of(BeanUtils.getPropertyDescriptors(parameter.getParameterType()))
                        .map(PropertyDescriptor::getName)
                        .filter(name -> !name.equals("class"))
                        .forEach(fields::add);
                Optional.ofNullable(parameter.getParameterType().getRecordComponents())
                        .ifPresent(components -> Stream.of(components)
                                .map(RecordComponent::getName)
                                .forEach(fields::add));
            }
        }
        return fields.stream().distinct().toList();
    }
}
