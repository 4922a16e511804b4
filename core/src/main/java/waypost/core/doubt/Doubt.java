package waypost.core.doubt;

import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;

/** Something in a reading that a second look should clear up. */
public sealed interface Doubt {

    Measure measure();

    Reading reading();

    <R> R accept(Visitor<R> visitor);

    /** Active goes further than passive of the same day by more than the tool's error. */
    record ActiveBeyondPassive(Measure measure, Reading reading, Reading passive) implements Doubt {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.activeBeyondPassive(this);
        }
    }

    /** The other side is weaker than it was before surgery: symmetry flatters. */
    record OtherSideWeaker(Measure measure, Reading reading, Reading before) implements Doubt {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.otherSideWeaker(this);
        }
    }

    /** Much more or less than last time, within days: confirm it. */
    record UnlikelyJump(Measure measure, Reading reading, Reading before) implements Doubt {

        /** How much better it would be; negative when worse. */
        public Amount gain() {
            return Amount.of(measure.gain(before.amount(), reading.amount()), measure.unit());
        }

        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.unlikelyJump(this);
        }
    }

    /** Taken with another tool or in another position than last time: the two can't be compared. */
    record TakenOtherwise(Measure measure, Reading reading, Reading before) implements Doubt {
        @Override
        public <R> R accept(Visitor<R> visitor) {
            return visitor.takenOtherwise(this);
        }
    }

    /** Answers once for each kind of doubt. */
    interface Visitor<R> {
        R activeBeyondPassive(ActiveBeyondPassive doubt);

        R otherSideWeaker(OtherSideWeaker doubt);

        R unlikelyJump(UnlikelyJump doubt);

        R takenOtherwise(TakenOtherwise doubt);
    }
}
