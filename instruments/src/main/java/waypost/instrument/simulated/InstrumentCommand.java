package waypost.instrument.simulated;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import waypost.instrument.line.Quantity;

/** A simulated instrument: tells its lines over HTTP on loopback until it is stopped, or writes a file of them. */
@Command(
        name = "instrument",
        mixinStandardHelpOptions = true,
        description =
                "A simulated measuring instrument. GET / says what it is, GET /lines tells its samples line by line.")
final class InstrumentCommand implements Callable<Integer> {

    @Parameters(description = "one of: ${COMPLETION-CANDIDATES}")
    private Kind kind = Kind.GONIOMETER;

    @Option(names = "--port", defaultValue = "7301", description = "on 127.0.0.1; default ${DEFAULT-VALUE}")
    private int port;

    @Option(names = "--seed", defaultValue = "1", description = "equal seeds tell the same; default ${DEFAULT-VALUE}")
    private long seed;

    @Option(names = "--faultless", description = "never silent, never nonsense")
    private boolean faultless;

    @Option(names = "--csv", description = "write one minute of samples to this file instead, and end")
    private @Nullable Path csv;

    public static void main(String[] arguments) {
        int code = new CommandLine(new InstrumentCommand())
                .setCaseInsensitiveEnumValuesAllowed(true)
                .execute(arguments);
        if (code != 0) {
            System.exit(code);
        }
    }

    @Override
    public Integer call() throws IOException {
        if (csv != null) {
            Files.write(csv, new CsvFile(kind, seed).lines());
            return 0;
        }
        HttpServer server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/", this::describe);
        server.createContext("/lines", this::tell);
        server.start();
        System.out.println(
                word() + " on http://127.0.0.1:" + server.getAddress().getPort() + "/lines, seed " + seed);
        return 0;
    }

    private String word() {
        return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private void describe(HttpExchange exchange) throws IOException {
        String quantities = kind.quantities().stream()
                .map(quantity -> quantity.word() + " in " + quantity.unit())
                .collect(Collectors.joining(", "));
        byte[] body = ("waypost-1 " + word() + ": " + quantities + ", " + Telling.TICKS + " a second\n")
                .getBytes(StandardCharsets.US_ASCII);
        exchange.getResponseHeaders().set("Content-Type", "text/plain; charset=us-ascii");
        exchange.sendResponseHeaders(200, body.length);
        try (OutputStream out = exchange.getResponseBody()) {
            out.write(body);
        }
    }

    /** Each listener hears the same from the beginning: what is told depends on the seed alone. */
    private void tell(HttpExchange exchange) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", "text/plain; charset=us-ascii");
        exchange.sendResponseHeaders(200, 0);
        Telling telling = new Telling(kind, seed, !faultless);
        try (OutputStream out = exchange.getResponseBody()) {
            while (true) {
                List<String> lines = telling.next(System.currentTimeMillis());
                for (String line : lines) {
                    out.write((line + "\n").getBytes(StandardCharsets.US_ASCII));
                }
                out.flush();
                Thread.sleep(1000 / Telling.TICKS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** The header's columns: milliseconds and each quantity with its unit. */
    static String columns(List<Quantity> quantities) {
        return "millis,"
                + quantities.stream()
                        .map(quantity -> quantity.word() + " " + quantity.unit())
                        .collect(Collectors.joining(","));
    }
}
