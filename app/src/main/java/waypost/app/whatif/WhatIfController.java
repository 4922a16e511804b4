package waypost.app.whatif;

import jakarta.servlet.http.HttpSession;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.difference.DifferencePage;
import waypost.app.entry.FormProblem;
import waypost.app.measure.Choices;
import waypost.app.measure.ReadingForm;
import waypost.app.order.OrderForm;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.compare.Difference;
import waypost.core.course.OrderEffects;
import waypost.core.course.Standing;
import waypost.core.log.Order;
import waypost.core.question.Question;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** Tries things on a course. It is a POST, so that nothing clinical stands in an address; nothing is written here. */
@Controller
class WhatIfController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final PasswordFreshness freshness;
    private final ClinicClock clock;

    WhatIfController(CourseLoader loader, CourseHeads heads, PasswordFreshness freshness, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.freshness = freshness;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/what-if")
    ModelAndView blank(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, HttpSession session) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return page(staff, course, Map.of(), session);
    }

    /** Shows what would be otherwise; also shows again what was refused when it was to be made real. */
    @PostMapping("/courses/{id}/what-if")
    ModelAndView tried(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam Map<String, String> all,
            ReadingForm reading,
            OrderForm order,
            @RequestAttribute @Nullable Map<String, String> refused,
            HttpSession session) {
        LocalDate today = clock.today(staff);
        LoadedCourse course = loader.load(staff.clinicId(), id);
        ModelAndView page = page(staff, course, all, session);
        if (refused != null) {
            page.addObject("problems", refused);
        }
        try {
            Trial trial = Trial.of(course, staff, today, all, reading, order);
            Standing now = course.on(today);
            Standing would = trial.standing(course, today);
            Difference difference = Difference.between(now, would);
            return page.addObject("difference", DifferencePage.of(difference))
                    .addObject("wouldBe", Dates.say(trial.on()))
                    .addObject("triesAnswers", trial.changesAnswers(course))
                    .addObject("triesReading", !trial.readings().isEmpty())
                    .addObject("triesOrder", trial.order().isPresent())
                    .addObject(
                            "warnings",
                            trial.order()
                                    .map(given -> warnings(course, given, today))
                                    .orElse(List.of()));
        } catch (FormProblem problem) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page.addObject("problems", problem.byField());
        }
    }

    /** What an order names and can't do, and what stays closed in spite of it. */
    private static List<String> warnings(LoadedCourse course, Order order, LocalDate today) {
        OrderEffects effects = OrderEffects.of(course.course(), order, today);
        List<String> warnings = new ArrayList<>();
        if (!effects.refused().isEmpty()) {
            warnings.add("Surgeon only: by phone it does not loosen this rule. It needs the surgeon's own signature.");
        }
        if (!order.isSigned()) {
            warnings.add(
                    "An order by phone holds for " + Order.PHONE_DAYS + " days and falls back unless countersigned.");
        }
        Signs signs = new Signs(course.on(today));
        Words words = Words.of(course.course().resolved());
        effects.stillClosed()
                .forEach(verdict -> warnings.add(signs.title(verdict.role()) + " stays closed: "
                        + words.say(verdict.reasons().get(0)).whole()));
        return warnings;
    }

    /** By question the answer that stands; questions that are not stated are left out. */
    private static Map<String, String> asItIs(LoadedCourse course) {
        Map<String, Set<String>> stated = course.course().resolved().answers().stated();
        Map<String, String> said = new HashMap<>();
        for (Question question : course.protocol().questions()) {
            Set<String> values = stated.get(question.id());
            if (values != null) {
                said.put(question.id(), values.stream().map(question::titleOf).collect(Collectors.joining(" or ")));
            }
        }
        return said;
    }

    private ModelAndView page(Staff staff, LoadedCourse course, Map<String, String> all, HttpSession session) {
        LocalDate today = clock.today(staff);
        Standing now = course.on(today);
        return new ModelAndView("whatif/what-if")
                .addObject("head", heads.head(course, now, today))
                .addObject("questions", course.protocol().questions())
                .addObject("asItIs", asItIs(course))
                .addObject("measures", Choices.of(course, now).choices())
                .addObject("orderChoices", OrderChoice.of(course, now))
                .addObject("orders", course.orders())
                .addObject("side", course.row().side())
                .addObject("surgeon", course.row().surgeon())
                .addObject("today", today)
                .addObject("entered", all)
                .addObject("newId", UUID.randomUUID())
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("problems", Map.of());
    }
}
