package waypost.app.testing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import waypost.app.WaypostApplication;

/** A second process' worth of the application on the same database, to be stopped and started again at one address. */
public final class SecondWaypost implements AutoCloseable {

    private final int port = freePort();
    private @Nullable ConfigurableApplicationContext context;

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    public SecondWaypost start(String... settings) {
        RunningWaypost.get();
        context = new SpringApplicationBuilder(WaypostApplication.class)
                .profiles("demo")
                .run(Stream.concat(
                                Stream.of(
                                        "--server.port=" + port,
                                        "--waypost.today=" + RunningWaypost.TODAY,
                                        "--waypost.sign-in.tries-per-address=1000000",
                                        "--waypost.secret-key=the same on every instance of these tests",
                                        "--spring.main.banner-mode=off"),
                                Stream.of(settings))
                        .toArray(String[]::new));
        return this;
    }

    public String address() {
        return "http://localhost:" + port;
    }

    @Override
    public void close() {
        if (context != null) {
            context.close();
            context = null;
        }
    }
}
