package waypost.app;

import java.util.Map;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.output.MigrateResult;

/**
 * Brings the tables to this version as their owner, and ends. It stands apart, so that the application that people reach
 * never holds the owner's password. Reads the environment that docs/running.md names.
 */
public final class Migrate {

    private Migrate() {}

    public static void main(String[] args) {
        Map<String, String> environment = System.getenv();
        MigrateResult done = Flyway.configure()
                .dataSource(
                        needed(environment, "WAYPOST_DB_URL"),
                        needed(environment, "WAYPOST_DB_OWNER"),
                        needed(environment, "WAYPOST_DB_OWNER_PASSWORD"))
                .placeholders(Map.of("app_role", needed(environment, "WAYPOST_DB_USER")))
                .initSql("set lock_timeout = '10s'; set statement_timeout = '10min'")
                .load()
                .migrate();
        System.out.println(
                done.migrationsExecuted == 0
                        ? "The tables are at version " + done.initialSchemaVersion + " already."
                        : "The tables are at version " + done.targetSchemaVersion + " now.");
    }

    private static String needed(Map<String, String> environment, String name) {
        String value = environment.get(name);
        if (value == null || value.isBlank()) {
            throw new IllegalStateException(
                    "Found no " + name + " in the environment; docs/running.md says what it is.");
        }
        return value;
    }
}
