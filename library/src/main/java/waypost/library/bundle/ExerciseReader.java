package waypost.library.bundle;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Besides;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Facing;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Rise;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
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

    /** An exercise as its file says it, without what doing it asks besides. */
    private record Written(Activity.Exercise exercise, Entry entry) {

        Optional<Activity.Exercise> workedOut() {
            return entry.tried(at -> SettingReader.arranged(exercise, at));
        }
    }

    private String measured(Entry entry) {
        return entry.as(id -> {
            if (!measures.containsKey(id)) {
                throw new IllegalArgumentException(Suggestion.oneOf(id, measures.keySet()));
            }
            return id;
        });
    }

    /** A ladder named again gets further rungs on top. */
    private Ladder ladder(Entry entry) {
        Ladder ladder = new Ladder(entry.text("id"), entry.text("title"), entry.list("strengthens", this::measured));
        ladders.putIfAbsent(ladder.id(), ladder);
        int[] rung = {
            (int) activities.values().stream()
                    .filter(a -> a instanceof Activity.Exercise e && e.ladder().equals(ladder.id()))
                    .count()
        };
        // What doing each asks is worked out beside the others: a third of reading a library goes here.
        entry.list("rungs", written -> new Written(exercise(written, ladder, ++rung[0]), written)).parallelStream()
                .map(Written::workedOut)
                .toList()
                .forEach(exercise -> exercise.ifPresent(e -> add(e, entry)));
        return ladder;
    }

    private void add(Activity activity, Entry at) {
        if (activities.put(activity.id(), activity) != null) {
            at.problem("found the activity '" + activity.id() + "' twice, allowed: once");
        }
    }

    private static Activity.Exercise exercise(Entry entry, Ladder ladder, int rung) {
        Reducible reducible =
                entry.find("reduce").map(ExerciseReader::reducible).orElse(Reducible.NOTHING);
        String id = entry.text("id");
        Map<String, Pose> poses = DoneReader.poses(entry);
        return new Activity.Exercise(
                id,
                entry.text("title"),
                ladder.id(),
                rung,
                entry.text("harder"),
                Word.at(entry, "rises", Rise.class),
                Word.at(entry, "purpose", Purpose.class),
                new Facing(roles(id, entry, reducible), poses).worked(),
                entry.at("dose").make(ExerciseReader::dose),
                Word.at(entry, "progression", Progression.class),
                poses,
                Arrangements.NONE,
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
                entry.at("amount").as(SetAim::parse),
                entry.find("tempo").map(Entry::text),
                entry.text("frequency"));
    }

    private Activity test(Entry entry) {
        String measure = measured(entry.at("measure"));
        String id = entry.text("id");
        Map<String, Pose> poses = DoneReader.poses(entry);
        Activity.Test test = new Activity.Test(
                id,
                entry.text("title"),
                measure,
                new Facing(roles(id, entry, Reducible.NOTHING), poses).worked(),
                poses,
                texts(entry, "equipment"),
                entry.text("instead"));
        return test.with(DoneReader.entailing(test, entry));
    }

    private static List<Role> roles(String activity, Entry entry, Reducible reducible) {
        return entry.whole("roles", role -> role(activity, role, reducible));
    }

    /** A role's demands stand under "asks" when all occur together, else under "parts", each with its own. */
    private static Role role(String activity, Entry entry, Reducible reducible) {
        List<Demand> demands = new ArrayList<>();
        List<Integer> parts = new ArrayList<>();
        List<Entry> each = entry.has("parts") ? entry.list("parts", part -> part) : List.of(entry);
        for (int part = 0; part < each.size(); part++) {
            for (Demand demand : each.get(part).whole("asks", DemandReader::demand)) {
                demands.add(demand);
                parts.add(part);
            }
        }
        return new Role(
                new RoleKey(activity, entry.text("name")),
                entry.text("title"),
                demands,
                parts,
                entry.find("reduce").map(ExerciseReader::reducible).orElse(reducible),
                Set.of(),
                Optional.empty(),
                Besides.NOTHING.with(entry.whole("besides", DemandReader::demand)));
    }

    private static Reducible reducible(Entry entry) {
        return new Reducible(
                entry.maybe("span", Double::parseDouble),
                Word.maybe(entry, "loaded", Loading.class),
                entry.maybe("bears", BodyShare::parse),
                entry.maybe("held", Load::parse),
                entry.maybe("contacts", Count::parse),
                Word.maybe(entry, "end", EndRange.class),
                Set.copyOf(entry.list("with", Entry::text)));
    }
}
