package waypost.library.words;

import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Quantity;

/** What a quantity is called when none of it is allowed. */
enum QuantityNames implements Quantity.Visitor<String> {
    NAME;

    @Override
    public String effort(Quantity.Effort quantity) {
        return "effort";
    }

    @Override
    public String share(LimbQuantity.Share quantity) {
        return "weight";
    }

    @Override
    public String against(Quantity.Against quantity) {
        return "load";
    }

    @Override
    public String endForce(Quantity.EndForce quantity) {
        return "pressing into the end of range";
    }

    @Override
    public String holding(LimbQuantity.Holding quantity) {
        return "load held";
    }

    @Override
    public String reach(LimbQuantity.Reach quantity) {
        return "lever";
    }

    @Override
    public String handHeight(Quantity.HandHeight quantity) {
        return "work of the hand";
    }

    @Override
    public String straining(LimbQuantity.Straining quantity) {
        return Terms.plain(quantity.kind());
    }

    @Override
    public String contacts(Quantity.Contacts quantity) {
        return "ground contacts";
    }

    @Override
    public String steps(Quantity.Steps quantity) {
        return "steps of running";
    }

    @Override
    public String onKnee(LimbQuantity.OnKnee quantity) {
        return "kneeling";
    }

    @Override
    public String pressing(LimbQuantity.Pressing quantity) {
        return "pressure";
    }
}
