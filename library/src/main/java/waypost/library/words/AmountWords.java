package waypost.library.words;

import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Quantity;

/** Says so much of a quantity: "low effort", "50 % of body weight", "band 2", "above shoulder". */
record AmountWords(Object amount, boolean brief) implements Quantity.Visitor<String> {

    /** How much this is of the quantity. */
    static <T extends Comparable<T>> String say(Quantity<T> quantity, T amount) {
        return quantity.accept(new AmountWords(amount, false));
    }

    /** The same beside a title that already names the quantity. */
    static <T extends Comparable<T>> String brief(Quantity<T> quantity, T amount) {
        return quantity.accept(new AmountWords(amount, true));
    }

    @Override
    public String effort(Quantity.Effort quantity) {
        return Terms.effort((Level) amount);
    }

    @Override
    public String share(LimbQuantity.Share quantity) {
        return Terms.share((BodyShare) amount);
    }

    @Override
    public String against(Quantity.Against quantity) {
        return Terms.loading((Loading) amount);
    }

    @Override
    public String endForce(Quantity.EndForce quantity) {
        return switch ((EndRange) amount) {
            case SHORT_OF_IT -> "short of the end of range";
            case FIRST_RESISTANCE -> "first resistance";
            case STRETCH -> "stretch";
            case OVERPRESSURE -> "overpressure";
        };
    }

    @Override
    public String holding(LimbQuantity.Holding quantity) {
        return Terms.load((Load) amount);
    }

    @Override
    public String reach(LimbQuantity.Reach quantity) {
        return Terms.plain((LeverLength) amount) + " lever";
    }

    @Override
    public String handHeight(Quantity.HandHeight quantity) {
        return switch ((ArmHeight) amount) {
            case BELOW_SHOULDER -> "below the shoulder";
            case AT_SHOULDER -> "shoulder height";
            case ABOVE_SHOULDER -> "above the shoulder";
        };
    }

    @Override
    public String straining(LimbQuantity.Straining quantity) {
        return Terms.plain((Level) amount) + (brief ? "" : " " + Terms.plain(quantity.kind()));
    }

    @Override
    public String contacts(Quantity.Contacts quantity) {
        return ((Count) amount).number() + " ground contacts";
    }

    @Override
    public String steps(Quantity.Steps quantity) {
        return ((Count) amount).number() + (brief ? " steps" : " steps of running");
    }

    @Override
    public String onKnee(LimbQuantity.OnKnee quantity) {
        return Terms.share((BodyShare) amount);
    }

    @Override
    public String pressing(LimbQuantity.Pressing quantity) {
        return Terms.plain((Level) amount) + (brief ? "" : " pressure");
    }
}
