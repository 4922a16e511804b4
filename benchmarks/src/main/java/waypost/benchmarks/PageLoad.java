package waypost.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Asks a running demo on loopback for the course page, a bounded number of times, with one client and with eight. */
final class PageLoad {

    private static final int WARM_UP = 300;
    private static final int REQUESTS = 400;

    private final String address;

    PageLoad(String address) {
        this.address = address;
    }

    /** Prints median and 95th percentile for 1 and 8 clients. */
    void measure(String signInName, String password) throws Exception {
        List<HttpClient> clients = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            clients.add(signedIn(signInName, password, HttpClient.Redirect.NORMAL));
        }
        String course = firstCourse(clients.get(0));
        run(clients.subList(0, 2), course, WARM_UP);
        report("course page", 1, run(clients.subList(0, 1), course, REQUESTS));
        report("course page", 8, run(clients, course, REQUESTS));
        new SignInStorm(this, clients.get(0)).measure(course);
        new PageRatios(this, clients.get(0)).measure(course, signInName, password);
        FullCourse full = new FullCourse(this, signedIn(signInName, password, HttpClient.Redirect.NEVER));
        for (String page : List.of("", "/measures", "/milestones", "/measures/trends", "/measures/trends/data")) {
            String path = full.path() + page;
            run(clients.subList(0, 1), path, WARM_UP / 3);
            report("20,000 readings, " + (page.isEmpty() ? "course" : page), 1, run(clients.subList(0, 1), path, REQUESTS / 2));
        }
        System.out.printf("20,000 readings, course right after another reading: median %.1f ms%n", full.afterAnotherReading());
        new VisitLoad(this, signInName, password).measure();
    }

    HttpClient signedIn(String name, String password, HttpClient.Redirect redirect) throws IOException, InterruptedException {
        HttpClient client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(redirect)
                .build();
        String token = get(client, "/session/token");
        String form = "name=" + name + "&password=" + encoded(password) + "&_csrf=" + encoded(token);
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(form))
                        .build(),
                HttpResponse.BodyHandlers.discarding());
        return client;
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    String get(HttpClient client, String path) throws IOException, InterruptedException {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address + path)).GET().build();
        HttpResponse<String> response = client.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(path + " gave " + response.statusCode() + ", allowed: 200");
        }
        return response.body();
    }

    /** Posts a form with a fresh token; the answer may be a redirect. */
    String post(HttpClient client, String path, Map<String, String> fields) throws IOException, InterruptedException {
        Map<String, String> all = new LinkedHashMap<>(fields);
        all.put("_csrf", get(client, "/session/token"));
        return send(client, path, all);
    }

    /** Posts a form that carries its token as a part of a page asks for it. */
    String postPart(HttpClient client, String path, Map<String, String> fields) throws IOException, InterruptedException {
        return send(client, path, fields, "HX-Request", "true");
    }

    private String send(HttpClient client, String path, Map<String, String> all, String... headers)
            throws IOException, InterruptedException {
        String form = all.entrySet().stream()
                .map(field -> field.getKey() + "=" + encoded(field.getValue()))
                .collect(Collectors.joining("&"));
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(form));
        HttpResponse<String> response = client.send(
                (headers.length == 0 ? request : request.headers(headers)).build(),
                HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200 && response.statusCode() != 302) {
            throw new IllegalStateException(path + " gave " + response.statusCode() + ", allowed: 200 or 302");
        }
        return response.body();
    }

    private String firstCourse(HttpClient client) throws IOException, InterruptedException {
        Matcher link = Pattern.compile("/courses/[0-9a-f-]{36}").matcher(get(client, "/today"));
        if (!link.find()) {
            throw new IllegalStateException("today's list names no course; start from a fresh demo");
        }
        return link.group();
    }

    private List<Long> run(List<HttpClient> clients, String path, int requests) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(clients.size());
        List<Future<List<Long>>> running = new ArrayList<>();
        for (HttpClient client : clients) {
            Callable<List<Long>> asking = () -> ask(client, path, requests / clients.size());
            running.add(pool.submit(asking));
        }
        List<Long> nanos = new ArrayList<>();
        for (Future<List<Long>> each : running) {
            nanos.addAll(each.get());
        }
        pool.shutdown();
        Collections.sort(nanos);
        return nanos;
    }

    private List<Long> ask(HttpClient client, String path, int requests) throws IOException, InterruptedException {
        List<Long> nanos = new ArrayList<>();
        for (int i = 0; i < requests; i++) {
            long start = System.nanoTime();
            get(client, path);
            nanos.add(System.nanoTime() - start);
        }
        return nanos;
    }

    static void report(String what, int clients, List<Long> nanos) {
        System.out.printf(
                "%s, %d client%s, %d requests: median %.1f ms, 95th percentile %.1f ms, 99th %.1f ms%n",
                what,
                clients,
                clients == 1 ? "" : "s",
                nanos.size(),
                nanos.get(nanos.size() / 2) / 1e6,
                nanos.get(nanos.size() * 95 / 100) / 1e6,
                nanos.get(nanos.size() * 99 / 100) / 1e6);
    }
}
