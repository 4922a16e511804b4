package waypost.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.entry.FormProblem;

/** One-time links: the clinic's first set-up, and an invited account's password. */
@Controller
class SetUpController {

    private final Accounts accounts;

    SetUpController(Accounts accounts) {
        this.accounts = accounts;
    }

    @GetMapping("/setup/{secret}")
    String form(@PathVariable String secret, Model model) {
        boolean clinic = accounts.setsUpClinic(secret);
        model.addAttribute("clinic", clinic);
        model.addAttribute("action", "/setup/" + secret + (clinic ? "/clinic" : "/password"));
        return "account/set-up";
    }

    @PostMapping("/setup/{secret}/clinic")
    String clinic(@PathVariable String secret, @ModelAttribute Accounts.FirstSetUp first) {
        accounts.setUp(secret, first);
        return "redirect:/sign-in?ready";
    }

    @PostMapping("/setup/{secret}/password")
    String password(@PathVariable String secret, @RequestParam String password) {
        accounts.setPassword(secret, password);
        return "redirect:/sign-in?ready";
    }

    @ExceptionHandler
    ModelAndView refused(FormProblem problem, HttpServletRequest request) {
        ModelAndView page = new ModelAndView("account/set-up", HttpStatus.UNPROCESSABLE_CONTENT);
        page.addObject("clinic", request.getRequestURI().endsWith("/clinic"));
        page.addObject("problems", problem.byField());
        page.addObject("action", request.getRequestURI());
        LinkedMultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        request.getParameterMap().forEach((name, values) -> entered.put(name, List.of(values)));
        page.addObject("entered", entered);
        return page;
    }
}
