package waypost.app.store;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.demand.LoadUnit;
import waypost.core.log.SetDone;

/**
 * A row of the log of sets as it was written; without an {@code id} it only counts.
 *
 * @param rows how many rows the course has
 * @param replaces the row that this one corrects or withdraws
 */
record WrittenSet(
        long rows,
        @Nullable Long nth,
        @Nullable UUID replaces,
        @Nullable Boolean withdrawn,
        @Nullable String device,
        @Nullable Integer deviceNth,
        @Nullable UUID id,
        @Nullable LocalDate doneOn,
        @Nullable String role,
        @Nullable Integer amount,
        @Nullable BigDecimal loadAmount,
        @Nullable LoadUnit loadUnit,
        @Nullable String setUp,
        @Nullable Integer pain,
        SetDone.@Nullable Form form,
        @Nullable Integer effort,
        @Nullable String faults,
        @Nullable String asked,
        @Nullable Instant doneAt,
        @Nullable String enteredBy) {

    /** In the order done; a device counts what it logged within the same moment. */
    static final Comparator<WrittenSet> AS_DONE = Comparator.comparing((WrittenSet set) -> known(set.doneAt()))
            .thenComparing(set -> known(set.device()))
            .thenComparing(set -> known(set.deviceNth()))
            .thenComparing(WrittenSet::number);

    boolean isRow() {
        return id != null;
    }

    long number() {
        return known(nth);
    }

    boolean stands() {
        return !known(withdrawn);
    }

    Optional<UUID> inPlaceOf() {
        return Optional.ofNullable(replaces);
    }

    SetRow row(UUID courseId) {
        return new SetRow(
                known(id),
                courseId,
                known(doneOn),
                known(role),
                known(amount),
                loadAmount,
                loadUnit,
                known(setUp),
                known(pain),
                known(form),
                effort,
                known(faults),
                known(asked),
                known(doneAt),
                known(enteredBy));
    }

    private static <T> T known(@Nullable T value) {
        return Objects.requireNonNull(value);
    }
}
