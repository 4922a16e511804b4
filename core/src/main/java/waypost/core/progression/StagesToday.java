package waypost.core.progression;

import java.util.Map;
import java.util.Optional;
import waypost.core.course.Neighbours;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Prescription;

/** Which stages open at once today, and for how many repetitions there is room. */
record StagesToday(Brakes brakes, Passing passing, Doses doses) implements RunTables.Rules {

    /** The table of a session that begins with a proposed dose; empty where nothing is left of the day. */
    Optional<RunTable> table(Proposal.Do toDo) {
        SoFar soFar = passing.soFar();
        int left = Math.min(
                toDo.dose().total() - soFar.inTheClinic(toDo.role()),
                Prescription.MOST_RUNS - soFar.stages(toDo.role(), Counted.RUNS).amount());
        return left < 1 ? Optional.empty() : Optional.of(RunTables.of(toDo.role(), left, this));
    }

    @Override
    public RunTables.Opens after(RoleKey stage) {
        OpenToday open = brakes.open();
        Optional<Ground> held =
                brakes.atOnce(stage).or(() -> brakes.heldBack().tolerated(stage).map(Ground.StaysFor::new));
        Optional<RoleKey> next = new Neighbours(open.standing()).next(stage).filter(this::isRun);
        if (held.isPresent() || next.isEmpty()) {
            return new RunTables.Opens(Optional.empty(), held.or(() -> Optional.of(new Ground.EndOfLadder(true))));
        }
        return open.isOpen(next.get())
                ? new RunTables.Opens(next, Optional.empty())
                : new RunTables.Opens(
                        Optional.empty(),
                        Optional.of(new Ground.NextRungClosed(open.standing().verdict(next.get()))));
    }

    @Override
    public boolean hasRoom(RoleKey stage, Map<RoleKey, Integer> done) {
        SoFar all = passing.soFar();
        for (Map.Entry<RoleKey, Integer> each : done.entrySet()) {
            all = all.and(new SoFar.Portion(each.getKey(), each.getValue(), SoFar.Where.CLINIC));
        }
        return passing.hasRoom(stage, doses.usual(stage).inSets(1).at(1), all);
    }

    private boolean isRun(RoleKey role) {
        return brakes.open()
                        .standing()
                        .course()
                        .exercise(role.activity())
                        .dose()
                        .aim()
                        .counted()
                == Counted.RUNS;
    }
}
