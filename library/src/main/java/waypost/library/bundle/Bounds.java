package waypost.library.bundle;

import java.util.function.Function;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Count;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Loading;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.CombinedLimit;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Limit;
import waypost.core.limit.MotionLimit;
import waypost.core.limit.PostureLimit;
import waypost.core.limit.Quantity;

/** Reads a new bound for a limit that exists, as an order or a narrowing writes it. */
public final class Bounds implements Limit.Visitor<Function<String, ?>>, Quantity.Visitor<Function<String, ?>> {

    private static final Bounds BOUNDS = new Bounds();

    private Bounds() {}

    /** What {@code text} allows: "free", "none", or a bound of the limit's own kind. */
    @SuppressWarnings("unchecked") // each visit below gives the reader of that limit's own kind
    public static <T> Allowed<T> read(Limit<T> limit, String text) {
        return LimitReader.allowed(text, (Function<String, T>) limit.accept(BOUNDS));
    }

    @Override
    public Function<String, ?> motion(MotionLimit limit) {
        return text -> Word.arc(limit.motion(), text);
    }

    @Override
    public Function<String, ?> combined(CombinedLimit limit) {
        return LimitReader::noBound;
    }

    @Override
    public Function<String, ?> amount(AmountLimit<?> limit) {
        return limit.quantity().accept(this);
    }

    @Override
    public Function<String, ?> posture(PostureLimit limit) {
        return LimitReader::noBound;
    }

    @Override
    public Function<String, ?> activity(ActivityLimit limit) {
        return LimitReader::noBound;
    }

    @Override
    public Function<String, ?> effort(Quantity.Effort quantity) {
        return LimitReader.bound(Level.class);
    }

    @Override
    public Function<String, ?> share(LimbQuantity.Share quantity) {
        return BodyShare::parse;
    }

    @Override
    public Function<String, ?> against(Quantity.Against quantity) {
        return LimitReader.bound(Loading.class);
    }

    @Override
    public Function<String, ?> endForce(Quantity.EndForce quantity) {
        return LimitReader.bound(EndRange.class);
    }

    @Override
    public Function<String, ?> holding(LimbQuantity.Holding quantity) {
        return text -> LimitReader.load(quantity.unit(), text);
    }

    @Override
    public Function<String, ?> reach(LimbQuantity.Reach quantity) {
        return LimitReader.bound(LeverLength.class);
    }

    @Override
    public Function<String, ?> handHeight(Quantity.HandHeight quantity) {
        return LimitReader.bound(ArmHeight.class);
    }

    @Override
    public Function<String, ?> straining(LimbQuantity.Straining quantity) {
        return LimitReader.bound(Level.class);
    }

    @Override
    public Function<String, ?> contacts(Quantity.Contacts quantity) {
        return Count::parse;
    }

    @Override
    public Function<String, ?> steps(Quantity.Steps quantity) {
        return Count::parse;
    }

    @Override
    public Function<String, ?> onKnee(LimbQuantity.OnKnee quantity) {
        return BodyShare::parse;
    }

    @Override
    public Function<String, ?> pressing(LimbQuantity.Pressing quantity) {
        return LimitReader.bound(Level.class);
    }
}
