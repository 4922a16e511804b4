package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;

/** Whatever comes past a form, the database holds no day without end and no text without one. */
@Tag("served")
class BoundsTest {

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    @Test
    void everyTextAndEveryDayHasABound() {
        List<String> unbounded = jdbc.queryForList("""
                select c.table_name || '.' || c.column_name
                  from information_schema.columns c
                 where c.table_schema = 'public' and c.data_type in ('text', 'date', 'jsonb')
                   and c.table_name not like 'flyway%' and c.table_name not like 'spring%'
                   and not exists (
                       select 1 from pg_constraint k
                        where k.conrelid = (c.table_schema || '.' || c.table_name)::regclass and k.contype in ('c', 'f')
                          and pg_get_constraintdef(k.oid) ~ ('\\m' || c.column_name || '\\M'))
                """, String.class);

        assertThat(unbounded).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "insert into clinic (id, name, zone) values (gen_random_uuid(), repeat('x', 5000000), 'UTC')",
                "insert into clinic (id, name, zone) values (gen_random_uuid(), 'x', repeat('x', 5000))",
                "insert into reading (id, course_id, measure, side, mode, value, measured_on, strict, entered_by)"
                        + " select gen_random_uuid(), id, 'm', 'LEFT', 'ACTIVE', 1, date 'infinity', true, created_by"
                        + " from course limit 1",
                "insert into visit (id, course_id, visited_on, begun_by)"
                        + " select gen_random_uuid(), id, date '5000000-01-01', created_by from course limit 1",
                "insert into appointment (id, clinic_id, course_id, starts_at, state, changed_by)"
                        + " select gen_random_uuid(), clinic_id, id, 'infinity', 'BOOKED', created_by from course limit 1"
            })
    void refusesWhatIsOutOfThem(String statement) {
        assertThatThrownBy(() -> jdbc.execute(statement)).rootCause().hasMessageContaining("violates check constraint");
    }
}
