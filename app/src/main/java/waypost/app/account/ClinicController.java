package waypost.app.account;

import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.entry.FormProblem;

/** The clinic's accounts. */
@Controller
@PreAuthorize("hasAuthority('MANAGE_ACCOUNTS')")
class ClinicController {

    private final Accounts accounts;
    private final AccountKeeping keeping;
    private final PasswordFreshness freshness;
    private final String baseUrl;

    ClinicController(
            Accounts accounts,
            AccountKeeping keeping,
            PasswordFreshness freshness,
            @Value("${waypost.base-url}") String baseUrl) {
        this.accounts = accounts;
        this.keeping = keeping;
        this.freshness = freshness;
        this.baseUrl = baseUrl;
    }

    @GetMapping("/clinic")
    ModelAndView list(@AuthenticationPrincipal Staff staff, HttpSession session) {
        return page(staff, session, HttpStatus.OK);
    }

    @PostMapping("/clinic/accounts")
    ModelAndView invite(
            @AuthenticationPrincipal Staff staff,
            @ModelAttribute("wanted") Accounts.NewAccount wanted,
            HttpSession session) {
        try {
            String link = baseUrl + "/setup/" + accounts.invite(staff, wanted);
            return page(staff, session, HttpStatus.OK).addObject("link", Optional.of(link));
        } catch (FormProblem problem) {
            return page(staff, session, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    @PostMapping("/clinic/accounts/{id}/close")
    ModelAndView close(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable String password,
            HttpSession session) {
        try {
            freshness.require(session, staff, password);
            keeping.close(staff, id);
            return new ModelAndView("redirect:/clinic");
        } catch (FormProblem problem) {
            return page(staff, session, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    /** A link for who lost a password. */
    @PostMapping("/clinic/accounts/{id}/link")
    ModelAndView link(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable String password,
            HttpSession session) {
        try {
            freshness.require(session, staff, password);
            String link = baseUrl + "/setup/" + keeping.link(staff, id);
            return page(staff, session, HttpStatus.OK).addObject("link", Optional.of(link));
        } catch (FormProblem problem) {
            return page(staff, session, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    private ModelAndView page(Staff staff, HttpSession session, HttpStatus status) {
        return new ModelAndView("account/clinic", status)
                .addObject("me", staff.id())
                .addObject("lead", staff.role() == StaffRole.LEAD)
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("accounts", accounts.ofClinic(staff.clinicId()))
                .addObject(
                        "roles",
                        Stream.of(StaffRole.values())
                                .filter(role -> role != StaffRole.LEAD || staff.role() == StaffRole.LEAD)
                                .toList());
    }
}
