package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import waypost.app.account.Staff;
import waypost.app.event.Events;
import waypost.app.store.CourseLoader;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** What a request saw of a write is forgotten when the write is rolled back. */
@Tag("served")
class RolledBackTest {

    private final RunningWaypost waypost = RunningWaypost.get();

    @AfterEach
    void endTheRequest() {
        RequestContextHolder.resetRequestAttributes();
    }

    @Test
    void aRequestDoesNotShowWhatWasRolledBack() {
        Map<String, String> form = Referring.form("Undone Person", "RB-" + UUID.randomUUID(), 50);
        Visitor.signedIn("therapist").post("/courses", form);
        UUID course = UUID.fromString(form.get("courseId"));
        Staff therapist = waypost.staff("therapist");
        CourseLoader loader = waypost.bean(CourseLoader.class);
        Events.Told fall = new Events.Told(
                UUID.randomUUID().toString(), "fall", RunningWaypost.TODAY.toString(), "slipped on wet stairs");
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(new MockHttpServletRequest()));

        new TransactionTemplate(waypost.bean(PlatformTransactionManager.class)).executeWithoutResult(transaction -> {
            waypost.bean(Events.class).keep(therapist, course, fall);
            assertThat(loader.load(therapist.clinicId(), course).events()).hasSize(1);
            transaction.setRollbackOnly();
        });

        assertThat(loader.load(therapist.clinicId(), course).events()).isEmpty();
    }
}
