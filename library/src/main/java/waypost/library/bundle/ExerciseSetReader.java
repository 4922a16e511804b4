package waypost.library.bundle;

import java.util.Map;
import waypost.core.body.Joint;
import waypost.core.exercise.Activity;
import waypost.core.prescription.ExerciseSet;
import waypost.core.protocol.Frequency;
import waypost.library.text.Entry;

/** Reads sets of exercises; each names roles of exercises that are known, and counts what those count. */
record ExerciseSetReader(Map<String, Activity> activities, Map<String, ExerciseSet> sets) {

    void read(Entry top) {
        top.list("sets", entry -> entry.make(this::set)).forEach(set -> {
            if (sets.put(set.id(), set) != null) {
                top.problem("found the set '" + set.id() + "' twice, allowed: once");
            }
        });
    }

    private ExerciseSet set(Entry entry) {
        return new ExerciseSet(
                entry.text("id"),
                entry.text("title"),
                entry.text("says"),
                Word.all(entry, "joints", Joint.class),
                entry.list("exercises", this::item));
    }

    private ExerciseSet.Item item(Entry entry) {
        DosedRole dosed = DosedRole.read(entry, activities);
        return new ExerciseSet.Item(dosed.role(), dosed.sets(), dosed.aim(), entry.maybe("often", Frequency::parse));
    }
}
