package waypost.core.prescription;

import java.util.Optional;
import waypost.core.exercise.Dose;
import waypost.core.exercise.SetAim;

/** One small change of a dose. */
public enum Nudge {
    HEAVIER {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return dose.load().flatMap(LoadStep::up).map(dose::with);
        }
    },
    LIGHTER {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return dose.load().flatMap(LoadStep::down).map(dose::with);
        }
    },
    MORE {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return shifted(dose, dose.aim().counted().step());
        }
    },
    FEWER {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return shifted(dose, -dose.aim().counted().step());
        }
    },
    SET_MORE {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return dose.sets() < Dose.MOST_SETS ? Optional.of(dose.inSets(dose.sets() + 1)) : Optional.empty();
        }
    },
    SET_FEWER {
        @Override
        public Optional<WorkingDose> of(WorkingDose dose) {
            return dose.sets() > 1 ? Optional.of(dose.inSets(dose.sets() - 1)) : Optional.empty();
        }
    };

    /** The dose changed so; empty where it can't be. */
    public abstract Optional<WorkingDose> of(WorkingDose dose);

    private static Optional<WorkingDose> shifted(WorkingDose dose, int by) {
        SetAim aim = dose.aim();
        int least = aim.least() + by;
        return least < 1 || aim.most() + by > SetAim.LARGEST
                ? Optional.empty()
                : Optional.of(dose.aiming(new SetAim(
                        least, aim.most() + by, aim.counted(), aim.holdSeconds(), aim.each(), aim.remark())));
    }
}
