package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.prescription.WorkingDose;
import waypost.core.reason.Reason;

/**
 * What the gate leaves of a dose on the standing's day.
 *
 * @param soFar what the day has had already
 */
record Passing(Standing standing, SoFar soFar) {

    /** The same on a day on which nothing was done yet. */
    Passing onAnotherDay() {
        return new Passing(standing, SoFar.nothing(standing.course()));
    }

    /** The dose as the gate lets it pass; what it objects goes to the grounds. */
    Optional<WorkingDose> allowed(RoleKey key, WorkingDose wanted, List<Ground> why) {
        SoFar others = soFar.beside(key);
        Optional<WorkingDose> left = others.left(key, wanted);
        if (!left.equals(Optional.of(wanted))) {
            why.add(others.stages(key, wanted.aim().counted()));
        }
        return left.flatMap(dose -> gated(key, dose, others, why));
    }

    /** Whether a dose stays whole on top of everything that the day has had, of the same exercise too. */
    boolean hasRoom(RoleKey key, WorkingDose dose, SoFar all) {
        Role asked = all.under(asked(key, dose));
        Verdict verdict = standing.verdict(asked);
        return all.left(key, dose).equals(Optional.of(dose))
                && verdict.kind().isOpen()
                && verdict.reducedTo()
                        .map(open -> WorkingDose.isLeft(asked, open))
                        .orElse(true);
    }

    private Optional<WorkingDose> gated(RoleKey key, WorkingDose dose, SoFar others, List<Ground> why) {
        Verdict verdict = verdict(key, dose, others);
        if (isWhole(verdict)) {
            return Optional.of(dose);
        }
        Optional<WorkingDose> easier = easier(key, dose, others);
        if (easier.isPresent()) {
            why.add(new Ground.UnderTheGate(verdict));
            return easier;
        }
        if (isWhole(verdict(key, dose, SoFar.nothing(standing.course())))) {
            why.add(others.ground());
        }
        if (!verdict.kind().isOpen()) {
            why.add(new Ground.UnderTheGate(verdict));
            return Optional.empty();
        }
        Optional<WorkingDose> cut = verdict.reducedTo()
                .map(reduced -> cut(key, dose, others, reduced))
                .orElse(Optional.of(dose));
        if (!cut.equals(Optional.of(dose))) {
            why.add(new Ground.UnderTheGate(verdict));
        }
        return cut;
    }

    /** What is left of it beside what others had; nothing where it is less than makes sense. */
    private Optional<WorkingDose> cut(RoleKey key, WorkingDose dose, SoFar others, Role reduced) {
        Role left = others.above(reduced);
        boolean isUseful = left.reducible()
                .contacts()
                .map(least ->
                        SoFar.ground(left) == 0 && SoFar.ground(reduced) == 0 || SoFar.ground(left) >= least.number())
                .orElse(true);
        return Optional.of(dose.within(standing.course().exercise(key.activity()), left))
                .filter(less -> isUseful)
                .filter(less -> {
                    Verdict verdict = verdict(key, less, others);
                    Role asked = others.under(asked(key, less));
                    return verdict.kind().isOpen()
                            && verdict.reducedTo()
                                    .map(open -> WorkingDose.isLeft(asked, open))
                                    .orElse(true);
                });
    }

    /** Open without a cut; what has to be in place besides may be said. */
    private static boolean isWhole(Verdict verdict) {
        return verdict.kind().isOpen()
                && verdict.reducedTo().isEmpty()
                && verdict.reasons().stream().noneMatch(Reason.NoCommonForm.class::isInstance);
    }

    /** The same in the nearest easier set-up in which nothing is cut: a higher seat before half a bend. */
    private Optional<WorkingDose> easier(RoleKey key, WorkingDose dose, SoFar others) {
        Arrangements setUps = standing.course().exercise(key.activity()).setUps();
        return Stream.iterate(setUps.easier(dose.setUp()), Optional::isPresent, now -> now.flatMap(setUps::easier))
                .map(so -> dose.in(so.orElseThrow()))
                .filter(so -> isWhole(verdict(key, so, others)))
                .findFirst();
    }

    private Verdict verdict(RoleKey key, WorkingDose dose, SoFar others) {
        return standing.verdict(others.under(asked(key, dose)));
    }

    private Role asked(RoleKey key, WorkingDose dose) {
        return dose.asked(
                standing.course().exercise(key.activity()), standing.course().role(key));
    }
}
