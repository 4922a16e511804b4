package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every fault of the list, put into gate, resolver or windows, is caught by the second judge. */
@Isolated("what it changes in the rules is changed for the whole process")
@Tag("slow")
class SeededFaultsTest {

    private static final int COURSES = 600;

    @TempDir
    private Path folder;

    static Stream<SeededFault> faults() {
        return faultsFrom("/faults/gate-and-resolver.txt");
    }

    private static Stream<SeededFault> faultsFrom(String resource) {
        try (var in = SeededFaultsTest.class.getResourceAsStream(resource)) {
            return SeededFault.read(new String(in.readAllBytes(), java.nio.charset.StandardCharsets.UTF_8)).stream();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Test
    void theListIsLongEnoughAndEachFaultIsADifferentOne() {
        List<SeededFault> faults = faults().toList();

        assertThat(faults).hasSizeGreaterThanOrEqualTo(30).doesNotHaveDuplicates();
    }

    @Test
    void withoutAFaultNothingIsCaught() throws IOException {
        Files.createDirectories(folder);

        assertThat(new FaultyWaypost(folder).firstDisagreement(20)).isEmpty();
    }

    /** In the running Waypost if it takes the fault and shows it there, else in one loaded anew. */
    @ParameterizedTest
    @MethodSource("faults")
    void isCaught(SeededFault fault) throws IOException, ReflectiveOperationException {
        fault.compileInto(folder);

        assertThat(disagreement()).as(fault.toString()).isNotEmpty();
    }

    private String disagreement() throws IOException, ReflectiveOperationException {
        Optional<SwappedFault> swapped = SwappedFault.of(folder);
        if (swapped.isPresent()) {
            try (SwappedFault here = swapped.get()) {
                String found = here.firstDisagreement(COURSES);
                if (!found.isEmpty()) {
                    return found;
                }
            }
        }
        return new FaultyWaypost(folder).firstDisagreement(COURSES);
    }
}
