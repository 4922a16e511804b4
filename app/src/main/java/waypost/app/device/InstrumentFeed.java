package waypost.app.device;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Listens to one instrument while somebody watches, and tries again when it is lost. */
final class InstrumentFeed {

    private static final Logger LOG = LoggerFactory.getLogger(InstrumentFeed.class);
    private static final Duration CONNECT = Duration.ofSeconds(2);
    private static final long PAUSE_MILLIS = 500;
    private static final long MUTE_NANOS = 10_000_000_000L;

    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(CONNECT)
            .version(HttpClient.Version.HTTP_1_1)
            .build();
    private final String name;
    private final URI lines;
    private final Heard heard = new Heard();
    private int watchers;
    private @Nullable Thread listener;
    private @Nullable InputStream hearing;

    InstrumentFeed(String name, URI address) {
        this.name = name;
        this.lines = URI.create(address + (address.toString().endsWith("/") ? "" : "/") + "lines");
    }

    /** Somebody begins to watch; the first one starts the listening, if it has not gone on from before. */
    synchronized void watch() {
        watchers++;
        if (listener == null) {
            listener = new Thread(this::listen, "instrument " + name);
            listener.setDaemon(true);
            listener.start();
        }
    }

    /** Somebody stops watching; after the last one the listening ends. */
    synchronized void leave() {
        watchers--;
    }

    private synchronized boolean isWatched() {
        return watchers > 0;
    }

    /** Whether nobody watches any more; the next one who does starts anew. */
    private synchronized boolean ends() {
        if (watchers > 0) {
            return false;
        }
        listener = null;
        return true;
    }

    /** What it says now. A connection on which nothing came for long is given up: its other end may be gone without a word. */
    LiveValue now() {
        long now = System.nanoTime();
        if (heard.isMuteFor(MUTE_NANOS, now)) {
            giveUp();
        }
        return heard.at(now);
    }

    private synchronized void giveUp() {
        if (hearing != null) {
            try {
                hearing.close();
            } catch (IOException gone) {
                LOG.debug("{} was gone already", name, gone);
            }
            hearing = null;
        }
    }

    private synchronized InputStream begun(InputStream stream) {
        hearing = stream;
        return stream;
    }

    private void listen() {
        while (!ends()) {
            try {
                hear();
            } catch (IOException lost) {
                LOG.debug("{} was lost: {}", name, lost.getMessage());
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                return;
            } finally {
                heard.connected(false);
            }
            pause();
        }
    }

    private void hear() throws IOException, InterruptedException {
        HttpResponse<InputStream> response =
                client.send(HttpRequest.newBuilder(lines).build(), HttpResponse.BodyHandlers.ofInputStream());
        try (BufferedReader reader =
                new BufferedReader(new InputStreamReader(begun(response.body()), StandardCharsets.US_ASCII))) {
            heard.connected(response.statusCode() == 200);
            heard.begins(System.nanoTime());
            String line = reader.readLine();
            while (line != null && isWatched()) {
                heard.line(line, System.nanoTime());
                line = reader.readLine();
            }
        }
    }

    private static void pause() {
        try {
            Thread.sleep(PAUSE_MILLIS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
