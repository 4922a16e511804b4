package waypost.app.testing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;

/** Requests that no client of ours would send, written to the socket letter by letter. */
public final class RawRequest {

    private static final int PATIENCE_MS = 10_000;

    /** What stands for a connection that was closed without a word. */
    private static final int CLOSED = 0;

    private static final List<String> HEADERS = List.of(
            "Cookie: ",
            "Cookie: SESSION=",
            "Cookie: SESSION=%00%ff; SESSION=x",
            "Cookie: waypost-form=\"; waypost-form=",
            "Cookie: =; ;;,",
            "Cookie: SESSION=AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA",
            "Content-Type: multipart/form-data",
            "Content-Type: multipart/form-data; boundary=",
            "Content-Type: multipart/form-data; boundary=x",
            "Content-Type: application/x-www-form-urlencoded; charset=no-such",
            "Content-Type: application/json",
            "Content-Type: text/plain; charset=\"",
            "Content-Type: /",
            "Accept: ",
            "Accept: */*;q=x",
            "Accept: image/nothing",
            "Accept-Language: \u00ff",
            "Accept-Encoding: gzip;q=-1",
            "Range: bytes=99999999999-",
            "If-Modified-Since: never",
            "If-None-Match: \"",
            "X-Forwarded-For: 1.2.3.4, x, ,",
            "X-Forwarded-Proto: javascript",
            "X-Forwarded-Host: evil.example",
            "Forwarded: for=;proto=",
            "HX-Request: true",
            "HX-Target: <script>",
            "Authorization: Basic ####",
            "Authorization: Bearer x",
            "Origin: null",
            "X-CSRF-TOKEN: x",
            "Expect: 100-nothing",
            "Transfer-Encoding: identity",
            "Upgrade: h2c",
            "X-HTTP-Method-Override: DELETE",
            "User-Agent: " + "u".repeat(4_000));

    private static final List<String> METHODS =
            List.of("GET", "POST", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS", "TRACE", "FOO");

    private RawRequest() {}

    /** The status of the answer to a request with damaged headers, body or method; 0 for a connection that was closed. */
    public static int damaged(String address, String method, String path, Random random) {
        URI at = URI.create(address);
        StringBuilder head = new StringBuilder(random.nextInt(4) == 0 ? pick(METHODS, random) : method)
                .append(' ')
                .append(path)
                .append(random.nextInt(6) == 0 ? "?a=%zz&%" : "")
                .append(random.nextInt(10) == 0 ? ";jsessionid=x/..;/%2e%2e/" : "")
                .append(" HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n");
        for (int nth = random.nextInt(4); nth >= 0; nth--) {
            head.append(pick(HEADERS, random)).append("\r\n");
        }
        byte[] body = new byte[random.nextInt(3) == 0 ? 0 : random.nextInt(2_000)];
        random.nextBytes(body);
        if (random.nextBoolean()) {
            body = ("--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"\u0000\"\r\n\r\n" + "a\r\n--x")
                    .getBytes(StandardCharsets.UTF_8);
        }
        head.append("Content-Length: ").append(body.length).append("\r\n\r\n");
        return send(at, head.toString().getBytes(StandardCharsets.ISO_8859_1), body);
    }

    private static int send(URI at, byte[] head, byte[] body) {
        try (Socket socket = new Socket(at.getHost(), at.getPort())) {
            socket.setSoTimeout(PATIENCE_MS);
            OutputStream out = socket.getOutputStream();
            out.write(head);
            out.write(body);
            out.flush();
            return status(socket.getInputStream());
        } catch (IOException closed) {
            return CLOSED;
        }
    }

    private static int status(InputStream in) throws IOException {
        byte[] line = in.readNBytes(12);
        String status = new String(line, StandardCharsets.ISO_8859_1);
        in.readAllBytes();
        return status.matches("HTTP/1\\.1 \\d{3}") ? Integer.parseInt(status.substring(9)) : CLOSED;
    }

    private static <T> T pick(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    /** A query of these fields, values cut to what an address may hold. */
    public static String query(Map<String, String> fields) {
        return fields.isEmpty()
                ? ""
                : "?"
                        + fields.entrySet().stream()
                                .map(field -> encoded(field.getKey()) + "=" + encoded(cut(field.getValue())))
                                .collect(Collectors.joining("&"));
    }

    private static String cut(String value) {
        return value.length() > 500 ? value.substring(0, 500) : value;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }
}
