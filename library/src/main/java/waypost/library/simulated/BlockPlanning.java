package waypost.library.simulated;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.block.BlockAhead;
import waypost.core.block.BlockSpan;
import waypost.core.block.Meant;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Since;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.Plan;
import waypost.core.progression.Prescribed;

/**
 * Every four weeks a block: each ladder that the protocol speaks of joins with the easiest exercise that opens in the
 * block, from the day on which it does, and everything that was never done gets a prescribed dose.
 */
final class BlockPlanning extends Planning {

    private static final int WEEKS = 4;

    private Optional<BlockSpan> block = Optional.empty();
    private final List<Meant> meant = new ArrayList<>();
    private final Map<RoleKey, Prescription> written = new HashMap<>();

    @Override
    void takeUp(Standing standing, WorkLog work) {
        LocalDate today = standing.date();
        if (block.filter(running -> running.contains(today)).isEmpty()) {
            write(standing, new BlockSpan(today, WEEKS));
        }
        meant.stream().filter(each -> each.isMeantOn(today)).forEach(each -> putIfAbsent(standing, each.role()));
        takeWhatIsToBeTolerated(standing);
        plan().values().forEach(role -> prescribe(standing, work, role));
    }

    private void write(Standing standing, BlockSpan span) {
        block = Optional.of(span);
        meant.clear();
        BlockAhead ahead = BlockAhead.of(standing.course(), standing.date(), span);
        Plan.firstOn(standing).forEach(role -> meant.add(Meant.always(role)));
        for (Activity activity : standing.course().activities()) {
            if (activity instanceof Activity.Exercise exercise
                    && standing.course().speaksOf(exercise)
                    && meant.stream().noneMatch(each -> isOfLadder(standing, each, exercise))) {
                exercise.roles().stream()
                        .map(Role::key)
                        .flatMap(role -> ahead.of(role).map(first -> Meant.since(role, first, span)).stream())
                        .filter(each -> each.from().isPresent())
                        .findFirst()
                        .ifPresent(meant::add);
            }
        }
    }

    private static boolean isOfLadder(Standing standing, Meant meant, Activity.Exercise exercise) {
        return standing.course().exercise(meant.role().activity()).ladder().equals(exercise.ladder());
    }

    private void prescribe(Standing standing, WorkLog work, RoleKey role) {
        if (!written.containsKey(role) && work.bouts(role).isEmpty()) {
            Activity.Exercise exercise = standing.course().exercise(role.activity());
            WorkingDose dose = WorkingDose.usual(exercise, exercise.role(role)).lightest(exercise.role(role));
            written.put(role, Prescription.plain(exercise, role, new Since(standing.date(), 0), dose));
        }
    }

    @Override
    Prescribed prescribed() {
        return new Prescribed(new Prescriptions(List.copyOf(written.values())), Week.UNSAID);
    }
}
