package waypost.app.device;

import java.io.IOException;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import waypost.app.store.NotFoundException;

/** Tells pages by server-sent events what an instrument says, five times a second. Old values are of no use: none is resumed. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class LiveController {

    private static final long TEN_MINUTES = 600_000;
    private static final long EVERY_MILLIS = 200;

    private final Map<String, InstrumentFeed> feeds = new TreeMap<>();
    private final ScheduledExecutorService teller = Executors.newScheduledThreadPool(2, work -> {
        Thread thread = new Thread(work, "telling pages of instruments");
        thread.setDaemon(true);
        return thread;
    });

    LiveController(InstrumentProperties properties) {
        properties.instruments().forEach((name, address) -> feeds.put(name, new InstrumentFeed(name, address)));
    }

    @GetMapping(path = "/instruments/{name}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable String name) {
        InstrumentFeed feed = feeds.get(name);
        if (feed == null) {
            throw new NotFoundException();
        }
        SseEmitter emitter = new SseEmitter(TEN_MINUTES);
        feed.watch();
        ScheduledFuture<?> telling =
                teller.scheduleAtFixedRate(() -> tell(emitter, feed.now()), 0, EVERY_MILLIS, TimeUnit.MILLISECONDS);
        AtomicBoolean left = new AtomicBoolean();
        emitter.onCompletion(() -> {
            telling.cancel(false);
            if (left.compareAndSet(false, true)) {
                feed.leave();
            }
        });
        emitter.onTimeout(emitter::complete);
        emitter.onError(failed -> emitter.complete());
        return emitter;
    }

    private static void tell(SseEmitter emitter, LiveValue value) {
        try {
            emitter.send(SseEmitter.event().name("value").data(value, MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException gone) {
            emitter.completeWithError(gone);
        }
    }
}
