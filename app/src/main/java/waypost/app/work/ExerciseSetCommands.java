package waypost.app.work;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.plan.PlanChange;
import waypost.app.plan.Plans;
import waypost.app.prescription.ClinicSets;
import waypost.app.prescription.Prescribing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.ExerciseSet;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Since;

/** Puts a set of exercises into a plan, or saves the plan as one: all of it is written, or nothing. */
@Service
class ExerciseSetCommands {

    private final VisitDays days;
    private final Plans plans;
    private final Prescribing prescribing;
    private final ClinicSets clinicSets;

    ExerciseSetCommands(VisitDays days, Plans plans, Prescribing prescribing, ClinicSets clinicSets) {
        this.days = days;
        this.plans = plans;
        this.prescribing = prescribing;
        this.clinicSets = clinicSets;
    }

    /** The library's sets and the clinic's that are for what was operated, and of which the protocol speaks of most. */
    List<ExerciseSet> sets(Staff staff, DayOfVisit day) {
        return Stream.concat(day.course().bundle().sets().stream(), clinicSets.of(staff.clinicId()).stream())
                .filter(set -> set.concerns(day.standing().course().resolved().region()))
                .filter(set -> set.items().stream().allMatch(item -> day.signs().knows(item.role())))
                .filter(set -> 2 * spokenOf(day, set) > set.items().size())
                .toList();
    }

    private static long spokenOf(DayOfVisit day, ExerciseSet set) {
        return set.items().stream()
                .map(item -> (Activity.Exercise) day.signs().activity(item.role()))
                .filter(day.standing().course()::speaksOf)
                .count();
    }

    /**
     * Puts in what is open today and not in the plan yet. What was never done and has no dose of its own gets the set's,
     * where the gate lets it pass whole; the rest goes on as it was.
     */
    @Transactional
    public void putIn(Staff staff, UUID courseId, UUID entry, String setId) {
        DayOfVisit day = days.today(staff, courseId);
        ExerciseSet set = sets(staff, day).stream()
                .filter(known -> known.id().equals(setId))
                .findFirst()
                .orElseThrow(() -> new FormProblem("set", "Choose a set of exercises first."));
        List<ExerciseSet.Item> open = set.items().stream()
                .filter(item -> day.standing().verdict(item.role()).kind().isOpen())
                .filter(item -> !day.plan().roles().contains(item.role()))
                .toList();
        if (open.isEmpty()) {
            throw new FormProblem(
                    "set", "Nothing of this set can be put in: what is open today is in the plan already.");
        }
        for (ExerciseSet.Item item : open) {
            plans.change(
                    staff,
                    courseId,
                    day.standing(),
                    PlanChange.add(derived(entry, "plan " + item.role()), item.role()));
            prescribe(staff, courseId, entry, day, item);
        }
    }

    private void prescribe(Staff staff, UUID courseId, UUID entry, DayOfVisit day, ExerciseSet.Item item) {
        RoleKey role = item.role();
        Activity.Exercise exercise = (Activity.Exercise) day.signs().activity(role);
        Prescription wanted = item.prescription(exercise, new Since(day.date(), 0));
        if (day.visit().mayBeginWith(wanted)) {
            prescribing.write(
                    staff,
                    courseId,
                    derived(entry, "dose " + role),
                    Optional.empty(),
                    wanted,
                    day.visit(),
                    day.words());
        }
    }

    /** Saves what is in the plan today, with today's doses and without their loads. */
    @Transactional
    public void save(Staff staff, UUID courseId, UUID id, String title) {
        DayOfVisit day = days.today(staff, courseId);
        clinicSets.save(
                staff,
                id,
                title,
                day.plan().roles().stream().map(role -> item(day, role)).toList());
    }

    private static ExerciseSet.Item item(DayOfVisit day, RoleKey role) {
        PrescribePanels panels = new PrescribePanels(day, role);
        Prescription today = panels.from(PrescribePanels.Start.TODAY);
        return new ExerciseSet.Item(role, today.dose().sets(), today.dose().aim(), today.often());
    }

    private static UUID derived(UUID entry, String what) {
        return UUID.nameUUIDFromBytes((entry + what).getBytes(StandardCharsets.UTF_8));
    }
}
