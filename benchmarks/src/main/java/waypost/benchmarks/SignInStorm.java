package waypost.benchmarks;

import java.net.CookieManager;
import java.net.http.HttpClient;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** How long a page takes for who is signed in while two hundred others sign in at once, beside the same without them. */
final class SignInStorm {

    private static final int AT_ONCE = 200;
    private static final int WARM_UP = 100;
    private static final int PAGES = 200;

    private final PageLoad pages;
    private final HttpClient client;

    SignInStorm(PageLoad pages, HttpClient client) {
        this.pages = pages;
        this.client = client;
    }

    /** Prints both medians, their ratio, and how long the last of the two hundred waited. */
    void measure(String path) throws Exception {
        median(path, WARM_UP);
        double alone = median(path, PAGES);
        long began = System.nanoTime();
        CountDownLatch done = begin();
        List<Long> times = new ArrayList<>();
        while (done.getCount() > 0) {
            times.add(timed(path));
        }
        double all = (System.nanoTime() - began) / 1e9;
        Collections.sort(times);
        double meanwhile = times.get(times.size() / 2) / 1e6;
        System.out.printf(
                "%d sign-ins at once, all answered in %.1f s: a page's median %.1f ms, alone %.1f ms, %.1f times (%d pages,"
                        + " slowest %.0f ms)%n",
                AT_ONCE,
                all,
                meanwhile,
                alone,
                meanwhile / alone,
                times.size(),
                times.get(times.size() - 1) / 1e6);
    }

    /** Begins the two hundred; the latch opens when all are answered. */
    private CountDownLatch begin() {
        ExecutorService strangers = Executors.newFixedThreadPool(AT_ONCE);
        CountDownLatch done = new CountDownLatch(AT_ONCE);
        for (int nth = 0; nth < AT_ONCE; nth++) {
            strangers.execute(() -> {
                signInAsNobody();
                done.countDown();
            });
        }
        strangers.shutdown();
        return done;
    }

    /** A name that is nobody's is hashed like any other; refused or not, what counts is that it was answered. */
    private void signInAsNobody() {
        HttpClient stranger =
                HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
        try {
            pages.post(
                    stranger,
                    "/sign-in",
                    Map.of("name", "storm." + UUID.randomUUID(), "password", "harbour lantern quilt", "code", ""));
        } catch (Exception refused) {
            System.out.println("sign-in not taken: " + refused.getMessage());
        }
    }

    private double median(String path, int times) throws Exception {
        List<Long> nanos = new ArrayList<>();
        for (int nth = 0; nth < times; nth++) {
            nanos.add(timed(path));
        }
        Collections.sort(nanos);
        return nanos.get(nanos.size() / 2) / 1e6;
    }

    private long timed(String path) throws Exception {
        long start = System.nanoTime();
        pages.get(client, path);
        return System.nanoTime() - start;
    }
}
