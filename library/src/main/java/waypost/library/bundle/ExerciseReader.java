package waypost.library.bundle;

import java.util.List;
import java.util.Map;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Loading;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.exercise.Teaching;
import waypost.core.measure.Measure;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads ladders of exercises, and tests. */
record ExerciseReader(Map<String, Measure> measures, Map<String, Ladder> ladders, Map<String, Activity> activities) {

    void read(Entry top) {
        top.list("ladders", this::ladder);
        top.list("tests", this::test).forEach(test -> add(test, top));
    }

    /** A ladder named again gets further rungs on top. */
    private Ladder ladder(Entry entry) {
        Ladder ladder = new Ladder(entry.text("id"), entry.text("title"));
        ladders.putIfAbsent(ladder.id(), ladder);
        int[] rung = {
            (int) activities.values().stream()
                    .filter(a -> a instanceof Activity.Exercise e && e.ladder().equals(ladder.id()))
                    .count()
        };
        entry.list("rungs", exercise -> exercise(exercise, ladder, ++rung[0])).forEach(e -> add(e, entry));
        return ladder;
    }

    private void add(Activity activity, Entry at) {
        if (activities.put(activity.id(), activity) != null) {
            at.problem("found the activity '" + activity.id() + "' twice, allowed: once");
        }
    }

    private static Activity exercise(Entry entry, Ladder ladder, int rung) {
        Reducible reducible =
                entry.find("reduce").map(ExerciseReader::reducible).orElse(Reducible.NOTHING);
        return new Activity.Exercise(
                entry.text("id"),
                entry.text("title"),
                ladder.id(),
                rung,
                entry.text("harder"),
                entry.at("purpose").as(word -> Word.read(Purpose.class, word)),
                entry.list("roles", role -> role(role, reducible)),
                entry.at("dose").make(ExerciseReader::dose),
                new Teaching(
                        texts(entry, "cues"),
                        texts(entry, "faults"),
                        texts(entry, "easier"),
                        texts(entry, "stop"),
                        texts(entry, "equipment")));
    }

    private static List<String> texts(Entry entry, String key) {
        return entry.list(key, Entry::text);
    }

    private static Dose dose(Entry entry) {
        return new Dose(
                entry.at("sets").as(Integer::parseInt),
                entry.text("amount"),
                entry.find("tempo").map(Entry::text),
                entry.text("frequency"));
    }

    private Activity test(Entry entry) {
        String measure = entry.at("measure").as(id -> {
            if (!measures.containsKey(id)) {
                throw new IllegalArgumentException(Suggestion.oneOf(id, measures.keySet()));
            }
            return id;
        });
        return new Activity.Test(
                entry.text("id"),
                entry.text("title"),
                measure,
                entry.list("roles", role -> role(role, Reducible.NOTHING)),
                entry.text("instead"));
    }

    private static Role role(Entry entry, Reducible reducible) {
        return new Role(entry.text("name"), entry.text("title"), entry.list("asks", DemandReader::demand), reducible);
    }

    private static Reducible reducible(Entry entry) {
        return new Reducible(
                entry.maybe("span", Double::parseDouble),
                entry.maybe("loaded", word -> Word.read(Loading.class, word)),
                entry.maybe("bears", BodyShare::parse));
    }
}
