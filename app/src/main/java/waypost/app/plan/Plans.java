package waypost.app.plan;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Permission;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.core.block.BlockAhead;
import waypost.core.block.BlockSpan;
import waypost.core.block.FirstDay;
import waypost.core.block.Meant;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;
import waypost.core.progression.Plan;
import waypost.library.words.Words;

/** Keeps plans; rows are only added. Only what is open today comes into a plan, or into a block what opens within it. */
@Service
public class Plans {

    public static final int USUAL_WEEKS = 4;
    static final int MOST_ROLES = 20;

    private final PlanMapper mapper;
    private final ClinicClock clock;

    Plans(PlanMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The plan of a course on the day of a standing: the block that runs with its changes, or what is proposed. */
    public CurrentPlan of(UUID courseId, Standing standing) {
        Blocks blocks = new Blocks(PlanRow.blocks(mapper.findAll(courseId)));
        Optional<Block> running = blocks.runningOn(standing.date());
        Signs signs = new Signs(standing);
        List<Meant> meant = running.map(Block::meant)
                .orElseGet(
                        () -> Plan.firstOn(standing).stream().map(Meant::always).toList());
        return new CurrentPlan(
                standing.date(),
                running,
                meant.stream().filter(each -> signs.knows(each.role())).toList(),
                blocks);
    }

    /**
     * Adds, swaps or takes out. While no block was written the proposed one is written first. Sent twice, done once; of two
     * people who change the same exercise at once the second is told.
     */
    @Transactional
    public void change(Staff staff, UUID courseId, Standing standing, PlanChange change) {
        mapper.lock(courseId);
        if (mapper.isChanged(change.id())) {
            return;
        }
        check(staff, standing, change);
        checkStands(of(courseId, standing), change);
        keep(staff, courseId, standing, change.from(standing.date()));
    }

    /** What is taken out is in the plan and what is put in is not: a swap is no other way to add. */
    private static void checkStands(CurrentPlan plan, PlanChange change) {
        String out = change.kind() == PlanChange.Kind.REMOVE ? change.role() : change.inPlaceOf();
        boolean takesOut = change.kind() != PlanChange.Kind.ADD;
        List<RoleKey> whole = plan.meant().stream().map(Meant::role).toList();
        if (takesOut && (out == null || !whole.contains(RoleKey.of(out)))) {
            throw new FormProblem(
                    "role",
                    "Found '" + out + "', which is not in the plan: somebody may have changed it a moment ago."
                            + " Look at the plan as it stands now.");
        }
        if (change.kind() != PlanChange.Kind.REMOVE && plan.roles().contains(RoleKey.of(change.role()))) {
            throw new FormProblem(
                    "role", "Found '" + change.role() + "', which is in the plan already. Choose another exercise.");
        }
    }

    /** Goes to the rung to which a rule of progression led; the caller has seen that it did. */
    @Transactional
    public void follow(Staff staff, UUID courseId, Standing standing, RoleKey from, RoleKey to) {
        mapper.lock(courseId);
        keep(
                staff,
                courseId,
                standing,
                PlanChange.swap(UUID.randomUUID(), from, to, "by the rule of progression")
                        .from(standing.date()));
    }

    private void keep(Staff staff, UUID courseId, Standing standing, PlanChange change) {
        CurrentPlan plan = of(courseId, standing);
        if (change.kind() == PlanChange.Kind.ADD && plan.meant().size() >= MOST_ROLES) {
            throw new FormProblem("role", "The plan has " + MOST_ROLES + " exercises. Take one out first.");
        }
        UUID block = plan.block().map(Block::id).orElseGet(() -> keepProposed(staff, courseId, plan));
        mapper.insertChange(block, change, staff.id(), clock.now());
    }

    UUID keepProposed(Staff staff, UUID courseId, CurrentPlan plan) {
        UUID id = UUID.randomUUID();
        UUID follows = plan.blocks().writtenLast().map(Block::id).orElse(null);
        NewBlock proposed = new NewBlock(plan.date(), USUAL_WEEKS, List.of(), plan.roles(), Map.of());
        mapper.insertBlock(id, courseId, follows, proposed, true, staff.id(), clock.now());
        for (Meant meant : plan.meant()) {
            mapper.insertChange(id, PlanChange.with(meant, ""), staff.id(), clock.now());
        }
        return id;
    }

    private static void checkKnown(Signs signs, RoleKey role) {
        if (!signs.knows(role) || !(signs.activity(role) instanceof Activity.Exercise)) {
            throw new FormProblem("role", "Found '" + role + "', allowed: an exercise of this course's library.");
        }
    }

    private static void check(Staff staff, Standing standing, PlanChange change) {
        RoleKey role = change.key();
        Signs signs = new Signs(standing);
        checkKnown(signs, role);
        if (change.kind() != PlanChange.Kind.ADD && !staff.may(Permission.RECORD)) {
            throw new FormProblem("role", "Your account adds to a plan. Ask the therapist to swap or to leave out.");
        }
        if (change.kind() == PlanChange.Kind.REMOVE) {
            return;
        }
        if (!standing.verdict(role).kind().isOpen()) {
            Words words = Words.of(standing.course().resolved());
            throw new FormProblem(
                    "role", signs.title(role) + " is not open today. " + words.why(standing.verdict(role)));
        }
        if (!staff.may(Permission.HOLD) && isHarder(signs, change)) {
            throw new FormProblem(
                    "role", "An assistant may swap for the same rung or an easier one. Ask the therapist for more.");
        }
    }

    private static boolean isHarder(Signs signs, PlanChange change) {
        if (change.inPlaceOf() == null) {
            return true;
        }
        Activity.Exercise in = (Activity.Exercise) signs.activity(RoleKey.of(change.role()));
        Activity.Exercise out = (Activity.Exercise) signs.activity(RoleKey.of(change.inPlaceOf()));
        return in.isHarderThan(out);
    }

    /**
     * Writes a block of what opens in its weeks, each exercise for the first day on which it is meant. Sent twice, it is
     * written once.
     *
     * @param seen the block that was written last when the writer's page was shown, which this one follows
     */
    @Transactional
    public void write(
            Staff staff, UUID courseId, Standing standing, UUID blockId, Optional<UUID> seen, NewBlock wanted) {
        mapper.lock(courseId);
        if (mapper.isWritten(blockId)) {
            return;
        }
        Optional<Block> last = of(courseId, standing).blocks().writtenLast();
        if (!last.map(Block::id).equals(seen)) {
            throw new FormProblem(
                    "block",
                    last.map(Block::writtenBy).orElse("Somebody")
                            + " wrote a block since this page was shown, and it stands. What you chose is still here:"
                            + " look at both, then write yours again.");
        }
        List<Meant> meant = meant(standing, wanted, last);
        mapper.insertBlock(blockId, courseId, seen.orElse(null), wanted, false, staff.id(), clock.now());
        for (Meant each : meant) {
            mapper.insertChange(blockId, PlanChange.with(each, wanted.why(each.role())), staff.id(), clock.now());
            each.placed()
                    .map(days -> PlanChange.place(UUID.randomUUID(), each.role(), days.days()))
                    .ifPresent(place -> mapper.insertChange(blockId, place, staff.id(), clock.now()));
        }
    }

    /** Each chosen exercise from the first day on which the block opens it, on the weekdays that it had before. */
    private static List<Meant> meant(Standing standing, NewBlock wanted, Optional<Block> before) {
        BlockSpan span = wanted.checked(standing.date());
        BlockAhead ahead = BlockAhead.of(standing.course(), standing.date(), span);
        Signs signs = new Signs(standing);
        List<Meant> meant = new ArrayList<>();
        for (RoleKey role : wanted.roles()) {
            checkKnown(signs, role);
            FirstDay first = ahead.of(role).orElseThrow(() -> opensLater(standing, signs, ahead, role));
            meant.add(Meant.since(role, first, span).on(first.openOf(placed(before, role), span)));
        }
        return meant;
    }

    private static Set<DayOfWeek> placed(Optional<Block> before, RoleKey role) {
        return before.map(Block::week)
                .map(week -> week.placed().get(role))
                .map(OnDays.Weekdays::days)
                .orElse(Set.of());
    }

    private static FormProblem opensLater(Standing standing, Signs signs, BlockAhead ahead, RoleKey role) {
        Words words = Words.of(standing.course().resolved());
        return new FormProblem(
                "role",
                signs.title(role) + " does not open in these weeks. "
                        + ahead.atBegin(role).map(words::why).orElse("")
                        + " Leave it out, or choose other weeks.");
    }
}
