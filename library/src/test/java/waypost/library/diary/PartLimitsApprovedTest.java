package waypost.library.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import waypost.library.Shipped;

/** No step of a part's limit changes unseen: each stands, with its days, in a diary that somebody approved. */
class PartLimitsApprovedTest {

    private static String diaries() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/test/resources/diaries"))) {
            StringBuilder all = new StringBuilder();
            for (Path file : files.toList()) {
                all.append(Files.readString(file));
            }
            return all.toString();
        }
    }

    @Test
    void everyLimitOfAPartStandsInAnApprovedDiary() throws IOException {
        Set<String> limits = Shipped.BUNDLE.protocols().stream()
                .flatMap(protocol -> protocol.limits().stream())
                .filter(limit -> !limit.head().part().isEmpty())
                .map(limit -> limit.head().id())
                .collect(Collectors.toSet());
        String diaries = diaries();

        List<String> unseen = limits.stream()
                .filter(limit -> !diaries.contains("[" + limit + "]"))
                .sorted()
                .toList();

        assertThat(unseen).isEmpty();
        assertThat(limits).hasSizeGreaterThan(400);
    }
}
