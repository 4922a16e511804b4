package waypost.app.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.FormProblem;
import waypost.app.plan.Plans;
import waypost.app.rack.Signs;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.DayKind;
import waypost.core.progression.Proposal;
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

    /**
     * One exercise of the running block beside what could follow.
     *
     * @param step what gets harder, by name; empty where it stays
     * @param rungs the open rungs of its ladder
     */
    public record Row(
            String now, String nowDose, String way, String why, String proposed, String step, List<Rung> rungs) {}

    /** An open rung; {@code step} names what it asks more of than the rung below. */
    public record Rung(String role, String title, boolean chosen) {}

    /** A weekday and what it is for. */
    public record Weekday(String name, DayKind kind) {}

    @GetMapping("/courses/{id}/plan")
    ModelAndView plan(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, id, Map.of(), Optional.empty());
    }

    @PostMapping("/courses/{id}/plan")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView write(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, BlockForm form) {
        try {
            plans.write(staff, id, days.today(staff, id).standing(), form.readId(), form.readReplaces(), form.read());
            return new ModelAndView("redirect:/courses/" + id + "/work");
        } catch (FormProblem problem) {
            ModelAndView page = page(staff, id, problem.byField(), Optional.of(form));
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
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
        List<Row> rows = rows(day, typed);
        LocalDate begins = day.plan()
                .block()
                .map(block -> block.endsBefore())
                .filter(end -> end.isAfter(day.date()))
                .orElse(day.date());
        return new ModelAndView("work/plan")
                .addObject("head", heads.head(day.course(), day.standing(), day.date()))
                .addObject("block", WorkPages.block(day.plan(), day.date()))
                .addObject(
                        "replaces",
                        day.plan().block().map(block -> block.id().toString()).orElse(""))
                .addObject("rows", rows)
                .addObject("chosenBefore", chosenBefore(day, rows, typed))
                .addObject("others", WorkPages.others(day))
                .addObject("weak", WeakParts.of(day))
                .addObject("weekdays", weekdays(day))
                .addObject("begins", typed.map(form -> form.begins(begins)).orElse(begins.toString()))
                .addObject("weeks", Plans.USUAL_WEEKS)
                .addObject("problems", problems);
    }

    /** What was chosen on a page that does not stand any more, and has no row here: it is not lost. */
    private static List<Rung> chosenBefore(DayOfVisit day, List<Row> rows, Optional<BlockForm> typed) {
        Set<String> shown = rows.stream()
                .flatMap(row -> row.rungs().stream())
                .map(Rung::role)
                .collect(Collectors.toSet());
        return typed.map(BlockForm::chosen).orElse(Set.of()).stream()
                .filter(role -> !shown.contains(role))
                .map(RoleKey::of)
                .filter(day.signs()::knows)
                .map(role -> new Rung(role.toString(), day.signs().title(role), true))
                .toList();
    }

    private static List<Row> rows(DayOfVisit day, Optional<BlockForm> typed) {
        return day.plan().roles().stream()
                .map(role -> row(day, role, day.visit().proposal(role), typed))
                .toList();
    }

    private static Row row(DayOfVisit day, RoleKey now, Proposal proposal, Optional<BlockForm> typed) {
        Signs signs = day.signs();
        RoleKey next = proposal.toDo().map(Proposal.Do::role).orElse(now);
        Activity.Exercise to = (Activity.Exercise) signs.activity(next);
        String step = next.equals(now) ? "" : to.rises().name().toLowerCase(Locale.ROOT) + ": " + to.harder();
        List<Rung> rungs = new ArrayList<>();
        for (Activity.Exercise exercise : day.standing().course().ladder(to.ladder())) {
            for (Role role : exercise.roles()) {
                if (day.standing().verdict(role.key()).kind().isOpen()) {
                    rungs.add(new Rung(
                            role.key().toString(),
                            signs.title(role.key()),
                            typed.map(form -> form.chosen().contains(role.key().toString()))
                                    .orElse(role.key().equals(next))));
                }
            }
        }
        return new Row(
                signs.title(now),
                proposal.toDo()
                        .map(toDo -> day.bands().in(ProgressionWords.dose(toDo.dose())))
                        .orElse(""),
                proposal.toDo().map(toDo -> ProgressionWords.way(toDo.way())).orElse("not today"),
                proposal.toDo()
                        .map(toDo -> day.bands().in(day.words().say(toDo.why())))
                        .orElse(""),
                signs.title(next),
                step,
                rungs);
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
