package waypost.app.shell;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.core.env.Environment;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.SecondWaypost;
import waypost.app.testing.Visitor;

/** Traces go nowhere unless a clinic wants them, and then to its own collector, without anybody's words. */
@Tag("slow")
class TracedTest {

    @Test
    void isOffUnlessAskedFor() {
        Environment settings = RunningWaypost.get().bean(Environment.class);

        assertThat(settings.getProperty("management.opentelemetry.enabled", Boolean.class))
                .isFalse();
        assertThat(settings.getProperty("management.tracing.export.enabled", Boolean.class))
                .isFalse();
    }

    @Test
    void sendsAddressesAndTimesToTheHousesCollector() throws Exception {
        BlockingQueue<String> sent = new LinkedBlockingQueue<>();
        HttpServer collector = collecting(sent);
        try (SecondWaypost traced = new SecondWaypost()) {
            traced.start(
                    "--management.opentelemetry.enabled=true",
                    "--management.tracing.export.enabled=true",
                    "--management.tracing.sampling.probability=1",
                    "--management.opentelemetry.tracing.export.schedule-delay=100ms",
                    "--management.opentelemetry.tracing.export.otlp.endpoint=http://127.0.0.1:"
                            + collector.getAddress().getPort() + "/v1/traces");
            Visitor.at(traced.address()).get("/sign-in?name=Marrowby");

            String trace = until("/sign-in", sent);

            assertThat(trace).contains("waypost", "/sign-in").doesNotContain("Marrowby");
        } finally {
            collector.stop(0);
        }
    }

    /** Everything sent until something of this address is: jobs and waiting for the start may be sent before it. */
    private static String until(String address, BlockingQueue<String> sent) throws InterruptedException {
        StringBuilder all = new StringBuilder();
        String next = sent.poll(20, TimeUnit.SECONDS);
        while (next != null) {
            all.append(next);
            next = all.indexOf(address) < 0 ? sent.poll(20, TimeUnit.SECONDS) : null;
        }
        return all.toString();
    }

    private static HttpServer collecting(BlockingQueue<String> sent) throws IOException {
        HttpServer collector = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        collector.createContext("/v1/traces", exchange -> {
            sent.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.ISO_8859_1));
            exchange.sendResponseHeaders(200, -1);
            exchange.close();
        });
        collector.start();
        return collector;
    }
}
