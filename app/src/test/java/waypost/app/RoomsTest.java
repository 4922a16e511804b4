package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a package says that it may use is what it uses: no more, and no less. */
class RoomsTest {

    private static final Map<String, String> MODULES =
            Map.of("core", "the core", "library", "the library", "instrument", "the instruments");
    private static final List<Path> ROOTS = List.of(
            Path.of("../core/src/main/java/waypost/core"),
            Path.of("../library/src/main/java/waypost/library"),
            Path.of("../instruments/src/main/java/waypost/instrument"),
            Path.of("src/main/java/waypost/app"));
    private static final Pattern IMPORT =
            Pattern.compile("^import (?:static )?waypost\\.(\\w+)\\.(\\w+)\\.[A-Z]", Pattern.MULTILINE);
    private static final Pattern MAY_USE = Pattern.compile("May use: ([^.]*)\\.");

    static List<Path> rooms() throws IOException {
        try (Stream<Path> files = ROOTS.stream().flatMap(RoomsTest::walked)) {
            return files.filter(file -> file.endsWith("package-info.java"))
                    .map(Path::getParent)
                    .filter(room -> ROOTS.stream().noneMatch(room::equals))
                    .toList();
        }
    }

    private static Stream<Path> walked(Path root) {
        try {
            return Files.walk(root);
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    @ParameterizedTest
    @MethodSource("rooms")
    void saysWhatItUses(Path room) throws IOException {
        String module = room.getParent().getFileName().toString();
        Set<String> used = new TreeSet<>();
        try (Stream<Path> files = Files.list(room)) {
            files.filter(file -> file.toString().endsWith(".java"))
                    .flatMap(file -> IMPORT.matcher(read(file)).results())
                    .map(found -> found.group(1).equals(module) ? found.group(2) : MODULES.get(found.group(1)))
                    .forEach(used::add);
        }
        used.remove(room.getFileName().toString());

        Matcher said = MAY_USE.matcher(read(room.resolve("package-info.java")).replaceAll("\\n \\* ?", " "));
        assertThat(said.find()).as("%s says what it may use", room).isTrue();
        Set<String> allowed = Stream.of(said.group(1).split(","))
                .map(name -> name.strip().replaceAll("\\s+", " "))
                .filter(name -> !name.startsWith("nothing"))
                .collect(Collectors.toCollection(TreeSet::new));
        assertThat(allowed).as("what %s may use", room).isEqualTo(used);
    }
}
