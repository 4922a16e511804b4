package waypost.app.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.core.block.Meant;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;

/**
 * Something done to a plan.
 *
 * @param inPlaceOf for a swap the role that goes
 * @param meantFrom since when what comes in is meant; null for as long as the plan stands
 * @param weekdays on which it is placed, such as "MONDAY,THURSDAY"; null where its dose says when
 */
public record PlanChange(
        UUID id,
        Kind kind,
        String role,
        @Nullable String inPlaceOf,
        @Nullable LocalDate meantFrom,
        @Nullable String weekdays,
        String why) {

    /** What is done. */
    public enum Kind {
        ADD,
        SWAP,
        REMOVE,
        /** Said on which weekdays it is done. */
        PLACE
    }

    /** What is meant from the day on which it is kept. */
    public PlanChange(UUID id, Kind kind, String role, @Nullable String inPlaceOf, String why) {
        this(id, kind, role, inPlaceOf, null, null, why);
    }

    public static PlanChange add(UUID id, RoleKey role) {
        return new PlanChange(id, Kind.ADD, role.toString(), null, "");
    }

    public static PlanChange swap(UUID id, RoleKey out, RoleKey in, String why) {
        return new PlanChange(id, Kind.SWAP, in.toString(), out.toString(), why);
    }

    /** Placed on weekdays; on none it goes back to what its dose says. */
    public static PlanChange place(UUID id, RoleKey role, Set<DayOfWeek> weekdays) {
        String days = weekdays.stream().sorted().map(DayOfWeek::name).collect(Collectors.joining(","));
        return new PlanChange(id, Kind.PLACE, role.toString(), null, null, days.isEmpty() ? null : days, "");
    }

    /** What a block begins with. */
    static PlanChange with(Meant meant, String why) {
        return new PlanChange(
                UUID.randomUUID(),
                Kind.ADD,
                meant.role().toString(),
                null,
                meant.from().orElse(null),
                null,
                why);
    }

    /** This, with what comes in meant from a day on. */
    PlanChange from(LocalDate day) {
        return kind == Kind.REMOVE ? this : new PlanChange(id, kind, role, inPlaceOf, day, weekdays, why);
    }

    RoleKey key() {
        return RoleKey.of(role);
    }

    /** Does it; what is there already is not there twice: it is meant from the day said last. What takes a place keeps its weekdays. */
    void applyTo(List<Meant> plan) {
        switch (kind) {
            case ADD -> put(plan, since(placedOf(plan, key())));
            case REMOVE -> plan.removeIf(each -> each.role().equals(key()));
            case SWAP -> {
                RoleKey out = inPlaceOf == null ? key() : RoleKey.of(inPlaceOf);
                int at = place(plan, out);
                if (at < 0 || place(plan, key()) >= 0) {
                    plan.removeIf(each -> each.role().equals(out));
                    put(plan, since(placedOf(plan, key())));
                } else {
                    plan.set(at, since(plan.get(at).placed()));
                }
            }
            case PLACE -> {
                int at = place(plan, key());
                if (at >= 0) {
                    plan.set(at, new Meant(key(), plan.get(at).from(), placed()));
                }
            }
        }
    }

    private Meant since(Optional<OnDays.Weekdays> placed) {
        return new Meant(key(), Optional.ofNullable(meantFrom), placed);
    }

    private Optional<OnDays.Weekdays> placed() {
        return Optional.ofNullable(weekdays)
                .map(days -> new OnDays.Weekdays(
                        Arrays.stream(days.split(",")).map(DayOfWeek::valueOf).collect(Collectors.toSet())));
    }

    private static Optional<OnDays.Weekdays> placedOf(List<Meant> plan, RoleKey role) {
        return plan.stream()
                .filter(each -> each.role().equals(role))
                .findFirst()
                .flatMap(Meant::placed);
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
