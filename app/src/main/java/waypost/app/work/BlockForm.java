package waypost.app.work;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.plan.NewBlock;
import waypost.app.plan.Plans;
import waypost.core.block.BlockSpan;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;

/**
 * The form of a block as it was sent.
 *
 * @param replaces the block that stood on the page, or blank
 * @param role chosen roles, blank where one is left out
 * @param kind of each weekday, Monday first
 */
record BlockForm(
        @Nullable String blockId,
        @Nullable String replaces,
        @Nullable String beginsOn,
        @Nullable String weeks,
        @Nullable List<String> role,
        @Nullable List<String> kind) {

    private static final int MOST_TYPED = 99;

    UUID readId() {
        return Entered.id("blockId", Entered.text(blockId));
    }

    Optional<UUID> readReplaces() {
        return Optional.of(Entered.text(replaces)).filter(id -> !id.isBlank()).map(id -> Entered.id("replaces", id));
    }

    NewBlock read() {
        List<DayKind> kinds = kind == null
                ? List.of()
                : kind.stream()
                        .map(each -> Entered.choice(DayKind.class, "kind", each))
                        .toList();
        List<RoleKey> roles = role == null
                ? List.of()
                : role.stream()
                        .filter(key -> !key.isBlank())
                        .map(SetForm::role)
                        .distinct()
                        .toList();
        int wanted = Entered.whole("weeks", Entered.text(weeks), MOST_TYPED).orElse(Plans.USUAL_WEEKS);
        return new NewBlock(Entered.date("beginsOn", Entered.text(beginsOn)), wanted, kinds, roles, Map.of());
    }

    /** This, where anything of it was sent; empty for a page that is opened anew. */
    Optional<BlockForm> asked() {
        return beginsOn == null && role == null ? Optional.empty() : Optional.of(this);
    }

    /** The weeks that were typed, as far as a block may be written for them. */
    BlockSpan spanOr(BlockSpan usual, LocalDate today) {
        try {
            return read().weeksChecked(today);
        } catch (FormProblem unreadable) {
            return usual;
        }
    }

    /** What was chosen and can be read, to be shown again. */
    Set<String> chosen() {
        return role == null
                ? Set.of()
                : role.stream()
                        .filter(key -> key.matches("[a-z0-9-]+/[a-z0-9-]+"))
                        .collect(Collectors.toSet());
    }

    String begins(Object otherwise) {
        return beginsOn == null || beginsOn.isBlank() ? otherwise.toString() : beginsOn;
    }
}
