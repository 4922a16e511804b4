package waypost.app.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.Sent;
import waypost.app.plan.Block;
import waypost.app.plan.NewBlock;
import waypost.app.plan.Plans;
import waypost.core.block.BlockSpan;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.prescription.DayKind;
import waypost.library.words.ProgressionWords;

/** Writing the next block beside the one that runs, so that every step is seen and named. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class BlockController {

    private static final List<String> WEEKDAYS = List.of("Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun");

    private final VisitDays days;
    private final Plans plans;
    private final CourseHeads heads;
    private final WorkPages pages;

    BlockController(VisitDays days, Plans plans, CourseHeads heads, WorkPages pages) {
        this.days = days;
        this.plans = plans;
        this.heads = heads;
        this.pages = pages;
    }

    /** A weekday and what it is for. */
    public record Weekday(String name, DayKind kind) {}

    /** The page; with a form, as what was chosen would stand in its weeks. */
    @GetMapping("/courses/{id}/plan")
    ModelAndView plan(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, BlockForm form) {
        return page(staff, id, Map.of(), form.asked());
    }

    @PostMapping("/courses/{id}/plan")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView write(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, BlockForm form) {
        return Sent.answer(
                () -> {
                    DayOfVisit day = days.today(staff, id);
                    NewBlock wanted = form.read().because(BlockRows.reasons(day));
                    plans.write(staff, id, day.standing(), form.readId(), form.readReplaces(), wanted);
                    return "redirect:/courses/" + id + "/work";
                },
                problems -> page(staff, id, problems, Optional.of(form)));
    }

    /** Every block beside the one before it: what changed and why, what was done, what was measured. */
    @GetMapping("/courses/{id}/blocks")
    ModelAndView blocks(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        DayOfVisit day = days.today(staff, id);
        return new ModelAndView("work/blocks")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("sheets", new BlockSheets(day).sheets());
    }

    /** Today's plan with its limits on one sheet, for when the screen is down. */
    @GetMapping("/courses/{id}/plan/print")
    ModelAndView print(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        DayOfVisit day = days.today(staff, id);
        List<Card> cards = day.plan().roles().stream()
                .map(role -> pages.card(day, role, false))
                .toList();
        return new ModelAndView("work/plan-print")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("cards", cards)
                .addObject("pain", ProgressionWords.pain(day.visit().pain()));
    }

    private ModelAndView page(Staff staff, UUID id, Map<String, String> problems, Optional<BlockForm> typed) {
        DayOfVisit day = days.today(staff, id);
        BlockSpan usual = new BlockSpan(begins(day), Plans.USUAL_WEEKS);
        BlockSpan span = typed.map(form -> form.spanOr(usual, day.date())).orElse(usual);
        BlockRows blockRows = new BlockRows(day, span, typed);
        List<BlockRows.Row> rows = blockRows.rows();
        return new ModelAndView("work/plan")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("block", WorkPages.block(day.plan()))
                .addObject(
                        "replaces",
                        day.plan()
                                .blocks()
                                .writtenLast()
                                .map(block -> block.id().toString())
                                .orElse(""))
                .addObject("rows", rows)
                .addObject("chosenBefore", blockRows.chosenBefore(rows))
                .addObject("others", blockRows.others())
                .addObject("limited", LimitedRanges.of(day))
                .addObject("planes", blockRows.planes())
                .addObject("weak", WeakParts.of(day))
                .addObject("weekdays", weekdays(day))
                .addObject(
                        "begins",
                        typed.map(form -> form.begins(span.begins()))
                                .orElse(span.begins().toString()))
                .addObject("weeks", span.weeks())
                .addObject("problems", problems);
    }

    /** The day after the last block that is written, or today. */
    private static LocalDate begins(DayOfVisit day) {
        return day.plan().blocks().standing().stream()
                .map(Block::endsBefore)
                .filter(end -> end.isAfter(day.date()))
                .max(Comparator.naturalOrder())
                .orElse(day.date());
    }

    /** As the running block has it; otherwise a usual week. */
    private static List<Weekday> weekdays(DayOfVisit day) {
        boolean conditioning = day.plan().roles().stream()
                .map(role -> (Activity.Exercise) day.signs().activity(role))
                .anyMatch(exercise -> exercise.purpose() == Purpose.CONDITIONING);
        List<DayKind> kinds = day.plan()
                .block()
                .map(block -> block.week().kinds())
                .filter(week -> !week.isEmpty())
                .orElseGet(() -> DayKind.usualWeek(conditioning));
        List<Weekday> weekdays = new ArrayList<>();
        for (int nth = 0; nth < WEEKDAYS.size(); nth++) {
            weekdays.add(new Weekday(WEEKDAYS.get(nth), kinds.get(nth)));
        }
        return weekdays;
    }
}
