package waypost.benchmarks;

import java.io.IOException;
import java.net.http.HttpClient;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Asks the pages of a generated clinic, each course for the first time and then again, and prints how long they take. */
public final class ScalePages {

    private static final Pattern COURSE = Pattern.compile("/courses/[0-9a-f-]{36}");
    private static final int COURSES = 30;
    private static final int AGAIN = 60;

    private final PageLoad pages;
    private final HttpClient therapist;
    private final HttpClient lead;

    private ScalePages(String address, String password) throws IOException, InterruptedException {
        pages = new PageLoad(address);
        therapist = pages.signedIn("therapist.c1", password, HttpClient.Redirect.NORMAL);
        lead = pages.signedIn("lead.c1", password, HttpClient.Redirect.NORMAL);
    }

    /** Takes the address of a running instance and the password of its accounts. */
    public static void main(String[] args) throws Exception {
        new ScalePages(args[0], args[1]).measure();
    }

    private void measure() throws Exception {
        List<String> courses = courses();
        String today = "/today";
        PageLoad.report("Today, " + courses.size() + " visits, first", 1, times(therapist, List.of(today)));
        PageLoad.report("Today, again", 1, times(therapist, Collections.nCopies(AGAIN, today)));
        List<String> some = courses.subList(0, Math.min(COURSES, courses.size()));
        for (String page : List.of("", "/work", "/measures", "/milestones", "/measures/trends", "/record")) {
            UnaryOperator<String> path = course -> course + page;
            String name = page.isEmpty() ? "way" : page.substring(1);
            List<String> paths = some.stream().map(path).toList();
            PageLoad.report(name + ", a course the first time", 1, times(therapist, paths));
            PageLoad.report(name + ", again", 1, times(therapist, paths));
        }
        List<Long> found = new ArrayList<>();
        for (String wanted : Collections.nCopies(AGAIN / 3, List.of("ott", "G12", "bra")).stream()
                .flatMap(List::stream)
                .toList()) {
            long start = System.nanoTime();
            pages.post(therapist, "/finder", Map.of("wanted", wanted));
            found.add(System.nanoTime() - start);
        }
        Collections.sort(found);
        PageLoad.report("finder, with its token", 1, found);
        PageLoad.report("looks of the clinic", 1, times(lead, Collections.nCopies(AGAIN, "/clinic/looks")));
    }

    private List<String> courses() throws IOException, InterruptedException {
        List<String> found = new ArrayList<>();
        Matcher link = COURSE.matcher(pages.get(therapist, "/today"));
        while (link.find()) {
            if (!found.contains(link.group())) {
                found.add(link.group());
            }
        }
        if (found.isEmpty()) {
            throw new IllegalStateException("today's list names no course, allowed: a weekday");
        }
        return found;
    }

    private List<Long> times(HttpClient client, List<String> paths) throws IOException, InterruptedException {
        List<Long> nanos = new ArrayList<>();
        for (String path : paths) {
            long start = System.nanoTime();
            pages.get(client, path);
            nanos.add(System.nanoTime() - start);
        }
        Collections.sort(nanos);
        return nanos;
    }
}
