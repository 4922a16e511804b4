package waypost.library.secondjudge;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Role;
import waypost.core.exercise.SetAim;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Since;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkedSide;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.Prescribed;

/** Doses as nobody would write them: every load, set-up, number and rule, on any of the last weeks. */
record WildPrescriptions(Random random, LocalDate today) {

    private static final int WEEKS_BACK = 6;

    Prescribed of(List<Activity.Exercise> exercises) {
        List<Prescription> written = new ArrayList<>();
        for (Activity.Exercise exercise : exercises) {
            if (random.nextBoolean()) {
                exercise.roles().forEach(role -> written.add(prescription(exercise, role)));
            }
        }
        Week week = random.nextBoolean() ? Week.UNSAID : new Week(DayKind.usualWeek(random.nextBoolean()));
        return new Prescribed(new Prescriptions(written), week);
    }

    private Prescription prescription(Activity.Exercise exercise, Role role) {
        return new Prescription(
                role.key(),
                new Since(today.minusDays(random.nextInt(7 * WEEKS_BACK)), random.nextInt(4)),
                dose(exercise, role),
                Optional.empty(),
                OptionalInt.empty(),
                WorkedSide.values()[random.nextInt(2)],
                Optional.empty(),
                random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(11)),
                random.nextInt(4) > 0 ? Set.of() : Set.of(DayKind.values()[random.nextInt(DayKind.values().length)]),
                rule(exercise),
                "");
    }

    WorkingDose dose(Activity.Exercise exercise, Role role) {
        WorkingDose usual = WorkingDose.usual(exercise, role);
        SetAim aim = usual.aim();
        boolean runs = aim.counted() == Counted.RUNS;
        int most = runs ? 1 + random.nextInt(9) : Math.min(2000, 1 + random.nextInt(3 * aim.most()));
        Optional<Load> load =
                usual.load().map(held -> new Load(Math.min(12, held.amount() + random.nextInt(12)), held.unit()));
        return new WorkingDose(
                runs ? 1 : 1 + random.nextInt(8),
                new SetAim(1 + random.nextInt(most), most, aim.counted(), aim.holdSeconds(), aim.each(), aim.remark()),
                load,
                setUp(exercise));
    }

    private Arrangement setUp(Activity.Exercise exercise) {
        List<Arrangement> all = Arrangements.of(exercise.setUps().settings());
        return all.isEmpty() ? Arrangement.UNSAID : all.get(random.nextInt(all.size()));
    }

    private GoesOnBy rule(Activity.Exercise exercise) {
        Progression rule = random.nextBoolean() ? exercise.progression() : Progression.AS_WRITTEN;
        return rule.number()
                .map(number -> new GoesOnBy(rule, number.least() + random.nextInt(number.most() - number.least() + 1)))
                .orElseGet(() -> GoesOnBy.usual(rule));
    }
}
