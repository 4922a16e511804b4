package waypost.core.paper;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;

/** What a line of a surgeon's paper speaks of. */
public sealed interface What {

    /** What lines that speak of the same have in common: they follow one upon the other. */
    String subject();

    /** The operated leg carries at most so much; all of the body is free. */
    record Weight(BodyShare most) implements What {
        @Override
        public String subject() {
            return "weight";
        }
    }

    /**
     * A joint moves within an arc in these modes.
     *
     * @param allowed nothing is allowed where empty
     * @param working the direction in which the muscles work, where only that one is meant
     */
    record Reach(Motion motion, Set<Mode> modes, Optional<Arc> allowed, Optional<Direction> working) implements What {
        public Reach {
            modes = Set.copyOf(modes);
        }

        /** Whether all that a joint can do is allowed. */
        public boolean isFree() {
            return allowed.map(motion.possible()::equals).orElse(false);
        }

        @Override
        public String subject() {
            return "reach " + motion + " " + modes.stream().sorted().toList()
                    + working.map(toward -> " " + toward).orElse("");
        }
    }

    /** A muscle does not work in these modes. */
    record Rests(Tissue tissue, Set<Mode> modes) implements What {
        public Rests {
            modes = Set.copyOf(modes);
        }

        @Override
        public String subject() {
            return "rests " + tissue + " " + modes.stream().sorted().toList();
        }
    }

    /**
     * The operated arm holds at most so much.
     *
     * @param kilograms 0 for nothing
     */
    record Lifts(double kilograms) implements What {
        @Override
        public String subject() {
            return "lifts";
        }
    }

    /** Something is worn, so. */
    record Worn(String what, List<String> how) implements What {
        public Worn {
            how = List.copyOf(how);
        }

        @Override
        public String subject() {
            return "worn " + what;
        }
    }

    /**
     * Exercises that are not done.
     *
     * @param name as a surgeon calls them together
     */
    record Barred(String name, List<String> exercises) implements What {
        public Barred {
            exercises = List.copyOf(exercises);
        }

        @Override
        public String subject() {
            return "barred " + name;
        }
    }

    /** Something to be told, of which no exercise is judged. */
    record Told(String text) implements What {
        @Override
        public String subject() {
            return "told " + text;
        }
    }
}
