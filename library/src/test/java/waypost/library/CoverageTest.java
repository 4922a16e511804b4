package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** Each line of what the practice does names something that exists and can be reached, or says why it is not there yet. */
class CoverageTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final Path TABLE = Path.of("src/test/resources/coverage/practice.yaml");
    private static final Path ROUTES = Path.of("../docs/roles.md");

    /** A line of the practice. */
    record Row(String part, String does, List<String> by, String notYet) {
        @Override
        public String toString() {
            return part + ": " + does;
        }
    }

    @SuppressWarnings("unchecked")
    static List<Row> rows() throws IOException {
        Object read = new Load(LoadSettings.builder().build()).loadFromString(Files.readString(TABLE));
        return ((Map<String, List<Map<String, Object>>>) read)
                .entrySet().stream()
                        .flatMap(part -> part.getValue().stream()
                                .map(row -> new Row(
                                        part.getKey(),
                                        String.valueOf(row.get("does")),
                                        (List<String>) row.getOrDefault("by", List.of()),
                                        String.valueOf(row.getOrDefault("not yet", "")))))
                        .toList();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void namesWhatExists(Row row) {
        assertThat(row.by().isEmpty() && row.notYet().isEmpty())
                .as("neither done nor said")
                .isFalse();
        assertThat(row.by())
                .allSatisfy(named -> assertThat(exists(named)).as(named).isTrue());
    }

    @Test
    void everyLineStandsOnce() throws IOException {
        assertThat(rows()).extracting(Row::does).doesNotHaveDuplicates();
        long open = rows().stream().filter(row -> !row.notYet().isEmpty()).count();
        System.out.println(rows().size() + " lines of the practice, " + open + " of them not yet");
    }

    /** As many as the practice names, and none that nobody can reach. */
    @Test
    void everyExerciseIsOpenedByAProtocol() {
        List<Activity.Exercise> exercises = BUNDLE.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity.Exercise.class::cast)
                .toList();
        assertThat(exercises)
                .filteredOn(exercise -> !opened(exercise))
                .extracting(Activity::id)
                .isEmpty();
        assertThat(BUNDLE.activities()).hasSizeGreaterThanOrEqualTo(360);
        assertThat(exercises.stream().map(Activity.Exercise::ladder).distinct()).hasSizeGreaterThanOrEqualTo(60);
    }

    private static boolean exists(String named) throws IOException {
        String[] parts = named.split(" ", 2);
        String what = parts[1];
        return switch (parts[0]) {
            case "exercise" -> opened(exercise(what));
            case "setting" -> !exercise(what).setUps().settings().isEmpty();
            case "ladder" ->
                BUNDLE.activities().stream()
                        .anyMatch(activity -> activity instanceof Activity.Exercise exercise
                                && exercise.ladder().equals(what)
                                && opened(exercise));
            case "set" -> BUNDLE.sets().stream().anyMatch(set -> set.id().equals(what));
            case "measure" -> BUNDLE.findMeasure(what).isPresent();
            case "protocol" -> protocol(what);
            case "rule" -> isClass("waypost.core." + what);
            case "page" -> Files.readString(ROUTES).contains("| `" + what + "` |");
            default -> false;
        };
    }

    private static Activity.Exercise exercise(String id) {
        return (Activity.Exercise) BUNDLE.findActivity(id).orElseThrow();
    }

    /** An exercise that no protocol opens can't be reached. */
    private static boolean opened(Activity.Exercise exercise) {
        List<RoleKey> roles = exercise.roles().stream().map(role -> role.key()).toList();
        return BUNDLE.protocols().stream()
                .flatMap(protocol -> protocol.openings().stream())
                .anyMatch(opening -> roles.contains(opening.role()));
    }

    /** "id", or "id question its-id". */
    private static boolean protocol(String what) {
        String[] parts = what.split(" question ");
        Protocol protocol = BUNDLE.protocol(parts[0]);
        return parts.length == 1
                || Stream.of(parts[1])
                        .allMatch(id -> protocol.questions().stream()
                                .anyMatch(question -> question.id().equals(id)));
    }

    private static boolean isClass(String name) {
        try {
            Class.forName(name);
            return true;
        } catch (ClassNotFoundException missing) {
            return false;
        }
    }
}
