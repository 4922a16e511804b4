package waypost.app.account;

import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/** One-time links: the clinic's first set-up, and an invited account's password. */
@Controller
class SetUpController {

    private static final String DONE = "redirect:/sign-in?ready";

    private final Accounts accounts;
    private final OneTimeLinks links;
    private final AccountKeeping keeping;

    SetUpController(Accounts accounts, OneTimeLinks links, AccountKeeping keeping) {
        this.accounts = accounts;
        this.links = links;
        this.keeping = keeping;
    }

    @GetMapping("/setup/{secret}")
    ModelAndView form(@PathVariable String secret) {
        return page(secret, links.find(secret).account().isEmpty());
    }

    @PostMapping("/setup/{secret}/clinic")
    ModelAndView clinic(
            @PathVariable String secret,
            @ModelAttribute Accounts.FirstSetUp first,
            @RequestParam MultiValueMap<String, String> entered) {
        try {
            accounts.setUp(secret, first);
            return new ModelAndView(DONE);
        } catch (FormProblem problem) {
            return refused(page(secret, true).addObject("entered", entered), problem);
        }
    }

    @PostMapping("/setup/{secret}/password")
    ModelAndView password(
            @PathVariable String secret,
            @RequestParam @Nullable String spoken,
            @RequestParam @Nullable String password) {
        try {
            keeping.setPassword(secret, spoken, Entered.text(password));
            return new ModelAndView(DONE);
        } catch (FormProblem problem) {
            return refused(page(secret, false), problem);
        }
    }

    private static ModelAndView page(String secret, boolean clinic) {
        return new ModelAndView("account/set-up")
                .addObject("clinic", clinic)
                .addObject("action", "/setup/" + secret + (clinic ? "/clinic" : "/password"));
    }

    private static ModelAndView refused(ModelAndView page, FormProblem problem) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("problems", problem.byField());
    }
}
