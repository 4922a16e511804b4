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

    /** Adds, swaps or takes out. While no block was written the proposed one is written first. Sent twice, done once. */
    @Transactional
    public void change(Staff staff, UUID courseId, Standing standing, PlanChange change) {
        check(staff, standing, change);
        checkSwap(of(courseId, standing), change);
        keep(staff, courseId, standing, change);
    }

    /** A swap takes something out of the plan and puts something else in: it is no other way to add. */
    private static void checkSwap(CurrentPlan plan, PlanChange change) {
        if (change.kind() != PlanChange.Kind.SWAP) {
            return;
        }
        String out = change.inPlaceOf();
        if (out == null || out.equals(change.role()) || !plan.roles().contains(RoleKey.of(out))) {
            throw new FormProblem(
                    "role",
                    "Found a swap for '" + out + "', allowed: something of today's plan for something else."
                            + " Open the page again.");
        }
    }

    /** Goes to the rung to which a rule of progression led; the caller has seen that it did. */
    @Transactional
    public void follow(Staff staff, UUID courseId, Standing standing, RoleKey from, RoleKey to) {
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

    /** Writes a block of what is open. Sent twice, it is written once. */
    @Transactional
    public void write(Staff staff, UUID courseId, Standing standing, UUID blockId, NewBlock wanted) {
        for (RoleKey role : wanted.roles()) {
            check(staff, standing, PlanChange.add(blockId, role));
        }
        kept(staff, courseId, blockId, wanted);
    }

    private UUID kept(Staff staff, UUID courseId, UUID blockId, NewBlock wanted) {
        if (mapper.insertBlock(blockId, courseId, wanted, staff.id(), clock.now()) == 1) {
            for (RoleKey role : wanted.roles()) {
                mapper.insertChange(blockId, PlanChange.add(UUID.randomUUID(), role), staff.id(), clock.now());
            }
        }
        return blockId;
    }
}
