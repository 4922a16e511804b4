package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.IThrowableProxy;
import ch.qos.logback.core.read.ListAppender;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.testing.Referring;
import waypost.app.testing.Routes;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** Nothing that was typed about a patient comes into a log, ours or the database's, whatever goes wrong with it. */
@Tag("slow")
class LogsTest {

    private static final String MARK = "Zebulon-Marksman";

    private final ListAppender<ILoggingEvent> log = new ListAppender<>();
    private final Logger root = (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);

    @BeforeEach
    void listen() {
        RunningWaypost.get();
        log.start();
        root.addAppender(log);
    }

    @AfterEach
    void stop() {
        root.detachAppender(log);
    }

    private static String whole(ILoggingEvent event) {
        return event.getFormattedMessage() + messages(event.getThrowableProxy());
    }

    private static String messages(IThrowableProxy thrown) {
        return thrown == null ? "" : " " + thrown.getMessage() + messages(thrown.getCause());
    }

    private static Stream<Map<String, String>> marked(UUID course) {
        Map<String, String> texts = new HashMap<>(Routes.anything(course));
        texts.replaceAll((field, value) -> field.endsWith("Id") ? value : MARK);
        Map<String, String> all = new HashMap<>(Routes.anything(course));
        all.replaceAll((field, value) -> MARK);
        Map<String, String> named = new HashMap<>(Routes.anything(course));
        for (String field :
                List.of("why", "words", "saidBy", "ownWords", "response", "patientName", "patient", "wanted")) {
            named.put(field, MARK.repeat(field.equals("why") ? 40 : 1));
        }
        return Stream.of(texts, all, named);
    }

    @Test
    void holdNothingThatWasTyped() throws IOException {
        Map<String, String> form = Referring.form(MARK, "LOG-1", 20);
        Visitor therapist = Visitor.signedIn("therapist");
        therapist.post("/courses", form);
        UUID course = UUID.fromString(form.get("courseId"));
        assertThat(therapist.get("/courses/" + course).body()).contains(MARK);
        Visitor lead = Visitor.signedIn("lead");
        for (Routes.Route route : Routes.all()) {
            String path = route.on(course, UUID.randomUUID());
            if (route.method() == RequestMethod.GET) {
                if (!path.contains("/live")) {
                    lead.get(path + "?on=" + MARK + "&measure=" + MARK + "&amends=" + MARK);
                    lead.get(path + "/" + MARK);
                }
            } else if (!path.endsWith("/close") && !path.contains("/account") && !path.contains("second-factor")) {
                marked(course).forEach(fields -> lead.post(path, fields));
            }
        }
        Visitor.stranger().post("/sign-in", Map.of("name", MARK, "password", MARK, "code", MARK));

        assertThat(log.list.stream().map(LogsTest::whole)).noneMatch(line -> line.contains(MARK));
        assertThat(Files.readString(Path.of(System.getenv("WAYPOST_DB_LOG")))).doesNotContain(MARK);
    }
}
