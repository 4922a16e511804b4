package waypost.app.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import waypost.core.block.BlockSpan;
import waypost.core.block.Meant;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Week;

/**
 * A written block.
 *
 * @param days kinds of the weekdays, Monday first, parted by commas; empty where nobody said
 * @param proposed whether nobody wrote it: it is what was proposed, kept when somebody changed it
 * @param writtenBy a display name
 * @param changes what came in with it, then what was added, swapped and taken out since
 */
public record Block(
        UUID id,
        LocalDate beginsOn,
        int weeks,
        String days,
        boolean proposed,
        String writtenBy,
        List<PlanChange> changes) {

    public Block {
        changes = List.copyOf(changes);
    }

    /** What its weekdays are for, and what was placed on which of them. */
    public Week week() {
        Map<RoleKey, OnDays.Weekdays> placed = new HashMap<>();
        meant().forEach(each -> each.placed().ifPresent(days -> placed.put(each.role(), days)));
        List<DayKind> kinds = days.isEmpty()
                ? List.of()
                : Arrays.stream(days.split(",")).map(DayKind::valueOf).toList();
        return new Week(kinds, placed);
    }

    public BlockSpan span() {
        return new BlockSpan(beginsOn, weeks);
    }

    /** The first day after it. */
    public LocalDate endsBefore() {
        return span().endsBefore();
    }

    /** What is in it after every change, in the order in which it is done. */
    public List<Meant> meant() {
        List<Meant> meant = new ArrayList<>();
        changes.forEach(change -> change.applyTo(meant));
        return meant;
    }

    /** Why each exercise came in, as it was said last; an empty text where nobody said. */
    public Map<RoleKey, String> reasons() {
        Map<RoleKey, String> reasons = new HashMap<>();
        changes.stream()
                .filter(change -> change.kind() != PlanChange.Kind.REMOVE && change.kind() != PlanChange.Kind.PLACE)
                .forEach(change -> reasons.put(change.key(), change.why()));
        return reasons;
    }
}
