package waypost.core.progression;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.Standing;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;

/** What the gate leaves of a dose on the standing's day. */
record Passing(Standing standing) {

    /** The dose as the gate lets it pass; what it objects goes to the grounds. */
    Optional<Prescription> allowed(RoleKey key, Prescription dose, List<Ground> why) {
        Verdict verdict = verdict(key, dose);
        if (verdict.kind() == VerdictKind.OPEN) {
            return Optional.of(dose);
        }
        Optional<Prescription> easier = openSetUp(key, dose);
        if (easier.isPresent()) {
            why.add(new Ground.UnderTheGate(verdict));
            return easier;
        }
        if (!verdict.kind().isOpen()) {
            why.add(new Ground.UnderTheGate(verdict));
            return Optional.empty();
        }
        Prescription cut = verdict.reducedTo().map(dose::within).orElse(dose);
        if (!cut.equals(dose)) {
            why.add(new Ground.UnderTheGate(verdict));
        }
        return Optional.of(cut).filter(less -> verdict(key, less).kind().isOpen());
    }

    /** The same on the nearest easier set-up in which nothing speaks against it: a lower step before half a bend. */
    private Optional<Prescription> openSetUp(RoleKey key, Prescription dose) {
        Arrangements setUps = standing.course().exercise(key.activity()).setUps();
        return Stream.iterate(setUps.easier(dose.setUp()), Optional::isPresent, now -> now.flatMap(setUps::easier))
                .map(so -> dose.in(so.orElseThrow()))
                .filter(so -> verdict(key, so).kind() == VerdictKind.OPEN)
                .findFirst();
    }

    private Verdict verdict(RoleKey key, Prescription dose) {
        return standing.verdict(dose.asked(
                standing.course().exercise(key.activity()), standing.course().role(key)));
    }
}
