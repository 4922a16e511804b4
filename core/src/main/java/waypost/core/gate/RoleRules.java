package waypost.core.gate;

import java.util.List;
import waypost.core.body.Region;
import waypost.core.demand.Demand;
import waypost.core.demand.Demand.Movement;
import waypost.core.exercise.Role;

/** What looks at one role, whatever the dates: gathered once for all courses under the same rules. */
final class RoleRules {

    private static final int NONE = -1;

    private final Role role;
    private final boolean gentle;
    /** What it says asks something of the operated region. */
    private final boolean concerned;

    /** It does, or the protocol speaks of it all the same. */
    private final boolean spokenFor;

    /** What doing it asks of the region beside what it says, other than being held so. */
    private final List<Asks.Ask> besides;

    /** What of that, or of a form that asks more than is written, something open has to ask as well. */
    private final List<Asks.Ask> toCover;

    /** Its place among the roles of the library; of one that is asked about once, none. */
    private final int nth;

    private final UnderLimits underLimits;

    /** It moves something through an arc that needs range to be there. */
    private final boolean needsRange;

    private RoleRules(LibraryRules.Look look, Role role, int nth, List<Asks.Ask> besides, List<Asks.Ask> more) {
        this.role = role;
        this.gentle = look.gentle();
        this.nth = nth;
        this.concerned = concerns(role, look.region());
        this.spokenFor = look.opened() || concerned;
        this.besides = besides;
        this.toCover = spokenFor ? more : besides;
        this.underLimits = new UnderLimits(role, look.limits());
        this.needsRange = needsRange(role);
    }

    /**
     * A role of the library, about which is asked again and again.
     *
     * @param nth its place among the library's
     */
    static RoleRules ofLibrary(LibraryRules.Look look, Role role, int nth, Asks asks) {
        return new RoleRules(look, role, nth, asks.count(role.besides().operated()), List.of());
    }

    /**
     * A role that asks something else than it is written with.
     *
     * @param more what it asks beyond what is written
     */
    static RoleRules once(LibraryRules.Look look, Role role, List<Demand> more, Asks asks) {
        return new RoleRules(look, role, NONE, asks.of(role.besides().operated()), asks.of(more));
    }

    private static boolean needsRange(Role role) {
        for (Demand demand : role.demands()) {
            if (demand instanceof Movement movement && movement.needs().isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static boolean concerns(Role role, Region region) {
        for (Demand demand : role.demands()) {
            if (demand.concerns(region)) {
                return true;
            }
        }
        return false;
    }

    Role role() {
        return role;
    }

    int nth() {
        return nth;
    }

    boolean isOfLibrary() {
        return nth != NONE;
    }

    boolean spokenFor() {
        return spokenFor;
    }

    List<Asks.Ask> toCover() {
        return toCover;
    }

    UnderLimits underLimits() {
        return underLimits;
    }

    boolean needsRange() {
        return needsRange;
    }

    /** Whether it asks anything of the operated region, said or not. */
    boolean asksOfRegion() {
        return spokenFor || !besides.isEmpty();
    }

    /** Whether an event that nobody has looked after closes it. */
    boolean mindsEvents() {
        return (concerned || !besides.isEmpty()) && !gentle;
    }

    /** Whether whoever does this does all that {@code asked} asks, and the protocol says whether this may be done. */
    boolean vouchesFor(Demand asked) {
        if (!spokenFor) {
            return false;
        }
        for (Demand demand : underLimits.whole().demands()) {
            if (asked.isNoMoreThan(demand)) {
                return true;
            }
        }
        return false;
    }
}
