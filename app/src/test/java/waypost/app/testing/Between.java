package waypost.app.testing;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;

/** Something between browser and application, as a clinic's proxy is: it passes everything on, until it answers itself. */
public final class Between implements AutoCloseable {

    private static final List<String> ASKED =
            List.of("Cookie", "Content-Type", "Accept", "HX-Request", "X-CSRF-TOKEN", "X-Waypost-Waited");
    private static final List<String> ANSWERED =
            List.of("Set-Cookie", "Content-Type", "Cache-Control", "X-Waypost", "Content-Security-Policy");

    private final HttpServer server;
    private final HttpClient client = HttpClient.newHttpClient();
    private final List<String> behind;
    private final AtomicInteger next = new AtomicInteger();
    private volatile int answering;

    public Between() {
        this(List.of(RunningWaypost.get().address()));
    }

    /** In front of several instances, asked in turn; what one does not answer is asked of the next. */
    public static Between inFrontOf(List<String> instances) {
        return new Between(instances);
    }

    private Between(List<String> behind) {
        this.behind = behind;
        try {
            server = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        server.setExecutor(Executors.newFixedThreadPool(8));
        server.createContext("/", this::pass);
        server.start();
    }

    public String address() {
        return "http://localhost:" + server.getAddress().getPort();
    }

    /** Answers every form itself with this status from now on; 0 passes them on again. */
    public void answersFormsWith(int status) {
        answering = status;
    }

    private void pass(HttpExchange exchange) throws IOException {
        byte[] body = exchange.getRequestBody().readAllBytes();
        boolean post = exchange.getRequestMethod().equals("POST");
        if (post && answering != 0) {
            byte[] page = "<html><body><h1>Somebody between</h1></body></html>".getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().set("Content-Type", "text/html");
            exchange.sendResponseHeaders(answering, page.length);
            exchange.getResponseBody().write(page);
            exchange.close();
            return;
        }
        try {
            answer(exchange, body);
        } catch (IOException nobodyAnswers) {
            exchange.sendResponseHeaders(502, -1);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } finally {
            exchange.close();
        }
    }

    private void answer(HttpExchange exchange, byte[] body) throws IOException, InterruptedException {
        IOException lost = new IOException("nobody behind");
        int first = next.getAndIncrement();
        for (int tries = 0; tries < behind.size(); tries++) {
            String instance = behind.get(Math.floorMod(first + tries, behind.size()));
            try {
                HttpResponse<byte[]> answer =
                        client.send(request(exchange, instance, body), HttpResponse.BodyHandlers.ofByteArray());
                hand(exchange, instance, answer);
                return;
            } catch (IOException gone) {
                lost = gone;
            }
        }
        throw lost;
    }

    private static HttpRequest request(HttpExchange exchange, String instance, byte[] body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(instance + exchange.getRequestURI()))
                .timeout(Duration.ofSeconds(20))
                .method(exchange.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
        ASKED.forEach(name -> exchange.getRequestHeaders()
                .getOrDefault(name, List.of())
                .forEach(value -> request.header(name, value)));
        return request.build();
    }

    private void hand(HttpExchange exchange, String instance, HttpResponse<byte[]> answer) throws IOException {
        ANSWERED.forEach(name -> answer.headers()
                .allValues(name)
                .forEach(value -> exchange.getResponseHeaders().add(name, value)));
        answer.headers()
                .firstValue("Location")
                .ifPresent(to -> exchange.getResponseHeaders().set("Location", to.replace(instance, address())));
        exchange.sendResponseHeaders(answer.statusCode(), answer.body().length == 0 ? -1 : answer.body().length);
        exchange.getResponseBody().write(answer.body());
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
