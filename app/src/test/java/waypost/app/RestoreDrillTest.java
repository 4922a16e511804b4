package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.util.FileSystemUtils;
import waypost.app.testing.Referring;
import waypost.app.testing.SecondWaypost;
import waypost.app.testing.Shell;
import waypost.app.testing.Visitor;

/** The drill: back up while people work, lose everything, bring it back to the moment; and what a thief has of it. */
@Tag("slow")
class RestoreDrillTest {

    private static final int PAGES = 20;

    private static Path folder;
    private static final Map<String, String> SETTINGS = new HashMap<>();

    @BeforeAll
    static void begin() throws IOException {
        folder = Files.createTempDirectory(Path.of("/tmp"), "waypost-drill");
        Files.setPosixFilePermissions(folder, java.nio.file.attribute.PosixFilePermissions.fromString("rwxr-xr-x"));
        SETTINGS.put("WAYPOST_BACKUP_DIR", folder.resolve("kept").toString());
        String key = Shell.run(
                        "need_tools postgres age >/dev/null; age-keygen -o " + folder + "/key 2>/dev/null;"
                                + " age-keygen -o " + folder + "/other 2>/dev/null; age-keygen -y " + folder + "/key",
                        Map.of())
                .orFail()
                .strip();
        SETTINGS.put("WAYPOST_BACKUP_KEY", key.substring(key.lastIndexOf('\n') + 1));
        String started = Shell.run(
                        "database_forget drill >/dev/null; mkdir -p $WAYPOST_BACKUP_DIR;"
                                + " [ \"$(id -u)\" -ne 0 ] || chown postgres $WAYPOST_BACKUP_DIR;"
                                + " database_start drill \"$(archive_settings $WAYPOST_BACKUP_DIR $WAYPOST_BACKUP_KEY)\" >/dev/null;"
                                + " database_ensure waypost; echo \"$DATABASE_PORT $DATABASE_PASSWORD\"",
                        SETTINGS)
                .orFail()
                .strip();
        String[] told = started.substring(started.lastIndexOf('\n') + 1).split(" ");
        SETTINGS.put("port", told[0]);
        SETTINGS.put("password", told[1]);
        SETTINGS.put(
                "WAYPOST_BACKUP_DB",
                "postgresql://waypost_owner:" + SETTINGS.get("password") + "@127.0.0.1:" + SETTINGS.get("port")
                        + "/postgres");
    }

    @AfterAll
    static void end() throws IOException {
        Shell.run("database_forget drill", Map.of());
        Shell.run("as_postgres $(postgres_bin)/pg_ctl -D " + folder + "/back/data -m fast -w stop || true", Map.of());
        FileSystemUtils.deleteRecursively(folder);
    }

    private static SecondWaypost waypost(String port) {
        String url = "jdbc:postgresql://127.0.0.1:" + port + "/waypost";
        return new SecondWaypost()
                .start(
                        "--spring.datasource.url=" + url,
                        "--spring.datasource.password=" + SETTINGS.get("password"),
                        "--spring.flyway.url=" + url,
                        "--spring.flyway.password=" + SETTINGS.get("password"));
    }

    private static Connection owner(String port) throws SQLException {
        return DriverManager.getConnection(
                "jdbc:postgresql://127.0.0.1:" + port + "/waypost", "waypost_owner", SETTINGS.get("password"));
    }

    private static List<String> strings(Connection database, String query) throws SQLException {
        List<String> found = new ArrayList<>();
        try (ResultSet rows = database.createStatement().executeQuery(query)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        return found;
    }

    /** How many rows every table has that tells what happened to patients. */
    private static Map<String, String> counts(Connection database) throws SQLException {
        Map<String, String> counts = new TreeMap<>();
        for (String table : strings(database, """
                select relname from pg_class where relnamespace = 'public'::regnamespace and relkind = 'r'
                   and relname not in ('read_log', 'sign_in_event', 'sign_in_bucket', 'spring_session',
                                       'spring_session_attributes')
                """)) {
            counts.put(table, strings(database, "select count(*) from " + table).get(0));
        }
        return counts;
    }

    /** Twenty pages without what is new each time they are shown. */
    private static Map<String, String> pages(String address, List<String> paths) {
        Visitor therapist = Visitor.at(address).as("therapist");
        Map<String, String> pages = new TreeMap<>();
        for (String path : paths) {
            Visitor.Answer answer = therapist.get(path);
            assertThat(answer.status()).as(path).isEqualTo(200);
            pages.put(
                    path,
                    answer.body()
                            .replaceAll("value=\"[^\"]{30,}\"", "value")
                            .replaceAll("content=\"[0-9a-f-]{36}\"", "content"));
        }
        return pages;
    }

    @Test
    void bringsBackTheMomentAndNothingAfterItAndAThiefHasNothing() throws Exception {
        Map<String, String> then;
        Map<String, String> shown;
        List<String> paths;
        String moment;
        Map<String, String> before = Referring.form("Before Theloss", "DR-1", 20);
        Map<String, String> after = Referring.form("After Theloss", "DR-2", 20);
        try (SecondWaypost first = waypost(SETTINGS.get("port"));
                Connection database = owner(SETTINGS.get("port"))) {
            Visitor therapist = Visitor.at(first.address()).as("therapist");
            assertThat(Shell.run("backup", SETTINGS).orFail()).contains("writing", "kept");
            assertThat(therapist.post("/courses", before).status()).isEqualTo(302);
            paths = strings(database, "select '/courses/' || id from course order by created_at, id").stream()
                    .flatMap(course -> Stream.of(course, course + "/record"))
                    .limit(PAGES)
                    .toList();
            assertThat(paths).hasSize(PAGES);
            shown = pages(first.address(), paths);
            then = counts(database);
            moment = strings(database, "select (now() + interval '1 second')::text")
                    .get(0);
            Thread.sleep(2_000);
            assertThat(therapist.post("/courses", after).status()).isEqualTo(302);
            assertThat(strings(database, "select count(*) from spring_session").get(0))
                    .isNotEqualTo("0");
            strings(database, "select pg_switch_wal()");
            archived(database);
        }
        Shell.run("database_stop drill", Map.of()).orFail();

        thiefHasNothing(moment);
        String restored = Shell.run(
                        "restore --at '" + moment + "' --key " + folder + "/key --into " + folder + "/back", SETTINGS)
                .orFail();
        String port = restored.replaceAll("(?s).*answers on 127\\.0\\.0\\.1:(\\d+).*", "$1");
        try (Connection database = owner(port)) {
            assertThat(strings(database, "select count(*) from spring_session").get(0))
                    .as("sessions that could be used")
                    .isEqualTo("0");
            assertThat(counts(database)).isEqualTo(then);
            assertThat(strings(database, "select name from patient where number like 'DR-%'"))
                    .containsExactly("Before Theloss");
        }
        try (SecondWaypost second = waypost(port)) {
            assertThat(pages(second.address(), paths)).isEqualTo(shown);
        }
    }

    private static void archived(Connection database) throws SQLException, InterruptedException {
        for (int tries = 0; tries < 60; tries++) {
            if (strings(
                            database,
                            "select count(*) from pg_stat_archiver where failed_count > 0 or last_archived_wal >="
                                    + " pg_walfile_name(pg_current_wal_lsn() - 1)")
                    .get(0)
                    .equals("1")) {
                break;
            }
            Thread.sleep(500);
        }
        assertThat(strings(database, "select failed_count from pg_stat_archiver")
                        .get(0))
                .isEqualTo("0");
    }

    private static void thiefHasNothing(String moment) throws IOException {
        Pattern told = Pattern.compile("Theloss|Ottoline|waypost|PG_VERSION");
        try (Stream<Path> files = Files.walk(Path.of(SETTINGS.get("WAYPOST_BACKUP_DIR")))) {
            for (Path file : files.filter(Files::isRegularFile)
                    .filter(one -> one.toString().endsWith(".age"))
                    .toList()) {
                String content = Files.readString(file, StandardCharsets.ISO_8859_1);
                assertThat(content).startsWith("age-encryption.org/v1");
                assertThat(told.matcher(content.substring(200)).find())
                        .as(file.toString())
                        .isFalse();
            }
        }
        Shell.Done wrong = Shell.run(
                "restore --at '" + moment + "' --key " + folder + "/other --into " + folder + "/stolen", SETTINGS);
        assertThat(wrong.status()).isNotZero();
        assertThat(wrong.printed()).contains("this key does not open");
        Shell.Done none = Shell.run(
                "restore --at '" + moment + "' --key " + folder + "/none --into " + folder + "/stolen2", SETTINGS);
        assertThat(none.printed()).contains("no key can be read from");
    }
}
