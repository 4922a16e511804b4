package waypost.library.bundle;

import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** A role of an exercise that is known, with sets and an amount that are counted as the exercise counts. */
record DosedRole(RoleKey role, int sets, SetAim aim) {

    static DosedRole read(Entry entry, Map<String, Activity> activities) {
        RoleKey role = entry.at("role").as(text -> known(text, activities));
        Activity.Exercise exercise = (Activity.Exercise) activities.get(role.activity());
        SetAim aim = entry.at("amount").as(text -> {
            SetAim read = SetAim.parse(text);
            if (exercise != null && read.counted() != exercise.dose().aim().counted()) {
                throw new IllegalArgumentException("found " + read.counted().word() + ", allowed: "
                        + exercise.dose().aim().counted().word() + ", as the exercise counts");
            }
            return read;
        });
        return new DosedRole(role, entry.at("sets").as(Integer::parseInt), aim);
    }

    static RoleKey known(String text, Map<String, Activity> activities) {
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
