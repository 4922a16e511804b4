package waypost.app.plan;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A block beside one of its changes; without changes, beside none. */
record PlanRow(
        UUID blockId,
        LocalDate beginsOn,
        int weeks,
        String days,
        boolean proposed,
        String writtenBy,
        @Nullable UUID changeId,
        PlanChange.@Nullable Kind kind,
        @Nullable String role,
        @Nullable String inPlaceOf,
        @Nullable LocalDate meantFrom,
        @Nullable String weekdays,
        @Nullable String why) {

    /** The blocks that rows tell of, in their order. */
    static List<Block> blocks(List<PlanRow> rows) {
        Map<UUID, List<PlanRow>> byBlock =
                rows.stream().collect(Collectors.groupingBy(PlanRow::blockId, LinkedHashMap::new, Collectors.toList()));
        return byBlock.values().stream().map(PlanRow::block).toList();
    }

    private static Block block(List<PlanRow> rows) {
        PlanRow first = rows.get(0);
        return new Block(
                first.blockId,
                first.beginsOn,
                first.weeks,
                first.days,
                first.proposed,
                first.writtenBy,
                rows.stream().flatMap(PlanRow::change).toList());
    }

    private Stream<PlanChange> change() {
        return changeId == null || kind == null || role == null || why == null
                ? Stream.empty()
                : Stream.of(new PlanChange(changeId, kind, role, inPlaceOf, meantFrom, weekdays, why));
    }
}
