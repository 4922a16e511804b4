package waypost.app.account;

import jakarta.servlet.http.HttpSession;
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
    private final SignInLog log;
    private final String baseUrl;

    ClinicController(
            Accounts accounts,
            AccountKeeping keeping,
            PasswordFreshness freshness,
            SignInLog log,
            @Value("${waypost.base-url}") String baseUrl) {
        this.accounts = accounts;
        this.keeping = keeping;
        this.freshness = freshness;
        this.log = log;
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
            return linked(staff, session, accounts.invite(staff, wanted));
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    @PostMapping("/clinic/accounts/{id}/close")
    ModelAndView close(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return signed(staff, session, password, () -> keeping.close(staff, id));
    }

    /** For an owner who lost telephone and recovery codes. */
    @PostMapping("/clinic/accounts/{id}/second-factor/remove")
    ModelAndView removeSecondFactor(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return signed(staff, session, password, () -> keeping.removeSecondFactor(staff, id));
    }

    /** Demands a time code of everybody, or leaves it to them. */
    @PostMapping("/clinic/second-factor")
    ModelAndView demand(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "false") boolean demands,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return signed(staff, session, password, () -> keeping.demandSecondFactor(staff, demands));
    }

    /** The order in which the clinic writes dates. */
    @PostMapping("/clinic/dates")
    ModelAndView orderDates(
            @AuthenticationPrincipal Staff staff, @RequestParam @Nullable DateOrder order, HttpSession session) {
        try {
            accounts.orderDates(staff, order);
            return new ModelAndView("redirect:/clinic");
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    /** What happened at the clinic's accounts: sign-ins, refusals, changes. */
    @GetMapping("/clinic/sign-ins")
    ModelAndView signIns(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("account/sign-ins")
                .addObject("zone", staff.clinicZone())
                .addObject("lines", log.ofClinic(staff.clinicId()));
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
            return linked(staff, session, keeping.link(staff, id));
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    private ModelAndView signed(Staff staff, HttpSession session, @Nullable String password, Runnable change) {
        try {
            freshness.require(session, staff, password);
            change.run();
            return new ModelAndView("redirect:/clinic");
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    private ModelAndView refused(Staff staff, HttpSession session, FormProblem problem) {
        return page(staff, session, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
    }

    private ModelAndView linked(Staff staff, HttpSession session, OneTimeLinks.Link link) {
        return page(staff, session, HttpStatus.OK)
                .addObject("link", baseUrl + "/setup/" + link.secret())
                .addObject("spoken", link.spoken().replaceAll("(....)(....)", "$1 $2"));
    }

    private ModelAndView page(Staff staff, HttpSession session, HttpStatus status) {
        return new ModelAndView("account/clinic", status)
                .addObject("me", staff.id())
                .addObject("lead", staff.role() == StaffRole.LEAD)
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("demands", accounts.demandsSecondFactor(staff))
                .addObject("dateOrder", accounts.dateOrder(staff))
                .addObject("dateOrders", DateOrder.values())
                .addObject("accounts", accounts.ofClinic(staff.clinicId()))
                .addObject(
                        "roles",
                        Stream.of(StaffRole.values())
                                .filter(role -> role != StaffRole.LEAD || staff.role() == StaffRole.LEAD)
                                .toList());
    }
}
