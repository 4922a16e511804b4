package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import waypost.core.course.Course;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.WorkingDose;

/** Strength gives way to sport: half the sets before an event that is near, a set less where sport rose. */
record BesideSport(Course course, Optional<Ground.EventNear> event, Optional<Ground.SportRose> rose) {

    /** The dose as it stands beside sport; what it gives way to goes to the grounds. */
    WorkingDose of(RoleKey role, WorkingDose dose, List<Ground> why) {
        Optional<Ground> tapers = tapers(role);
        if (tapers.isPresent()) {
            tapers.filter(near -> !why.contains(near)).ifPresent(why::add);
            return dose.inSets((dose.sets() + 1) / 2);
        }
        if (rose.isEmpty() || !isStrength(role) || dose.sets() == 1) {
            return dose;
        }
        why.add(rose.get());
        return dose.inSets(dose.sets() - 1);
    }

    /** What keeps an exercise from going up before an event. */
    Optional<Ground> tapers(RoleKey role) {
        return isStrength(role) ? event.map(near -> near) : Optional.empty();
    }

    private boolean isStrength(RoleKey role) {
        return course.exercise(role.activity()).purpose() == Purpose.STRENGTH;
    }
}
