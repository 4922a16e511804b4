package waypost.app.testing;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import waypost.app.demo.DemoAccounts;

/** Somebody who talks HTTP with the application, with cookies and form tokens as a browser would. */
public final class Visitor {

    /** What came back. */
    public record Answer(int status, String body, String location) {}

    private final String address;
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    private Visitor(String address) {
        this.address = address;
    }

    /** Somebody who is not signed in. */
    public static Visitor stranger() {
        return at(RunningWaypost.get().address());
    }

    /** Somebody who is not signed in at an instance that runs elsewhere. */
    public static Visitor at(String address) {
        return new Visitor(address);
    }

    /** A demo account, signed in. */
    public static Visitor signedIn(String name) {
        return stranger().as(name);
    }

    /** Signs in by a demo account. */
    public Visitor as(String name) {
        Answer answer = post("/sign-in", Map.of("name", name, "password", DemoAccounts.PASSWORD));
        if (answer.status() != 302 || answer.location().contains("error")) {
            throw new IllegalStateException("sign-in of " + name + " gave " + answer);
        }
        return this;
    }

    public Answer get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address + path)).GET());
    }

    /** Posts a form with a fresh token. */
    public Answer post(String path, Map<String, String> fields) {
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", get("/session/token").body());
        return postAsIs(path, all);
    }

    /** Posts a form as it is, without a token of its own. */
    public Answer postAsIs(String path, Map<String, String> fields, String... headers) {
        String body = fields.entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body));
        return send(headers.length == 0 ? request : request.headers(headers));
    }

    /** Posts JSON, as a script does. */
    public Answer postJson(String path, String json) {
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    /** Posts a form as a part of a page asks for it, with a fresh token. */
    public Answer postPart(String path, Map<String, String> fields) {
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", get("/session/token").body());
        return postAsIs(path, all, "HX-Request", "true");
    }

    /** Sends a file in the field "file", with a fresh token. */
    public Answer upload(String path, byte[] content) {
        String boundary = "waypost-test-boundary";
        String token = get("/session/token").body();
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token
                        + "\r\n--" + boundary
                        + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"readings.csv\"\r\n"
                        + "Content-Type: text/csv\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(content);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())));
    }

    /** Posts a form in parts, as a page does that may send files, with a fresh token. */
    public Answer postParts(String path, Map<String, String> fields) {
        String boundary = "waypost-test-boundary";
        String token = get("/session/token").body();
        StringBuilder body = new StringBuilder();
        fields.forEach((name, value) -> body.append("--" + boundary + "\r\nContent-Disposition: form-data; name=\""
                + name + "\"\r\n\r\n" + value + "\r\n"));
        body.append("--" + boundary + "--\r\n");
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .header("X-CSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())));
    }

    /** Listens to server-sent events and hands each data line on, until {@code enough} says so; whether it ever did. */
    public boolean listen(String path, Predicate<String> enough) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).build();
        try {
            HttpResponse<Stream<String>> response = client.send(request, HttpResponse.BodyHandlers.ofLines());
            try (Stream<String> lines = response.body()) {
                return lines.filter(line -> line.startsWith("data:"))
                        .map(line -> line.substring(5))
                        .anyMatch(enough);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(
                    response.statusCode(),
                    response.body(),
                    response.headers().firstValue("Location").orElse(""));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
