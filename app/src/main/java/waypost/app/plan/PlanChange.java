package waypost.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import waypost.core.block.Meant;
import waypost.core.exercise.RoleKey;

/**
 * Something done to a plan.
 *
 * @param inPlaceOf for a swap the role that goes
 * @param meantFrom since when what comes in is meant; null for as long as the plan stands
 */
public record PlanChange(
        UUID id,
        Kind kind,
        String role,
        @Nullable String inPlaceOf,
        @Nullable LocalDate meantFrom,
        String why) {

    /** What is done. */
    public enum Kind {
        ADD,
        SWAP,
        REMOVE
    }

    /** What is meant from the day on which it is kept. */
    public PlanChange(UUID id, Kind kind, String role, @Nullable String inPlaceOf, String why) {
        this(id, kind, role, inPlaceOf, null, why);
    }

    public static PlanChange add(UUID id, RoleKey role) {
        return new PlanChange(id, Kind.ADD, role.toString(), null, "");
    }

    public static PlanChange swap(UUID id, RoleKey out, RoleKey in, String why) {
        return new PlanChange(id, Kind.SWAP, in.toString(), out.toString(), why);
    }

    /** What a block begins with. */
    static PlanChange with(Meant meant, String why) {
        return new PlanChange(
                UUID.randomUUID(),
                Kind.ADD,
                meant.role().toString(),
                null,
                meant.from().orElse(null),
                why);
    }

    /** This, with what comes in meant from a day on. */
    PlanChange from(LocalDate day) {
        return kind == Kind.REMOVE ? this : new PlanChange(id, kind, role, inPlaceOf, day, why);
    }

    RoleKey key() {
        return RoleKey.of(role);
    }

    /** Does it; what is there already is not there twice: it is meant from the day said last. */
    void applyTo(List<Meant> plan) {
        Meant meant = new Meant(key(), Optional.ofNullable(meantFrom));
        switch (kind) {
            case ADD -> put(plan, meant);
            case REMOVE -> plan.removeIf(each -> each.role().equals(key()));
            case SWAP -> {
                RoleKey out = inPlaceOf == null ? key() : RoleKey.of(inPlaceOf);
                int at = place(plan, out);
                if (at < 0 || place(plan, key()) >= 0) {
                    plan.removeIf(each -> each.role().equals(out));
                    put(plan, meant);
                } else {
                    plan.set(at, meant);
                }
            }
        }
    }

    private static void put(List<Meant> plan, Meant meant) {
        int at = place(plan, meant.role());
        if (at < 0) {
            plan.add(meant);
        } else {
            plan.set(at, meant);
        }
    }

    private static int place(List<Meant> plan, RoleKey role) {
        return plan.stream().map(Meant::role).toList().indexOf(role);
    }
}
