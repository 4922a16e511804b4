package waypost.library.bundle;

import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import waypost.core.body.Joint;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.ExerciseSet;
import waypost.core.protocol.Frequency;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

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
        RoleKey role = entry.at("role").as(this::role);
        Activity.Exercise exercise = (Activity.Exercise) activities.get(role.activity());
        SetAim aim = entry.at("amount").as(text -> {
            SetAim read = SetAim.parse(text);
            if (exercise != null && read.counted() != exercise.dose().aim().counted()) {
                throw new IllegalArgumentException("found " + read.counted().word() + ", allowed: "
                        + exercise.dose().aim().counted().word() + ", as the exercise counts");
            }
            return read;
        });
        return new ExerciseSet.Item(
                role, entry.at("sets").as(Integer::parseInt), aim, entry.maybe("often", Frequency::parse));
    }

    private RoleKey role(String text) {
        Collection<String> known = activities.values().stream()
                .filter(Activity.Exercise.class::isInstance)
                .flatMap(exercise -> exercise.roles().stream())
                .map(role -> role.key().toString())
                .collect(Collectors.toSet());
        if (!known.contains(text)) {
            throw new IllegalArgumentException(Suggestion.oneOf(text, known));
        }
        return RoleKey.of(text);
    }
}
