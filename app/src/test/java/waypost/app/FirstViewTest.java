package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.demo.DemoAccounts;
import waypost.app.testing.DemoCourses;
import waypost.app.testing.RunningWaypost;

/** What a browser has to fetch before map and rack stand there for the first time. */
@Tag("slow")
class FirstViewTest {

    private static final int MOST_BYTES = 400_000;
    private static final Pattern ASSET = Pattern.compile("(?:href|src)=\"(/assets/[^\"]+)\"");

    private final String address = RunningWaypost.get().address();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();

    private HttpResponse<byte[]> get(String path, String encoding) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept-Encoding", encoding)
                        .build(),
                HttpResponse.BodyHandlers.ofByteArray());
    }

    private String signedInPage(String path) throws IOException, InterruptedException {
        String token = new String(get("/session/token", "identity").body(), StandardCharsets.UTF_8);
        String form = "name=therapist&_csrf=" + URLEncoder.encode(token, StandardCharsets.UTF_8) + "&password="
                + URLEncoder.encode(DemoAccounts.PASSWORD, StandardCharsets.UTF_8);
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
        return new String(get(path, "identity").body(), StandardCharsets.UTF_8);
    }

    @Test
    void ofMapAndRackIsSmallWithoutItsFonts() throws IOException, InterruptedException {
        String path = "/courses/" + DemoCourses.of("Ottoline Brandreth") + "?rung=single-leg-squat/operated";
        List<String> assets = ASSET.matcher(signedInPage(path))
                .results()
                .map(MatchResult::group)
                .map(found -> found.substring(found.indexOf('"') + 1, found.length() - 1))
                .distinct()
                .toList();
        HttpResponse<byte[]> page = get(path, "gzip");
        int bytes = page.body().length;
        for (String asset : assets) {
            bytes += get(asset, "gzip").body().length;
        }

        assertThat(page.headers().firstValue("Content-Encoding")).contains("gzip");
        assertThat(assets).hasSizeGreaterThan(10);
        System.out.println("first view of map and rack: " + bytes + " bytes compressed, " + assets.size() + " assets");
        assertThat(bytes).isLessThan(MOST_BYTES);
    }

    @Test
    void everyAssetIsNamedByItsContentAndKept() throws IOException, InterruptedException {
        List<String> assets = ASSET.matcher(signedInPage("/today"))
                .results()
                .map(found -> found.group(1))
                .toList();

        assertThat(assets).isNotEmpty().allSatisfy(asset -> {
            assertThat(asset).matches(".*-[0-9a-f]{32}\\.(css|js|svg)");
            HttpResponse<byte[]> answer = get(asset, "gzip");
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.headers().firstValue("Cache-Control").orElse("")).contains("max-age=31536000");
        });
        String tokens = assets.stream()
                .filter(asset -> asset.contains("tokens"))
                .findFirst()
                .orElseThrow();
        assertThat(new String(get(tokens, "identity").body(), StandardCharsets.UTF_8))
                .containsPattern("wght-normal-[0-9a-f]{32}\\.woff2");
    }
}
