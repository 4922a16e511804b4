package waypost.core.progression;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.prescription.WorkingDose;

/** What is proposed for an exercise of the plan on a day. */
public sealed interface Proposal {

    /** The role of the plan that was asked about. */
    RoleKey asked();

    /** What it asks the patient to do today, if anything. */
    Optional<Do> toDo();

    /** Why, the rule's own ground first; none where the verdict alone speaks. */
    default List<Ground> grounds() {
        return toDo().map(Do::why).orElse(List.of());
    }

    /**
     * A dose of a role that is open today.
     *
     * @param role the role asked about, or another rung of its ladder
     * @param why the grounds, the rule's own first
     */
    record Do(RoleKey asked, RoleKey role, Way way, WorkingDose dose, List<Ground> why) implements Proposal {
        public Do {
            why = List.copyOf(why);
        }

        @Override
        public Optional<Do> toDo() {
            return Optional.of(this);
        }
    }

    /** Not today: the tissue or the joint rests until a day. */
    record Rest(RoleKey asked, LocalDate until, List<Ground> why) implements Proposal {
        public Rest {
            why = List.copyOf(why);
        }

        @Override
        public List<Ground> grounds() {
            return why;
        }

        @Override
        public Optional<Do> toDo() {
            return Optional.empty();
        }
    }

    /** The gate is closed; the best open neighbour stands in for it, if there is one. */
    record Closed(RoleKey asked, Verdict verdict, Optional<Do> instead) implements Proposal {
        @Override
        public Optional<Do> toDo() {
            return instead;
        }
    }

    /** Its purpose is reached: the protocol switches it off. */
    record Finished(RoleKey asked) implements Proposal {
        @Override
        public Optional<Do> toDo() {
            return Optional.empty();
        }
    }
}
