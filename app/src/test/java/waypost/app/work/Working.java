package waypost.app.work;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** A visit of a new course, by its forms. */
public final class Working {

    private static int numbers;

    private final Visitor visitor;
    private final String course;

    private Working(Visitor visitor, String course) {
        this.visitor = visitor;
        this.course = course;
    }

    /** A new course whose surgery was so many days ago. */
    public static Working on(Visitor therapist, int day, String... more) {
        Map<String, String> form = Referring.form("Working Person", "WK-" + ++numbers, day);
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        therapist.post("/courses", form);
        return new Working(therapist, "/courses/" + form.get("courseId"));
    }

    /** A new course without surgery, in which the knee's exercises that bear weight are open from its first day. */
    public static Working beginner(Visitor therapist, int day) {
        Map<String, String> form = Referring.form("Working Person", "WK-" + ++numbers, day);
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.put("protocol", "knee.beginner-strength");
        form.put("answer.reason", "weak");
        form.put("answer.pain-school", "some");
        therapist.post("/courses", form);
        return new Working(therapist, "/courses/" + form.get("courseId"));
    }

    /** A strained hamstring of so many days ago, which runs in stages from its second day on. */
    public static Working strained(Visitor therapist, int day) {
        Map<String, String> form = Referring.form("Running Person", "WK-" + ++numbers, day);
        form.keySet().removeIf(field -> field.startsWith("answer."));
        form.put("protocol", "muscle.hamstring-strain");
        form.put("answer.pain-school", "threshold");
        form.put("answer.tendon", "whole");
        therapist.post("/courses", form);
        Working strained = new Working(therapist, "/courses/" + form.get("courseId"));
        strained.measured("gait-clean", "seen");
        return strained;
    }

    /** Something was measured today on the left, strictly and actively. */
    public void measured(String measure, String said) {
        post(
                "/readings",
                Map.of(
                        "readingId",
                        UUID.randomUUID().toString(),
                        "measure",
                        measure,
                        "said",
                        said,
                        "side",
                        "LEFT",
                        "mode",
                        "ACTIVE",
                        "measuredOn",
                        RunningWaypost.TODAY.toString(),
                        "strict",
                        "true"));
    }

    /** The same course by somebody else. */
    public Working by(Visitor other) {
        return new Working(other, course);
    }

    public String path() {
        return course;
    }

    public UUID id() {
        return UUID.fromString(course.substring("/courses/".length()));
    }

    public Working checkedIn(String... more) {
        Map<String, String> form = new HashMap<>(
                Map.of("checkInId", UUID.randomUUID().toString(), "painNow", "1", "swelling", "NONE", "asked", "true"));
        for (int nth = 0; nth < more.length; nth += 2) {
            form.put(more[nth], more[nth + 1]);
        }
        visitor.post(course + "/check-in", form);
        return this;
    }

    /** The fields of a set, ready to be bent. */
    public Map<String, String> set(String role, int amount, int pain) {
        return new HashMap<>(Map.of(
                "entryId", UUID.randomUUID().toString(),
                "role", role,
                "amount", String.valueOf(amount),
                "pain", String.valueOf(pain),
                "asked", "3 × 10 reps"));
    }

    public Visitor.Answer log(Map<String, String> set) {
        return visitor.postPart(course + "/sets", set);
    }

    public Visitor.Answer plan(String kind, String role, String inPlaceOf) {
        Map<String, String> form =
                new HashMap<>(Map.of("changeId", UUID.randomUUID().toString(), "kind", kind, "role", role));
        if (!inPlaceOf.isEmpty()) {
            form.put("inPlaceOf", inPlaceOf);
        }
        return visitor.post(course + "/plan/changes", form);
    }

    public String page() {
        return visitor.get(course + "/work").body();
    }

    public String page(String role) {
        return visitor.get(course + "/work?role=" + role).body();
    }

    public String get(String place) {
        return visitor.get(course + place).body();
    }

    public Visitor.Answer post(String place, Map<String, String> form) {
        return visitor.post(course + place, form);
    }

    /** The value of a hidden field as a page gives it. */
    public static String hidden(String page, String name) {
        Matcher found =
                Pattern.compile("name=\"" + name + "\" value=\"([^\"]*)\"").matcher(page);
        if (!found.find()) {
            throw new IllegalStateException("no field " + name + " in " + page);
        }
        return found.group(1);
    }
}
