package waypost.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class RolesTest {

    @Test
    void theTableInTheDocsIsWhatTheCodeSays() throws IOException {
        List<String> rows = Files.readAllLines(Path.of("..", "docs", "roles.md")).stream()
                .filter(line -> line.matches("\\| [A-Z_]+ \\|.*"))
                .toList();

        assertThat(rows).hasSize(Permission.values().length);
        for (String row : rows) {
            List<String> cells =
                    Arrays.stream(row.split("\\|")).map(String::strip).toList();
            Permission permission = Permission.valueOf(cells.get(1));
            for (int i = 0; i < StaffRole.values().length; i++) {
                StaffRole role = StaffRole.values()[i];
                assertThat(cells.get(3 + i))
                        .as(permission + " of " + role.name().toLowerCase(Locale.ROOT))
                        .isEqualTo(role.permissions().contains(permission) ? "yes" : "no");
            }
        }
    }
}
