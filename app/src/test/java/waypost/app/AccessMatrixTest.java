package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.RequestMethod;
import waypost.app.account.Accounts;
import waypost.app.account.Permission;
import waypost.app.account.StaffRole;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.NewAccount;
import waypost.app.testing.Routes;
import waypost.app.testing.Routes.Route;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** Every route by every role, at home and from another clinic; the table in docs/roles.md is what is found here. */
@Tag("slow")
class AccessMatrixTest {

    private static final String OPEN = "anybody";
    private static final String SIGNED_IN = "signed in";
    private static final String STRANGER = "STRANGER";

    private static final Map<StaffRole, Visitor> HOME = new TreeMap<>();
    private static final Map<StaffRole, Visitor> ELSEWHERE = new TreeMap<>();
    private static Working own;

    private final JdbcTemplate jdbc = RunningWaypost.get().bean(JdbcTemplate.class);

    @BeforeAll
    static void begin() {
        own = Working.on(Visitor.signedIn("therapist"), 52);
        UUID upriver = RunningWaypost.get().staff("upriver").clinicId();
        for (StaffRole role : StaffRole.values()) {
            String name = role.name().toLowerCase(Locale.ROOT);
            NewAccount.named("matrix." + name, role);
            HOME.put(role, Visitor.signedIn("matrix." + name));
            RunningWaypost.get()
                    .bean(Accounts.class)
                    .add(
                            upriver,
                            new Accounts.NewAccount("matrix.upriver." + name, "Upriver " + name, role),
                            DemoAccounts.PASSWORD);
            ELSEWHERE.put(role, Visitor.signedIn("matrix.upriver." + name));
        }
    }

    private static Visitor.Answer ask(Visitor visitor, Route route, UUID course) {
        String path = route.on(course, UUID.randomUUID());
        return route.method() == RequestMethod.GET ? visitor.get(path) : visitor.post(path, Routes.anything(course));
    }

    /** Who is let through; a stranger is one of them where anybody is. */
    private static TreeSet<String> letThrough(Route route) {
        TreeSet<String> through = HOME.keySet().stream()
                .filter(role -> ask(HOME.get(role), route, own.id()).status() != 403)
                .map(StaffRole::name)
                .collect(Collectors.toCollection(TreeSet::new));
        Visitor.Answer stranger = ask(Visitor.stranger(), route, own.id());
        if (stranger.status() != 401 && !stranger.location().endsWith("/sign-in")) {
            through.add(STRANGER);
        }
        return through;
    }

    private static TreeSet<String> mayPass(String needs) {
        TreeSet<String> may = Arrays.stream(StaffRole.values())
                .filter(role -> needs.equals(OPEN)
                        || needs.equals(SIGNED_IN)
                        || Arrays.stream(needs.split(" or "))
                                .anyMatch(one -> role.permissions().contains(Permission.valueOf(one))))
                .map(StaffRole::name)
                .collect(Collectors.toCollection(TreeSet::new));
        if (needs.equals(OPEN)) {
            may.add(STRANGER);
        }
        return may;
    }

    private static Map<String, String> documented() throws IOException {
        return Files.readAllLines(Path.of("..", "docs", "roles.md")).stream()
                .filter(line -> line.startsWith("| `"))
                .map(line -> line.split("\\|"))
                .collect(Collectors.toMap(
                        cells -> cells[1].strip().replace("`", ""),
                        cells -> cells[2].strip(),
                        (a, b) -> a,
                        TreeMap::new));
    }

    @Test
    void everyRouteLetsThroughWhomTheTableSays() throws IOException {
        Map<String, String> documented = documented();

        assertThat(Routes.all().stream().map(Route::toString)).containsExactlyInAnyOrderElementsOf(documented.keySet());
        for (Route route : Routes.all()) {
            if (!route.path().equals("/account/sessions/end-others")) {
                assertThat(letThrough(route)).as(route.toString()).isEqualTo(mayPass(documented.get(route.toString())));
            }
        }
    }

    @Test
    void noRoleOfAnotherClinicReadsOrWritesHere() {
        String before = content();
        for (Route route : Routes.all()) {
            if (!route.path().startsWith("/courses/{id}")) {
                continue;
            }
            ELSEWHERE.forEach((role, visitor) -> {
                Visitor.Answer answer = ask(visitor, route, own.id());
                assertThat(answer.status())
                        .as("%s by %s of another clinic", route, role)
                        .isIn(403, 404);
                assertThat(answer.body()).doesNotContain("Working Person");
            });
        }
        List.of("/today/appointments", "/today/walk-in", "/bench/torque/record", "/courses")
                .forEach(path -> ELSEWHERE.forEach((role, visitor) -> assertThat(visitor.post(
                                        path,
                                        Map.of(
                                                "courseId",
                                                own.id().toString(),
                                                "appointmentId",
                                                UUID.randomUUID().toString()))
                                .body())
                        .as("%s by %s of another clinic", path, role)
                        .doesNotContain("Working Person")));
        List.of("/courses/new?beside=", "/today?visit=")
                .forEach(path -> ELSEWHERE.forEach((role, visitor) ->
                        assertThat(visitor.get(path + own.id()).body()).doesNotContain("Working Person")));
        assertThat(content()).isEqualTo(before);
    }

    private String content() {
        return jdbc.queryForList("""
                        select table_name from information_schema.columns
                         where table_schema = 'public' and column_name = 'course_id' and table_name <> 'read_log'
                         order by table_name
                        """, String.class).stream()
                .map(table -> table
                        + jdbc.queryForObject(
                                "select coalesce(string_agg(t::text, '|' order by t::text), '') from " + table
                                        + " t where course_id = ?",
                                String.class,
                                own.id()))
                .collect(Collectors.joining());
    }

    /** Forms that can be sent from the page, and fields that send something by themselves. */
    private static Stream<Element> buttons(String page) {
        Document parsed = Jsoup.parse(page);
        parsed.select("fieldset[disabled]").forEach(Element::empty);
        return Stream.concat(
                parsed.select("form[method=post]").stream()
                        .filter(form ->
                                !form.select("button, input[type=submit]").isEmpty()),
                parsed.select("[hx-post]:not(form)").stream());
    }

    /** Whoever may not do it sees no button for it. */
    @Test
    void noPageShowsAButtonThatWillBeRefused() {
        Working shown = Working.on(Visitor.signedIn("therapist"), 52).checkedIn();
        TreeSet<String> refused = new TreeSet<>();
        for (Route page : Routes.all()) {
            if (page.method() != RequestMethod.GET
                    || page.path().contains("/live")
                    || page.path().contains("Id}")) {
                continue;
            }
            HOME.forEach((role, visitor) -> {
                Visitor.Answer answer = ask(visitor, page, shown.id());
                if (answer.status() == 200 && answer.body().contains("<form")) {
                    buttons(answer.body())
                            .map(form -> Optional.of(form.attr("action"))
                                    .filter(action -> !action.isEmpty())
                                    .orElse(form.attr("hx-post")))
                            .filter(action -> !action.equals("/sign-out")
                                    && !action.contains("/sessions/")
                                    && !action.endsWith("/close")
                                    && !action.endsWith("/end"))
                            .distinct()
                            .filter(action -> visitor.post(action, Routes.anything(shown.id()))
                                            .status()
                                    == 403)
                            .forEach(action -> refused.add(
                                    role + " on " + page + ": " + action.replaceAll("[0-9a-f-]{36}", "{id}")));
                }
            });
        }
        assertThat(refused).isEmpty();
    }
}
