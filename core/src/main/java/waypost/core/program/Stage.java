package waypost.core.program;

import java.util.List;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Dose;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.log.Bout;
import waypost.core.log.SetDone;
import waypost.core.prescription.WorkingDose;

/**
 * One stage: so much of one exercise, so often, before the next.
 *
 * @param sets 1 to 20
 * @param clean sessions running that open the next stage, 1 to 10
 * @param wants what has to be met besides before it is begun
 */
public record Stage(RoleKey role, int sets, SetAim aim, int clean, List<Criterion> wants) {

    private static final int MOST_CLEAN = 10;

    public Stage {
        wants = List.copyOf(wants);
        if (sets < 1 || sets > Dose.MOST_SETS) {
            throw new IllegalArgumentException("sets: found " + sets + ", allowed: 1 to " + Dose.MOST_SETS);
        }
        if (clean < 1 || clean > MOST_CLEAN) {
            throw new IllegalArgumentException("clean sessions: found " + clean + ", allowed: 1 to " + MOST_CLEAN);
        }
    }

    /** The least that counts as this stage, in all sets together. */
    public int least() {
        return sets * aim.least();
    }

    /** Whether so much was done: as much in all, and of what a clock counts as long at a stretch. */
    public boolean isReached(Bout bout) {
        int longest = bout.sets().stream().mapToInt(SetDone::amount).max().orElse(0);
        return bout.total() >= least() && (!aim.counted().isTime() || longest >= aim.least());
    }

    /** Its dose, with what is held and how it is set up from another. */
    public WorkingDose dose(WorkingDose otherwise) {
        return otherwise.inSets(sets).aiming(aim);
    }
}
