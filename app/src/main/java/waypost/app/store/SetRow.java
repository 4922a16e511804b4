package waypost.app.store;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;

/** A set as it is kept; {@code enteredBy} is a display name. */
public record SetRow(
        UUID id,
        UUID courseId,
        LocalDate doneOn,
        String role,
        int amount,
        @Nullable BigDecimal loadAmount,
        @Nullable LoadUnit loadUnit,
        String setUp,
        int pain,
        SetDone.Form form,
        @Nullable Integer effort,
        String faults,
        String asked,
        Instant doneAt,
        String enteredBy) {

    public RoleKey key() {
        return RoleKey.of(role);
    }

    public Optional<Load> load() {
        return Optional.ofNullable(loadAmount)
                .flatMap(held -> Optional.ofNullable(loadUnit).map(unit -> new Load(held.doubleValue(), unit)));
    }

    /** As the rules see it. */
    public SetDone done() {
        return new SetDone(key(), doneOn, amount, load(), Arrangement.parse(setUp), pain, form);
    }
}
