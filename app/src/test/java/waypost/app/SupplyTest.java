package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.testing.Shell;

/** What is built in, under which licence, and that scripts of all kinds pass their standard linters. */
@Tag("slow")
class SupplyTest {

    /** Licences that let a clinic use, run and pass on what is built in; LGPL libraries are linked, unchanged. */
    private static final Set<String> ALLOWED = Set.of(
            "Apache-2.0",
            "MIT",
            "0BSD",
            "BSD-2-Clause",
            "BSD-3-Clause",
            "EPL-2.0",
            "CC0-1.0",
            "OFL-1.1",
            "LGPL-2.1-or-later");

    /** Packages whose own words are no short name: looked at by hand. */
    private static final Map<String, String> LOOKED_AT = Map.of(
            "node_modules/@squawk-cli/linux-x64", "Apache-2.0 or MIT, as one likes; a linter, which does not ship",
            "node_modules/dejavu-fonts-ttf", "Bitstream Vera and public domain",
            "org.springframework.session:spring-session-core", "its jar carries the Apache License 2.0",
            "org.springframework.session:spring-session-jdbc", "its jar carries the Apache License 2.0");

    private static JsonNode json(Path file) {
        return JsonMapper.shared().readTree(file.toFile());
    }

    @Test
    void everyLibraryHasALicenceThatIsAllowed() {
        JsonNode bill = json(Path.of("target", "bom.json"));
        Map<String, Set<String>> refused = new TreeMap<>();
        for (JsonNode component : bill.get("components")) {
            Set<String> licences = StreamSupport.stream(
                            component.path("licenses").spliterator(), false)
                    .map(licence -> licence.path("license"))
                    .map(licence ->
                            licence.path("id").asString(licence.path("name").asString("none")))
                    .collect(Collectors.toSet());
            String name = component.path("group").asString() + ":"
                    + component.path("name").asString();
            if (licences.stream().noneMatch(ALLOWED::contains) && !LOOKED_AT.containsKey(name)) {
                refused.put(name, licences);
            }
        }

        assertThat(bill.get("components").size()).isGreaterThan(80);
        assertThat(refused).isEmpty();
    }

    @Test
    void everyPackageThatShipsToTheBrowserHasALicenceThatIsAllowed() {
        Map<String, String> refused = new TreeMap<>();
        json(Path.of("front", "package-lock.json")).get("packages").properties().forEach(entry -> {
            String licence = entry.getValue().path("license").asString("none");
            boolean ours = entry.getKey().isEmpty();
            boolean ships = !entry.getValue().path("dev").asBoolean(false);
            if (!ours && ships && !ALLOWED.contains(licence) && !LOOKED_AT.containsKey(entry.getKey())) {
                refused.put(entry.getKey(), licence);
            }
        });

        assertThat(refused).isEmpty();
    }

    @Test
    void shellScriptsPassTheirLinter() {
        assertThat(Shell.run(
                                "need_tools shellcheck >/dev/null; shellcheck -S warning -x -P ops/script waypost ops/script/*.sh"
                                        + " ops/backup/* ops/package/waypost-server ops/package/waypost-migrate ops/package/waypost-backup .ci/run"
                                        + " app/front/install",
                                Map.of())
                        .orFail())
                .doesNotContain("SC");
    }

    @Test
    void scriptsOfPagesPassTheirLinter() {
        assertThat(Shell.run(
                                "cd app && front/node_modules/.bin/eslint -c front/eslint.config.mjs --max-warnings 0"
                                        + " src/main/resources/static/waypost",
                                Map.of())
                        .orFail())
                .doesNotContain("error");
    }

    @Test
    void migrationsPassTheirLinter() {
        assertThat(Shell.run(
                                "mkdir -p app/target/linted && cd app/src/main/resources/db/migration"
                                        + " && for file in V*.sql; do sed 's/${[a-z_]*}/waypost_app/g' \"$file\""
                                        + " > ../../../../../target/linted/\"$file\"; done && cd - >/dev/null && cd app"
                                        + " && front/node_modules/@squawk-cli/linux-x64/bin/squawk -c front/squawk.toml target/linted/V*.sql 2>&1",
                                Map.of())
                        .orFail())
                .contains("Found 0 issues");
    }

    /** Exposure of a service to the rest of its machine, from 0 to 10, as the service manager's own tool counts it. */
    @ParameterizedTest
    @ValueSource(strings = {"waypost", "waypost-migrate"})
    void serviceUnitsAreReadAndShutIn(String unit) {
        String there =
                "units=$(mktemp -d) && mkdir -p \"$units/bin\" && install -m 755 /dev/null \"$units/bin/waypost-server\""
                        + " && install -m 755 /dev/null \"$units/bin/waypost-migrate\""
                        + " && sed \"s#/opt/waypost#$units#\" ops/package/" + unit + ".service > \"$units/" + unit
                        + ".service\""
                        + " && systemd-analyze verify --man=no \"$units/" + unit + ".service\" 2>&1"
                        + " && systemd-analyze security --offline=yes --threshold=20 \"$units/" + unit + ".service\"";
        assertThat(Shell.run(there, Map.of()).orFail())
                .contains("Overall exposure level")
                .doesNotContain("Unknown key");
    }
}
