package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** What is measured is told on a port of its own and on no other. */
@Tag("served")
class MeasuredTest {

    @Test
    void isToldOnItsOwnPortAlone() {
        Visitor.signedIn("therapist").get("/today");
        String port = RunningWaypost.get().bean(Environment.class).getProperty("local.management.port");

        assertThat(Visitor.at("http://127.0.0.1:" + port)
                        .get("/actuator/prometheus")
                        .body())
                .contains(
                        "http_server_requests_seconds_bucket",
                        "uri=\"/today\"",
                        "waypost_sign_ins_total{outcome=\"signed_in\"}",
                        "waypost_database_reached 1.0",
                        "hikaricp_connections_active",
                        "waypost_judging_seconds_count",
                        "waypost_putting_together_seconds_count")
                .doesNotContain("Ottoline");
        assertThat(Visitor.stranger().get("/actuator/prometheus").status()).isEqualTo(404);
        assertThat(Visitor.stranger().get("/actuator/env").status()).isEqualTo(404);
        assertThat(Visitor.stranger().get("/live").status()).isEqualTo(200);
        assertThat(Visitor.stranger().get("/ready").status()).isEqualTo(200);
    }
}
