package waypost.core.protocol;

import waypost.core.body.Mode;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;

/** A milestone: something that must have been measured or seen. */
public sealed interface Criterion {

    String id();

    String title();

    Measure measure();

    /** Which mode's readings count. */
    Mode mode();

    <R> R accept(Visitor<R> visitor);

    /** The operated side is at least as good as {@code bound}: range, test score, pain at most, effusion at most. */
    record Reach(String id, String title, Measure measure, Mode mode, Amount bound) implements Criterion {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.reach(this);
        }
    }

    /** The operated side lacks at most {@code most} against the other side, in the measure's unit. */
    record Deficit(String id, String title, Measure measure, Mode mode, Amount most) implements Criterion {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.deficit(this);
        }
    }

    /** Limb symmetry of at least so many percent. */
    record SymmetryAtLeast(String id, String title, Measure measure, Mode mode, double percent) implements Criterion {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.symmetry(this);
        }
    }

    /** Seen as described. */
    record Observed(String id, String title, Measure measure) implements Criterion {
        @Override
        public Mode mode() {
            return Mode.ACTIVE;
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.observed(this);
        }
    }

    /** Answers once for each kind of criterion. */
    interface Visitor<R> {
        R reach(Reach criterion);

        R deficit(Deficit criterion);

        R symmetry(SymmetryAtLeast criterion);

        R observed(Observed criterion);
    }
}
