package waypost.app.store;

import static org.assertj.core.api.Assertions.assertThatNoException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class TablesVersionTest {

    @Test
    void onlyTablesOfThisVersionAreServed() {
        assertThatNoException().isThrownBy(() -> TablesVersion.check(15, 15));
        assertThatThrownBy(() -> TablesVersion.check(0, 15))
                .hasMessage("Found the tables at version 0, allowed: 15. Run waypost-migrate of this version first.");
        assertThatThrownBy(() -> TablesVersion.check(16, 15)).hasMessageContaining("A newer Waypost was here");
    }
}
