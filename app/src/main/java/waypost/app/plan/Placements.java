package waypost.app.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.core.block.BlockAhead;
import waypost.core.block.BlockSpan;
import waypost.core.block.FirstDay;
import waypost.core.block.Meant;
import waypost.core.block.WeekDoses;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Week;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** Places exercises of a block on weekdays; on none on which the gate bars them through all of it. */
@Service
public class Placements {

    private final PlanMapper mapper;
    private final Plans plans;
    private final ClinicClock clock;

    Placements(PlanMapper mapper, Plans plans, ClinicClock clock) {
        this.mapper = mapper;
        this.plans = plans;
        this.clock = clock;
    }

    /** Places an exercise. Of two people who place the same one at once the second is told. */
    @Transactional
    public void place(Staff staff, UUID courseId, Standing standing, Placing wanted) {
        mapper.lock(courseId);
        if (mapper.isChanged(wanted.id())) {
            return;
        }
        CurrentPlan plan = plans.of(courseId, standing);
        Optional<Block> block = block(plan, wanted.block());
        checkSeen(block.map(Block::meant).orElse(plan.meant()), wanted);
        BlockSpan span = span(standing, block);
        checkOpen(standing, span, wanted);
        UUID id = block.map(Block::id).orElseGet(() -> plans.keepProposed(staff, courseId, plan));
        mapper.insertChange(
                id, PlanChange.place(wanted.id(), wanted.role(), wanted.weekdays()), staff.id(), clock.now());
    }

    /**
     * Places every exercise of a block that nobody placed where its dose wants it, on those of these days on which the gate
     * opens it.
     *
     * @param id sent twice, it is done once
     * @param seen the block of the writer's page; empty while none was written
     */
    @Transactional
    public void spread(Staff staff, UUID courseId, Standing standing, UUID id, Optional<UUID> seen, WeekDoses doses) {
        mapper.lock(courseId);
        if (mapper.isChanged(id)) {
            return;
        }
        CurrentPlan plan = plans.of(courseId, standing);
        Optional<Block> block = block(plan, seen);
        BlockSpan span = span(standing, block);
        checkRuns(standing, span);
        Map<RoleKey, Set<DayOfWeek>> places = places(standing, span, plan, block, doses);
        if (places.isEmpty()) {
            throw new FormProblem(
                    "weekday",
                    "Found nothing to spread: every exercise is placed, is for every day, or says its days itself.");
        }
        UUID kept = block.map(Block::id).orElseGet(() -> plans.keepProposed(staff, courseId, plan));
        UUID next = id;
        for (Map.Entry<RoleKey, Set<DayOfWeek>> each : places.entrySet()) {
            mapper.insertChange(kept, PlanChange.place(next, each.getKey(), each.getValue()), staff.id(), clock.now());
            next = UUID.randomUUID();
        }
    }

    private static Map<RoleKey, Set<DayOfWeek>> places(
            Standing standing, BlockSpan span, CurrentPlan plan, Optional<Block> block, WeekDoses doses) {
        BlockAhead ahead = BlockAhead.of(standing.course(), standing.date(), span);
        Signs signs = new Signs(standing);
        Week week = block.map(Block::week).orElse(Week.UNSAID);
        Map<RoleKey, Set<DayOfWeek>> places = new LinkedHashMap<>();
        for (Meant meant : block.map(Block::meant).orElse(plan.meant())) {
            if (meant.placed().isEmpty() && signs.knows(meant.role())) {
                Set<DayOfWeek> days = open(doses.spread(meant.role(), week), ahead.of(meant.role()), span);
                if (!days.isEmpty()) {
                    places.put(meant.role(), days);
                }
            }
        }
        return places;
    }

    private static Set<DayOfWeek> open(Optional<Set<DayOfWeek>> wanted, Optional<FirstDay> first, BlockSpan span) {
        return first.map(open -> open.openOf(wanted.orElse(Set.of()), span)).orElse(Set.of());
    }

    private static BlockSpan span(Standing standing, Optional<Block> block) {
        return block.map(Block::span).orElseGet(() -> new BlockSpan(standing.date(), Plans.USUAL_WEEKS));
    }

    private static void checkRuns(Standing standing, BlockSpan span) {
        if (span.firstFrom(standing.date()).isEmpty()) {
            throw new FormProblem(
                    "block",
                    "Found a block that ended on " + Dates.say(span.endsBefore().minusDays(1))
                            + ", allowed: one with days to come. Write the next block first.");
        }
    }

    /** The block of the writer's page, as long as it stands; empty where none was written then or since. */
    private static Optional<Block> block(CurrentPlan plan, Optional<UUID> seen) {
        Optional<Block> standing = plan.blocks().standing().stream()
                .filter(block -> seen.map(block.id()::equals).orElse(false))
                .findFirst();
        if (seen.isPresent() ? standing.isEmpty() : plan.block().isPresent()) {
            throw new FormProblem(
                    "block",
                    "Somebody wrote another block since this page was shown. Look at the week as it stands now.");
        }
        return standing;
    }

    private static void checkSeen(Iterable<Meant> plan, Placing wanted) {
        for (Meant meant : plan) {
            if (meant.role().equals(wanted.role())) {
                Set<DayOfWeek> now = meant.placed().map(OnDays.Weekdays::days).orElse(Set.of());
                if (now.equals(wanted.seen())) {
                    return;
                }
                throw new FormProblem(
                        "weekday",
                        "Somebody placed this exercise on other days since this page was shown. Look at the week as it"
                                + " stands now.");
            }
        }
        throw new FormProblem(
                "role", "Found '" + wanted.role() + "', which is not in this block. Put it into the plan first.");
    }

    private static void checkOpen(Standing standing, BlockSpan span, Placing wanted) {
        checkRuns(standing, span);
        if (wanted.weekdays().isEmpty()) {
            return;
        }
        RoleKey role = wanted.role();
        String title = new Signs(standing).title(role);
        BlockAhead ahead = BlockAhead.of(standing.course(), standing.date(), span);
        FirstDay first = ahead.of(role)
                .orElseThrow(() -> new FormProblem(
                        "weekday", title + " is closed in all of this block. " + why(standing, ahead, role)));
        for (DayOfWeek weekday : wanted.weekdays().stream().sorted().toList()) {
            if (!first.isOpenOnA(weekday, span)) {
                throw new FormProblem(
                        "weekday",
                        title + " is closed on every " + weekday.getDisplayName(TextStyle.FULL, Locale.ENGLISH)
                                + " that is left of this block" + stretch(first)
                                + ". Choose another day, or write the next block.");
            }
        }
    }

    private static String why(Standing standing, BlockAhead ahead, RoleKey role) {
        return ahead.atBegin(role)
                .map(Words.of(standing.course().resolved())::why)
                .orElse("");
    }

    private static String stretch(FirstDay first) {
        LocalDate on = first.on();
        return ": it opens on " + Dates.say(on)
                + first.closes()
                        .map(closes -> " and closes on " + Dates.say(closes))
                        .orElse("");
    }
}
