package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.prescription.WorkingDose;
import waypost.core.reason.Reason;

/** What the gate leaves of a dose on the standing's day. */
record Passing(Standing standing) {

    /** The dose as the gate lets it pass; what it objects goes to the grounds. */
    Optional<WorkingDose> allowed(RoleKey key, WorkingDose dose, List<Ground> why) {
        Verdict verdict = verdict(key, dose);
        if (isWhole(verdict)) {
            return Optional.of(dose);
        }
        Optional<WorkingDose> easier = easier(key, dose);
        if (easier.isPresent()) {
            why.add(new Ground.UnderTheGate(verdict));
            return easier;
        }
        if (!verdict.kind().isOpen()) {
            why.add(new Ground.UnderTheGate(verdict));
            return Optional.empty();
        }
        WorkingDose cut = verdict.reducedTo().map(dose::within).orElse(dose);
        if (!cut.equals(dose)) {
            why.add(new Ground.UnderTheGate(verdict));
        }
        return Optional.of(cut).filter(less -> verdict(key, less).kind().isOpen());
    }

    /** Open without a cut; what has to be in place besides may be said. */
    private static boolean isWhole(Verdict verdict) {
        return verdict.kind().isOpen()
                && verdict.reducedTo().isEmpty()
                && verdict.reasons().stream().noneMatch(Reason.NoCommonForm.class::isInstance);
    }

    /** The same in the nearest easier set-up in which nothing is cut: a higher seat before half a bend. */
    private Optional<WorkingDose> easier(RoleKey key, WorkingDose dose) {
        Arrangements setUps = standing.course().exercise(key.activity()).setUps();
        return Stream.iterate(setUps.easier(dose.setUp()), Optional::isPresent, now -> now.flatMap(setUps::easier))
                .map(so -> dose.in(so.orElseThrow()))
                .filter(so -> isWhole(verdict(key, so)))
                .findFirst();
    }

    private Verdict verdict(RoleKey key, WorkingDose dose) {
        return standing.verdict(dose.asked(
                standing.course().exercise(key.activity()), standing.course().role(key)));
    }
}
