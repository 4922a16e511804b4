package waypost.app.home;

import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;

/** The number that stands on everything that goes home. */
@Controller
@PreAuthorize("hasAuthority('SET_EQUIPMENT')")
class PhoneController {

    private static final int LONGEST = 40;
    private static final Pattern NUMBER = Pattern.compile("[+0-9][0-9 ()/-]{3,39}");

    private final ClinicPhone phone;

    PhoneController(ClinicPhone phone) {
        this.phone = phone;
    }

    @GetMapping("/clinic/phone")
    ModelAndView phone(@AuthenticationPrincipal Staff staff) {
        return page(phone.of(staff.clinicId()), Map.of());
    }

    @PostMapping("/clinic/phone")
    ModelAndView set(@AuthenticationPrincipal Staff staff, @RequestParam(defaultValue = "") String number) {
        return Sent.answer(
                () -> {
                    phone.set(staff.clinicId(), read(number));
                    return "redirect:/clinic/phone";
                },
                problems -> page(number, problems));
    }

    private static String read(@Nullable String number) {
        String typed = Entered.words("number", number, LONGEST);
        if (!typed.isEmpty() && !NUMBER.matcher(typed).matches()) {
            throw new FormProblem(
                    "number", "Found '" + typed + "', allowed: digits, blanks, + ( ) / and -, or nothing.");
        }
        return typed;
    }

    private static ModelAndView page(String number, Map<String, String> problems) {
        return new ModelAndView("home/phone").addObject("number", number).addObject("problems", problems);
    }
}
