package waypost.app.plan;

import java.time.LocalDate;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A block beside one of its changes; without changes, beside none. */
record PlanRow(
        UUID blockId,
        LocalDate beginsOn,
        int weeks,
        String days,
        String writtenBy,
        @Nullable UUID changeId,
        PlanChange.@Nullable Kind kind,
        @Nullable String role,
        @Nullable String inPlaceOf,
        @Nullable String why) {

    Block block() {
        return new Block(blockId, beginsOn, weeks, days, writtenBy);
    }

    Stream<PlanChange> change() {
        return changeId == null || kind == null || role == null || why == null
                ? Stream.empty()
                : Stream.of(new PlanChange(changeId, kind, role, inPlaceOf, why));
    }
}
