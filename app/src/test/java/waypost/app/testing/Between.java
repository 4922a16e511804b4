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
import java.util.List;
import java.util.concurrent.Executors;

/** Something between browser and application, as a clinic's proxy is: it passes everything on, until it answers itself. */
public final class Between implements AutoCloseable {

    private static final List<String> ASKED = List.of("Cookie", "Content-Type", "Accept", "HX-Request", "X-CSRF-TOKEN");
    private static final List<String> ANSWERED =
            List.of("Set-Cookie", "Content-Type", "Cache-Control", "X-Waypost", "Content-Security-Policy");

    private final HttpServer server;
    private final HttpClient client = HttpClient.newHttpClient();
    private final String behind = RunningWaypost.get().address();
    private volatile int answering;

    public Between() {
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
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(behind + exchange.getRequestURI()))
                .method(exchange.getRequestMethod(), HttpRequest.BodyPublishers.ofByteArray(body));
        ASKED.forEach(name -> exchange.getRequestHeaders()
                .getOrDefault(name, List.of())
                .forEach(value -> request.header(name, value)));
        try {
            HttpResponse<byte[]> answer = client.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            ANSWERED.forEach(name -> answer.headers()
                    .allValues(name)
                    .forEach(value -> exchange.getResponseHeaders().add(name, value)));
            answer.headers()
                    .firstValue("Location")
                    .ifPresent(to -> exchange.getResponseHeaders().set("Location", to.replace(behind, address())));
            exchange.sendResponseHeaders(answer.statusCode(), answer.body().length == 0 ? -1 : answer.body().length);
            exchange.getResponseBody().write(answer.body());
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        } finally {
            exchange.close();
        }
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
