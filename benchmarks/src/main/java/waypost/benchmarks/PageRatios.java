package waypost.benchmarks;

import java.net.http.HttpClient;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long a page takes beside a bare one of the same size and number of elements, asked in turn on the same demo, so that the
 * machine's moods fall on both.
 */
final class PageRatios {

    private static final int WARM_UP = 150;
    private static final int ROUNDS = 150;
    private static final int VISITS = 50;
    private static final int SETS_OF_A_VISIT = 4;
    private static final int ROWS_OF_A_LONG_DAY = 80;
    private static final Pattern ELEMENT = Pattern.compile("<[a-zA-Z]");
    private static final Pattern ROW = Pattern.compile("select-visit");

    private final PageLoad pages;
    private final HttpClient client;

    PageRatios(PageLoad pages, HttpClient client) {
        this.pages = pages;
        this.client = client;
    }

    /** Prints the ratio of each page of a course, of a logged set, and of today's list, short and long. */
    void measure(String course, String name, String password) throws Exception {
        ratio("course page", course);
        ratio("sheet", course + "/measures");
        ratio("work", course + "/work");
        Compared few = ratio("today, " + visits() + " visits", "/today");
        setBesideItsPage(new VisitLoad(pages, name, password));
        fillToday(name, password);
        Compared many = ratio("today, " + visits() + " visits", "/today");
        System.out.printf("today with that many takes %.1f times as long as before%n", many.page() / few.page());
    }

    /** Medians in milliseconds. */
    private record Compared(double page, double bare) {}

    private Compared ratio(String what, String path) throws Exception {
        String bare = bareLike(pages.get(client, path));
        for (int i = 0; i < WARM_UP; i++) {
            pages.get(client, path);
            pages.get(client, bare);
        }
        List<Long> page = new ArrayList<>();
        List<Long> beside = new ArrayList<>();
        for (int i = 0; i < ROUNDS; i++) {
            page.add(timed(path));
            beside.add(timed(bare));
        }
        return report(what, page, beside);
    }

    /** Sets of visits with a few each, as a card has them; a new visit is made between the timings. */
    private void setBesideItsPage(VisitLoad load) throws Exception {
        List<Long> sets = new ArrayList<>();
        List<Long> beside = new ArrayList<>();
        String bare = bareLike(load.visit().log(1));
        for (int nth = 0; nth < VISITS; nth++) {
            VisitLoad.Visit visit = load.visit();
            for (int set = 0; set < SETS_OF_A_VISIT; set++) {
                long start = System.nanoTime();
                visit.log(set);
                sets.add(System.nanoTime() - start);
                beside.add(timed(bare));
            }
        }
        int warm = sets.size() / 2;
        report("a logged set", sets.subList(warm, sets.size()), beside.subList(warm, beside.size()));
    }

    private static Compared report(String what, List<Long> page, List<Long> beside) {
        Compared compared = new Compared(median(page), median(beside));
        System.out.printf(
                "%s: median %.1f ms, a bare page of its size %.1f ms, %.1f times%n",
                what, compared.page(), compared.bare(), compared.page() / compared.bare());
        return compared;
    }

    private static double median(List<Long> nanos) {
        Collections.sort(nanos);
        return nanos.get(nanos.size() / 2) / 1e6;
    }

    private long timed(String path) throws Exception {
        long start = System.nanoTime();
        pages.get(client, path);
        return System.nanoTime() - start;
    }

    /** The address of a bare page with as many elements and about as many letters; never fewer than its frame has. */
    private String bareLike(String page) throws Exception {
        String frame = pages.get(client, "/demo/bare?elements=0&letters=0");
        String one = pages.get(client, "/demo/bare?elements=1&letters=0");
        int elements = Math.max(1, count(ELEMENT, page) - count(ELEMENT, frame));
        int markup = one.length() - frame.length();
        int letters = Math.max(1, (page.length() - frame.length()) / elements - markup);
        return "/demo/bare?elements=" + elements + "&letters=" + letters;
    }

    private static int count(Pattern pattern, String page) {
        Matcher found = pattern.matcher(page);
        int count = 0;
        while (found.find()) {
            count++;
        }
        return count;
    }

    private int visits() throws Exception {
        return count(ROW, pages.get(client, "/today"));
    }

    /** Walks in as many more patients, each with a course of their own. */
    private void fillToday(String name, String password) throws Exception {
        for (int nth = visits(); nth < ROWS_OF_A_LONG_DAY; nth++) {
            VisitLoad.Visit visit = new VisitLoad(pages, name, password).visit();
            pages.post(
                    client,
                    "/today/walk-in",
                    Map.of("appointmentId", UUID.randomUUID().toString(), "courseId", visit.courseId()));
        }
    }
}
