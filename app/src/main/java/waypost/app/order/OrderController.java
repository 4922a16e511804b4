package waypost.app.order;

import jakarta.servlet.http.HttpSession;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;

/** Takes orders that were tried, and withdrawals; only who may sign may loosen a rule. */
@Controller
class OrderController {

    private final Orders orders;
    private final PasswordFreshness freshness;
    private final ClinicClock clock;

    OrderController(Orders orders, PasswordFreshness freshness, ClinicClock clock) {
        this.orders = orders;
        this.freshness = freshness;
        this.clock = clock;
    }

    @PostMapping("/courses/{id}/orders")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView give(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            OrderForm form,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return attempt(id, () -> {
            freshness.require(session, staff, password);
            orders.give(staff, id, form, clock.today(staff));
        });
    }

    @PostMapping("/courses/{id}/orders/{orderId}/withdrawal")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView withdraw(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID orderId,
            @RequestParam(defaultValue = "") String why,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return attempt(id, () -> {
            freshness.require(session, staff, password);
            orders.withdraw(staff, id, orderId, why);
        });
    }

    /** What is refused is shown again by the page on which it was tried, with everything that was typed. */
    private static ModelAndView attempt(UUID course, Runnable writing) {
        try {
            writing.run();
            return new ModelAndView("redirect:/courses/" + course);
        } catch (FormProblem problem) {
            ModelAndView again = new ModelAndView("forward:/courses/" + course + "/what-if");
            again.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return again.addObject("refused", problem.byField());
        }
    }
}
