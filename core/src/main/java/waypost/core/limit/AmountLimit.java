package waypost.core.limit;

import java.util.List;
import java.util.Optional;
import waypost.core.exercise.Role;
import waypost.core.time.Schedule;

/** At most so much of a quantity: effort of a tissue, share of body mass, load, height, impact. */
public record AmountLimit<T extends Comparable<T>>(RuleHead head, Quantity<T> quantity, Schedule<Allowed<T>> schedule)
        implements Limit<T> {

    @Override
    public Sought sought() {
        return quantity.sought();
    }

    @Override
    public boolean concerns(Role role, int at) {
        return quantity.looksAt(role, at);
    }

    @Override
    public boolean respected(Role role, int at, Allowed<T> allowed) {
        if (allowed.isFree()) {
            return true;
        }
        Optional<T> most = most(allowed);
        return most.isPresent()
                && quantity.askedBy(role, at)
                        .map(asked -> asked.compareTo(most.get()) <= 0)
                        .orElse(true);
    }

    @Override
    public List<Role> reductions(Role role, int at, Allowed<T> allowed) {
        return most(allowed)
                .flatMap(most -> quantity.lowered(role.demands().get(at), most, role.reducible()))
                .map(less -> role.replacing(at, less))
                .stream()
                .toList();
    }

    private Optional<T> most(Allowed<T> allowed) {
        return allowed.most().or(quantity::none);
    }

    @Override
    public Object subject() {
        return quantity;
    }

    @Override
    public boolean within(T inner, T outer) {
        return inner.compareTo(outer) <= 0;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.amount(this);
    }
}
