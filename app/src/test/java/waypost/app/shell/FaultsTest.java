package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import waypost.app.store.Outage;

class FaultsTest {

    @Test
    void tellsKindsPlacesAndStatesAndNoWords() {
        Exception failed = new IllegalStateException(
                "Ottoline Brandreth, born 1990", new SQLException("row (Ottoline, 1990-06-16)", "23514"));

        assertThat(Faults.told(failed))
                .startsWith("java.lang.IllegalStateException at FaultsTest.java:")
                .contains(" <- java.sql.SQLException state 23514 at FaultsTest.java:")
                .doesNotContain("Ottoline", "1990");
    }

    @Test
    void knowsAnOutageFromAFault() {
        assertThat(Outage.isBehind(new IllegalStateException(new SQLException("gone", "57P01"))))
                .isTrue();
        assertThat(Outage.isBehind(new IllegalStateException(new SQLException("lost", "08006"))))
                .isTrue();
        assertThat(Outage.isBehind(new IllegalStateException(new SQLException("odd", "23514"))))
                .isFalse();
        assertThat(Outage.isBehind(new IllegalArgumentException("odd"))).isFalse();
    }
}
