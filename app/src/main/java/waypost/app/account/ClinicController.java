package waypost.app.account;

import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.entry.FormProblem;

/** The clinic's accounts. */
@Controller
@PreAuthorize("hasAuthority('MANAGE_ACCOUNTS')")
class ClinicController {

    private final Accounts accounts;
    private final String baseUrl;

    ClinicController(Accounts accounts, @Value("${waypost.base-url}") String baseUrl) {
        this.accounts = accounts;
        this.baseUrl = baseUrl;
    }

    @GetMapping("/clinic")
    ModelAndView list(@AuthenticationPrincipal Staff staff) {
        return page(staff, HttpStatus.OK);
    }

    @PostMapping("/clinic/accounts")
    ModelAndView invite(@AuthenticationPrincipal Staff staff, @ModelAttribute("wanted") Accounts.NewAccount wanted) {
        try {
            String link = baseUrl + "/setup/" + accounts.invite(staff, wanted);
            return page(staff, HttpStatus.OK).addObject("link", Optional.of(link));
        } catch (FormProblem problem) {
            return page(staff, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    private ModelAndView page(Staff staff, HttpStatus status) {
        return new ModelAndView("account/clinic", status)
                .addObject("accounts", accounts.ofClinic(staff.clinicId()))
                .addObject(
                        "roles",
                        Stream.of(StaffRole.values())
                                .filter(role -> role != StaffRole.LEAD || staff.role() == StaffRole.LEAD)
                                .toList());
    }
}
