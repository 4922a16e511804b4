package waypost.app.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Permission;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.progression.Plan;
import waypost.library.words.Words;

/** Keeps plans; rows are only added. Only what is open today comes into a plan. */
@Service
public class Plans {

    public static final int USUAL_WEEKS = 4;
    private static final int MOST_ROLES = 20;

    private final PlanMapper mapper;
    private final ClinicClock clock;

    Plans(PlanMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The plan of a course: the latest block with its changes, or what is proposed. */
    public CurrentPlan of(UUID courseId, Standing standing) {
        List<PlanRow> rows = mapper.findLatest(courseId);
        Optional<Block> block = rows.stream().findFirst().map(PlanRow::block);
        return new CurrentPlan(block, block.isPresent() ? roles(rows, standing) : Plan.firstOn(standing));
    }

    private static List<RoleKey> roles(List<PlanRow> rows, Standing standing) {
        List<RoleKey> roles = List.of();
        for (PlanChange change : rows.stream().flatMap(PlanRow::change).toList()) {
            roles = change.after(roles);
        }
        Signs signs = new Signs(standing);
        return roles.stream().filter(signs::knows).toList();
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
        keep(staff, courseId, standing, change);
    }

    /** What is taken out is in the plan and what is put in is not: a swap is no other way to add. */
    private static void checkStands(CurrentPlan plan, PlanChange change) {
        String out = change.kind() == PlanChange.Kind.REMOVE ? change.role() : change.inPlaceOf();
        boolean takesOut = change.kind() != PlanChange.Kind.ADD;
        if (takesOut && (out == null || !plan.roles().contains(RoleKey.of(out)))) {
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
        keep(staff, courseId, standing, PlanChange.swap(UUID.randomUUID(), from, to, "by the rule of progression"));
    }

    private void keep(Staff staff, UUID courseId, Standing standing, PlanChange change) {
        CurrentPlan plan = of(courseId, standing);
        if (change.kind() == PlanChange.Kind.ADD && plan.roles().size() >= MOST_ROLES) {
            throw new FormProblem("role", "The plan has " + MOST_ROLES + " exercises. Take one out first.");
        }
        UUID block = plan.block()
                .map(Block::id)
                .orElseGet(() -> kept(
                        staff,
                        courseId,
                        UUID.randomUUID(),
                        Optional.empty(),
                        new NewBlock(standing.date(), USUAL_WEEKS, List.of(), plan.roles())));
        mapper.insertChange(block, change, staff.id(), clock.now());
    }

    private static void check(Staff staff, Standing standing, PlanChange change) {
        RoleKey role = RoleKey.of(change.role());
        Signs signs = new Signs(standing);
        if (!signs.knows(role) || !(signs.activity(role) instanceof Activity.Exercise)) {
            throw new FormProblem("role", "Found '" + role + "', allowed: an exercise of this course's library.");
        }
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
     * Writes a block of what is open. Sent twice, it is written once.
     *
     * @param seen the block that stood on the writer's page, which this one follows
     */
    @Transactional
    public void write(
            Staff staff, UUID courseId, Standing standing, UUID blockId, Optional<UUID> seen, NewBlock wanted) {
        mapper.lock(courseId);
        if (mapper.isWritten(blockId)) {
            return;
        }
        Optional<Block> standingBlock = of(courseId, standing).block();
        if (!standingBlock.map(Block::id).equals(seen)) {
            throw new FormProblem(
                    "block",
                    standingBlock.map(Block::writtenBy).orElse("Somebody")
                            + " wrote a block since this page was shown, and it stands. What you chose is still here:"
                            + " look at both, then write yours again.");
        }
        for (RoleKey role : wanted.roles()) {
            check(staff, standing, PlanChange.add(blockId, role));
        }
        kept(staff, courseId, blockId, seen, wanted);
    }

    private UUID kept(Staff staff, UUID courseId, UUID blockId, Optional<UUID> follows, NewBlock wanted) {
        if (mapper.insertBlock(blockId, courseId, follows.orElse(null), wanted, staff.id(), clock.now()) == 1) {
            for (RoleKey role : wanted.roles()) {
                mapper.insertChange(blockId, PlanChange.add(UUID.randomUUID(), role), staff.id(), clock.now());
            }
        }
        return blockId;
    }
}
