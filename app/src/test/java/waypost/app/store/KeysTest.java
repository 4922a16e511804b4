package waypost.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import waypost.app.testing.RunningWaypost;

/** Every row belongs to one clinic by keys alone, and is looked for by its clinic or its course: a clinic can live anywhere. */
@Tag("served")
class KeysTest {

    /** What is of no clinic, and why. */
    private static final Map<String, String> SHARED = Map.of(
            "clinic", "is the clinic",
            "bundle", "content as it ships",
            "bundle_file", "content as it ships",
            "spring_session", "an instance's and its sign-in's",
            "spring_session_attributes", "an instance's and its sign-in's",
            "sign_in_bucket", "tries at names that may be nobody's",
            "sign_in_event", "tries at names that may be nobody's",
            "invitation", "the first start makes the clinic",
            "demo_data", "one row of the demo",
            "flyway_schema_history", "the tables' own history");

    /** By which a row is found: its clinic, its course, or what belongs to one of them alone. */
    private static final Set<String> OWNERS = Set.of(
            "set_id",
            "clinic_id",
            "course_id",
            "patient_id",
            "account_id",
            "block_id",
            "order_id",
            "note_id",
            "paper_id",
            "report_id",
            "hold_id",
            "event_id");

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    @Test
    void everyTableLeadsToOneClinicByKeysThatAreNeverEmpty() {
        List<String> astray = jdbc.queryForList("""
                with recursive leads(name) as (
                    select 'clinic'::name
                    union
                    select t.relname
                      from leads
                      join pg_class owner on owner.relname = leads.name and owner.relkind = 'r'
                      join pg_constraint k on k.confrelid = owner.oid and k.contype = 'f'
                      join pg_class t on t.oid = k.conrelid
                     where not exists (select 1 from unnest(k.conkey) c
                                       join pg_attribute a on a.attrelid = t.oid and a.attnum = c
                                      where not a.attnotnull
                                         or a.attname in ('entered_by', 'written_by', 'signed_by', 'created_by', 'changed_by')))
                select relname from pg_class
                 where relkind = 'r' and relnamespace = 'public'::regnamespace and relname not in (select name from leads)
                """, String.class);

        assertThat(astray).isSubsetOf(SHARED.keySet());
    }

    @Test
    void everyIndexBeginsWithTheClinicTheCourseOrWhatIsTheirs() {
        List<Map<String, Object>> indexes = jdbc.queryForList("""
                select t.relname as of, i.relname as name, a.attname as first, x.indisunique as one
                  from pg_index x
                  join pg_class i on i.oid = x.indexrelid
                  join pg_class t on t.oid = x.indrelid and t.relnamespace = 'public'::regnamespace
                  join pg_attribute a on a.attrelid = t.oid and a.attnum = x.indkey[0]
                """);

        // A unique key may begin with the row's own id, or that of the row it follows, or with the hash of a secret
        // that
        // a patient's telephone brings; nothing else is looked for across clinics.
        assertThat(indexes)
                .filteredOn(index -> !SHARED.containsKey(index.get("of")))
                .filteredOn(index -> !OWNERS.contains(index.get("first")))
                .filteredOn(index -> !((boolean) index.get("one")
                        && Set.of("id", "replaces", "amends", "sign_in_name", "secret_hash", "token_hash")
                                .contains(index.get("first"))))
                .isEmpty();
    }

    @Test
    void aRowThatFollowsAnotherFollowsOneOfItsOwnCourse() {
        List<String> loose = jdbc.queryForList("""
                select t.relname || '.' || a.attname
                  from pg_attribute a join pg_class t on t.oid = a.attrelid and t.relkind = 'r'
                 where t.relnamespace = 'public'::regnamespace and a.attname in ('replaces', 'amends')
                   and not exists (select 1 from pg_constraint k
                                    where k.conrelid = t.oid and k.contype = 'f' and a.attnum = any (k.conkey)
                                      and cardinality(k.conkey) = 2)
                """, String.class);

        assertThat(loose).isEmpty();
    }
}
