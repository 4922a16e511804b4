package waypost.app.course;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.account.StaffRole;
import waypost.app.difference.DifferencePage;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.core.compare.Difference;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.question.Question;

/** A question that the referral left open, answered on the list with what it changes in sight; a part of a page. */
@Controller
@PreAuthorize("hasAuthority('SIGN')")
class AnswerController {

    private final CourseDoor door;
    private final Referrals referrals;
    private final PasswordFreshness freshness;

    AnswerController(CourseDoor door, Referrals referrals, PasswordFreshness freshness) {
        this.door = door;
        this.referrals = referrals;
        this.freshness = freshness;
    }

    /**
     * The question.
     *
     * @param about its id
     */
    @GetMapping("/courses/{id}/answers")
    ModelAndView question(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String about,
            HttpSession session) {
        return part(door.open(staff, id), staff, about, "", session);
    }

    private ModelAndView part(OpenCourse open, Staff staff, String about, String value, HttpSession session) {
        List<Question> waiting = open.standing().course().resolved().unanswered().stream()
                .filter(question -> question.id().equals(about))
                .toList();
        ModelAndView part = new ModelAndView("course/answers :: answers")
                .addObject("id", open.course().row().id())
                .addObject("waiting", waiting)
                .addObject("replaces", open.course().row().statementId())
                .addObject("surgeon", staff.role() == StaffRole.SURGEON)
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("chosen", "")
                .addObject("problems", Map.of());
        waiting.stream()
                .filter(question -> question.valueIds().contains(value))
                .forEach(question ->
                        part.addObject("chosen", value).addObject("otherwise", otherwise(open, about, value)));
        return part;
    }

    /** What is otherwise today with the answer. */
    private static DifferencePage otherwise(OpenCourse open, String question, String value) {
        Course course = open.course().course();
        return DifferencePage.of(Difference.between(
                open.standing(),
                course.with(
                                course.resolved().answers().with(question, value),
                                course.resolved().decisions())
                        .on(open.today(), open.today(), Outlook.TIME_ONLY)));
    }

    /**
     * Shows what an answer changes, or signs it. Sent twice, it is signed once and the second is told so.
     *
     * @param shown the answer whose changes were in sight
     * @param act "sign" to sign it
     */
    @PostMapping("/courses/{id}/answers")
    ModelAndView answer(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String about,
            @RequestParam(defaultValue = "") String value,
            @RequestParam(defaultValue = "") String shown,
            @RequestParam(defaultValue = "") String replaces,
            @RequestParam(defaultValue = "") String act,
            @RequestParam @Nullable String password,
            HttpSession session) {
        OpenCourse open = door.open(staff, id);
        if (!act.equals("sign")) {
            return part(open, staff, about, value, session);
        }
        return Sent.answer(
                () -> {
                    if (staff.role() != StaffRole.SURGEON) {
                        throw new FormProblem(
                                "value",
                                "Only a surgeon answers here. What the operation note says is entered in the referral.");
                    }
                    if (!value.equals(shown)) {
                        throw new FormProblem("value", "Look at what this answer changes, then sign it.");
                    }
                    UUID stands = Entered.id("replaces", replaces);
                    freshness.require(session, staff, password);
                    referrals.answer(staff, id, new Referrals.Answer(about, value, stands), open.today());
                    return "redirect:/courses/" + id + "/answers?about=" + about;
                },
                problems -> part(open, staff, about, value, session));
    }
}
