package waypost.app.account;

import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/** One's own account: its password, its time code, and where it is signed in. */
@Controller
class OwnAccountController {

    private static final int LINES_SHOWN = 12;
    private static final String AGAIN = "redirect:/account";

    private final AccountKeeping keeping;
    private final SecondFactor secondFactor;
    private final Sessions sessions;
    private final SignInLog log;
    private final PasswordFreshness freshness;

    OwnAccountController(
            AccountKeeping keeping,
            SecondFactor secondFactor,
            Sessions sessions,
            SignInLog log,
            PasswordFreshness freshness) {
        this.keeping = keeping;
        this.secondFactor = secondFactor;
        this.sessions = sessions;
        this.log = log;
        this.freshness = freshness;
    }

    @GetMapping("/account")
    ModelAndView page(@AuthenticationPrincipal Staff staff, HttpSession session) {
        return page(staff, session, HttpStatus.OK);
    }

    @PostMapping("/account/password")
    ModelAndView password(
            @AuthenticationPrincipal Staff staff,
            @RequestParam @Nullable String current,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return done(staff, session, () -> {
            freshness.confirm(session, staff, current);
            keeping.changePassword(staff, Entered.text(password), session.getId());
        });
    }

    @PostMapping("/account/sessions/{handle}/end")
    String end(@AuthenticationPrincipal Staff staff, @PathVariable String handle) {
        sessions.end(staff.signInName(), handle);
        return AGAIN;
    }

    @PostMapping("/account/sessions/end-others")
    String endOthers(@AuthenticationPrincipal Staff staff, HttpSession session) {
        sessions.endOthers(staff.signInName(), session.getId());
        return AGAIN;
    }

    @PostMapping("/account/second-factor")
    ModelAndView begin(
            @AuthenticationPrincipal Staff staff, @RequestParam @Nullable String password, HttpSession session) {
        return done(staff, session, () -> {
            freshness.require(session, staff, password);
            secondFactor.begin(staff);
        });
    }

    @PostMapping("/account/second-factor/confirm")
    ModelAndView confirm(
            @AuthenticationPrincipal Staff staff, @RequestParam @Nullable String code, HttpSession session) {
        try {
            List<String> codes = secondFactor.confirm(staff, Entered.text(code));
            SecondFactorDemand.met(session);
            return page(staff, session, HttpStatus.OK).addObject("recovery", codes);
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    @PostMapping("/account/second-factor/remove")
    ModelAndView remove(
            @AuthenticationPrincipal Staff staff, @RequestParam @Nullable String password, HttpSession session) {
        return done(staff, session, () -> {
            freshness.require(session, staff, password);
            secondFactor.removeOwn(staff);
        });
    }

    private ModelAndView done(Staff staff, HttpSession session, Runnable change) {
        try {
            change.run();
            return new ModelAndView(AGAIN);
        } catch (FormProblem problem) {
            return refused(staff, session, problem);
        }
    }

    private ModelAndView refused(Staff staff, HttpSession session, FormProblem problem) {
        return page(staff, session, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
    }

    private ModelAndView page(Staff staff, HttpSession session, HttpStatus status) {
        Optional<SecondFactorRow> factor = secondFactor.of(staff.id());
        return new ModelAndView("account/own", status)
                .addObject("me", staff)
                .addObject("demanded", SecondFactorDemand.isOpen(session))
                .addObject("askPassword", freshness.mustAsk(session))
                .addObject("confirmed", factor.map(SecondFactorRow::confirmed).orElse(false))
                .addObject("letters", factor.filter(row -> !row.confirmed()).map(SecondFactorRow::letters))
                .addObject("qr", factor.filter(row -> !row.confirmed()).map(row -> QrCode.of(staff, row)))
                .addObject("sessions", sessions.of(staff.signInName(), session.getId()))
                .addObject("lines", log.ofAccount(staff, LINES_SHOWN));
    }
}
