package waypost.library.bundle;

import java.util.Collection;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.runner.Effort;
import waypost.core.runner.Shape;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads what sessions of exercises look like; each names an exercise that is known and counts what its shape counts. */
record ShapeReader(Map<String, Activity> activities, Map<String, Shape> shapes) {

    private static final Pattern METRES = Pattern.compile("(\\d{1,3}) m");
    private static final Pattern SECONDS = Pattern.compile("(\\d{1,4}) s");
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}) %");
    private static final Pattern EVERY = Pattern.compile("(\\d{1,2}) to (\\d{1,2}) s");

    void read(Entry top) {
        top.list(
                "sessions",
                entry -> entry.make(each -> {
                    Activity.Exercise exercise = each.at("exercise").as(this::exercise);
                    Shape shape = shape(each);
                    if (exercise != null && !fits(shape, exercise.dose().aim().counted())) {
                        each.problem("found a session of " + exercise.id() + ", which counts "
                                + exercise.dose().aim().counted().word() + ", allowed: a shape that counts the same");
                    }
                    if (exercise != null && shapes.put(exercise.id(), shape) != null) {
                        each.problem("found the session of '" + exercise.id() + "' twice, allowed: once");
                    }
                    return shape;
                }));
    }

    private Activity.Exercise exercise(String id) {
        if (activities.get(id) instanceof Activity.Exercise exercise) {
            return exercise;
        }
        Collection<String> known = activities.values().stream()
                .filter(Activity.Exercise.class::isInstance)
                .map(Activity::id)
                .collect(Collectors.toSet());
        throw new IllegalArgumentException(Suggestion.oneOf(id, known));
    }

    private static Shape shape(Entry entry) {
        return entry.find("run")
                .map(ShapeReader::run)
                .or(() -> entry.find("turns").map(ShapeReader::turns))
                .or(() -> entry.find("steady").map(ShapeReader::steady))
                .or(() -> entry.find("calls").map(ShapeReader::calls))
                .orElseGet(() -> throwing(entry.at("throws")));
    }

    private static Shape run(Entry entry) {
        return entry.make(run -> new Shape.Run(
                run.at("speed-up").as(ShapeReader::metres),
                run.at("hold").as(ShapeReader::metres),
                run.at("slow-down").as(ShapeReader::metres),
                run.at("effort").as(Effort::parse)));
    }

    private static Shape turns(Entry entry) {
        return entry.make(turns -> new Shape.Turns(
                turns.text("work"),
                turns.at("effort").as(Effort::parse),
                turns.text("easy"),
                turns.at("for").as(text -> number(SECONDS, text, "such as '180 s'")),
                turns.at("easy-effort").as(Effort::parse)));
    }

    private static Shape steady(Entry entry) {
        return entry.make(steady ->
                new Shape.Steady(steady.text("work"), steady.at("effort").as(Effort::parse)));
    }

    private static Shape calls(Entry entry) {
        return entry.make(calls -> {
            int[] every = calls.at("every").as(ShapeReader::every);
            return new Shape.Calls(calls.list("of", Entry::text), every[0], every[1], calls.has("answered"));
        });
    }

    private static Shape throwing(Entry entry) {
        return entry.make(throwing -> new Shape.Throws(
                throwing.at("over").as(ShapeReader::metres),
                throwing.at("effort").as(text -> number(PERCENT, text, "such as '50 %'"))));
    }

    private static boolean fits(Shape shape, Counted counted) {
        if (shape instanceof Shape.Run) {
            return counted == Counted.RUNS;
        }
        if (shape instanceof Shape.Throws) {
            return counted == Counted.THROWS;
        }
        return counted.isTime() || shape instanceof Shape.Calls && counted != Counted.RUNS && counted != Counted.THROWS;
    }

    private static int metres(String text) {
        return number(METRES, text, "such as '30 m'");
    }

    private static int number(Pattern pattern, String text, String allowed) {
        Matcher written = pattern.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("found '" + text + "', allowed: " + allowed);
        }
        return Integer.parseInt(written.group(1));
    }

    private static int[] every(String text) {
        Matcher written = EVERY.matcher(text);
        if (!written.matches()) {
            throw new IllegalArgumentException("found '" + text + "', allowed: such as '3 to 6 s'");
        }
        return new int[] {Integer.parseInt(written.group(1)), Integer.parseInt(written.group(2))};
    }
}
