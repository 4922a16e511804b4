package waypost.app.patientpage;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/**
 * A made-up patient with a program for home.
 *
 * @param visit the course, as the therapist sees it
 */
record AtHome(Working visit) {

    static final String SLIDE = "heel-slide/operated";
    static final String BORN = "1990-06-15";

    private static final Pattern SECRET = Pattern.compile("/home#([A-Za-z0-9_-]{20,})");

    static AtHome begun(Visitor therapist, int day) {
        AtHome home = new AtHome(Working.on(therapist, day).checkedIn());
        home.write(Map.of());
        return home;
    }

    /** Writes a program of one exercise, with what is said otherwise. */
    void write(Map<String, String> otherwise) {
        Map<String, String> form = new HashMap<>(Map.of(
                "programId", UUID.randomUUID().toString(),
                "until", RunningWaypost.TODAY.plusDays(13).toString(),
                "wakes", "08:00",
                "sleeps", "21:00",
                "language", "en",
                "goes", SLIDE,
                "role", SLIDE,
                "sets", "2",
                "amount", "10",
                "rhythm", "2"));
        Matcher seen = Pattern.compile("name=\"seen\" value=\"([^\"]*)\"").matcher(visit.get("/home"));
        form.put("seen", seen.find() ? seen.group(1) : "");
        form.putAll(otherwise);
        Visitor.Answer answer = visit.post("/home", form);
        if (answer.status() != 302) {
            throw new IllegalStateException("program: found " + answer.status() + ", allowed: one that is written");
        }
    }

    String programId() {
        Matcher seen = Pattern.compile("name=\"seen\" value=\"([^\"]+)\"").matcher(visit.get("/home"));
        if (!seen.find()) {
            throw new IllegalStateException("no program");
        }
        return seen.group(1);
    }

    /** Makes a link and gives its secret. */
    String secret() {
        Matcher made = SECRET.matcher(visit.post("/home/link", Map.of()).body());
        if (!made.find()) {
            throw new IllegalStateException("no link");
        }
        return made.group(1);
    }

    static int open(Visitor telephone, String secret, String born) {
        return telephone
                .postJson("/home/open", "{\"secret\":\"" + secret + "\",\"birth\":\"" + born + "\"}")
                .status();
    }

    /** A telephone that has opened it. */
    Visitor telephone() {
        Visitor telephone = Visitor.stranger();
        int status = open(telephone, secret(), BORN);
        if (status != 204) {
            throw new IllegalStateException("open: found " + status + ", allowed: 204");
        }
        return telephone;
    }
}
