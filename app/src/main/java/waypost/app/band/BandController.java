package waypost.app.band;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;

/** Shows and sets the clinic's order of bands. */
@Controller
@PreAuthorize("hasAuthority('SET_EQUIPMENT')")
class BandController {

    private final BandOrders orders;

    BandController(BandOrders orders) {
        this.orders = orders;
    }

    @GetMapping("/clinic/bands")
    ModelAndView show(@AuthenticationPrincipal Staff staff) {
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        for (Band band : orders.current(staff.clinicId())) {
            entered.set("name" + band.step(), band.name());
            entered.set(
                    "pull" + band.step(),
                    Optional.ofNullable(band.pullKg())
                            .map(pull -> pull.toPlainString())
                            .orElse(""));
        }
        return page(entered, HttpStatus.OK);
    }

    @PostMapping("/clinic/bands")
    ModelAndView set(@AuthenticationPrincipal Staff staff, @RequestParam MultiValueMap<String, String> entered) {
        try {
            List<Band> bands = new BandForm(entered).read();
            orders.set(
                    staff,
                    Entered.id("id", Optional.ofNullable(entered.getFirst("id")).orElse("")),
                    bands);
            return page(entered, HttpStatus.OK).addObject("saved", true);
        } catch (FormProblem problem) {
            return page(entered, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    private static ModelAndView page(MultiValueMap<String, String> entered, HttpStatus status) {
        return new ModelAndView("band/bands", status)
                .addObject("id", UUID.randomUUID())
                .addObject("entered", entered)
                .addObject(
                        "steps", IntStream.rangeClosed(1, BandForm.MOST).boxed().toList());
    }
}
