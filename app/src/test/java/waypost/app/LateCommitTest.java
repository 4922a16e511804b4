package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.account.Staff;
import waypost.app.store.CourseLoader;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.Reading;

/**
 * Two write at once, and the one who began first is done last: what was kept of the course in between must not hide it.
 */
@Tag("served")
class LateCommitTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");

    private final RunningWaypost waypost = RunningWaypost.get();
    private final Staff staff = waypost.staff("therapist");
    private final UUID course = newCourse();

    private static UUID newCourse() {
        Map<String, String> form = Referring.form("Late Commit", "LC-" + UUID.randomUUID(), 60);
        assertThat(THERAPIST.post("/courses", form).status()).isEqualTo(302);
        return UUID.fromString(form.get("courseId"));
    }

    /** A connection that writes and has not committed yet. */
    private Connection writing(String sql) throws SQLException {
        Connection connection = waypost.bean(DataSource.class).getConnection();
        connection.setAutoCommit(false);
        try (PreparedStatement insert = connection.prepareStatement(sql)) {
            insert.setObject(1, UUID.randomUUID());
            insert.setObject(2, course);
            insert.setObject(3, staff.id());
            insert.executeUpdate();
        }
        return connection;
    }

    private static String set(int amount) {
        return "insert into set_done (id, course_id, entered_by, done_on, role, amount, pain, form, device, device_nth, done_at)"
                + " values (?, ?, ?, date '2031-04-03', 'heel-slide/operated', " + amount
                + ", 1, 'GOOD', 'desk', 1, timestamptz '2031-04-03 10:00:00Z')";
    }

    private static String reading(int day, int value) {
        return "insert into reading (id, course_id, entered_by, measure, side, mode, value, measured_on, strict, entered_at)"
                + " values (?, ?, ?, 'knee-flexion', 'LEFT', 'PASSIVE', " + value + ", date '2031-04-0" + day
                + "', true, now())";
    }

    private List<Integer> sets() {
        return waypost.bean(WorkStore.class).sets(course).stream()
                .map(SetRow::amount)
                .toList();
    }

    private List<Double> bends() {
        return waypost
                .bean(CourseLoader.class)
                .load(staff.clinicId(), course)
                .course()
                .history()
                .readings()
                .strict("knee-flexion", Side.LEFT, Mode.PASSIVE)
                .stream()
                .map(Reading::amount)
                .map(amount -> amount.value())
                .toList();
    }

    @Test
    void aSetThatWasBegunFirstAndWrittenLastIsSeen() throws SQLException {
        assertThat(sets()).isEmpty();
        try (Connection first = writing(set(11));
                Connection second = writing(set(12))) {
            second.commit();
            assertThat(sets()).containsExactly(12);
            first.commit();
            assertThat(sets()).containsExactlyInAnyOrder(11, 12);
        }
    }

    @Test
    void aReadingThatWasBegunFirstAndWrittenLastIsSeen() throws SQLException {
        assertThat(bends()).isEmpty();
        try (Connection first = writing(reading(1, 70));
                Connection second = writing(reading(2, 95))) {
            second.commit();
            assertThat(bends()).containsExactly(95.0);
            first.commit();
            assertThat(bends()).containsExactly(70.0, 95.0);
        }
    }

    @Test
    void aSetThatWasTakenBackIsGone() throws SQLException {
        try (Connection one = writing(set(11))) {
            one.commit();
        }
        SetRow kept = waypost.bean(WorkStore.class).sets(course).get(0);
        THERAPIST.post(
                "/courses/" + course + "/sets/" + kept.id() + "/withdraw", Map.of("role", "heel-slide/operated"));
        assertThat(sets()).isEmpty();
    }
}
