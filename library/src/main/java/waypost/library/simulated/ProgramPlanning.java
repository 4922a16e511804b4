package waypost.library.simulated;

import java.util.List;
import waypost.core.course.Standing;
import waypost.core.log.WorkLog;
import waypost.core.program.Program;
import waypost.core.progression.Prescribed;

/** As by visit, and one program is followed from the day on which its first stage is open. */
final class ProgramPlanning extends Planning {

    private final Program program;
    private final ByVisit byVisit = new ByVisit();

    ProgramPlanning(Program program) {
        this.program = program;
    }

    @Override
    void takeUp(Standing standing, WorkLog work) {
        byVisit.takeUp(standing, work);
        byVisit.plan().forEach(plan()::putIfAbsent);
        plan().values().removeIf(program.roles()::contains);
        boolean begun =
                program.roles().stream().anyMatch(role -> !work.bouts(role).isEmpty());
        if (begun || standing.verdict(program.roles().get(0)).kind().isOpen()) {
            plan().put(program.id(), program.roles().get(0));
        }
    }

    @Override
    Prescribed prescribed() {
        return Prescribed.NOTHING.following(List.of(program));
    }
}
