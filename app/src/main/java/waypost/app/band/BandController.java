package waypost.app.band;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
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

    private static final Map<String, String> SAID = Map.of(
            "length", "Length in centimetres of band ",
            "half", "Pull in kilograms at one and a half times its length of band ",
            "pull", "Pull in kilograms at double its length of band ",
            "triple", "Pull in kilograms at three times its length of band ");

    private final BandOrders orders;

    BandController(BandOrders orders) {
        this.orders = orders;
    }

    @GetMapping("/clinic/bands")
    ModelAndView show(@AuthenticationPrincipal Staff staff) {
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        for (Band band : orders.current(staff.clinicId())) {
            entered.set("name" + band.step(), band.name());
            entered.set("length" + band.step(), band.lengthCm() == null ? "" : String.valueOf(band.lengthCm()));
            entered.set("half" + band.step(), said(band.halfKg()));
            entered.set("pull" + band.step(), said(band.pullKg()));
            entered.set("triple" + band.step(), said(band.tripleKg()));
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

    private static String said(@Nullable BigDecimal kilograms) {
        return Optional.ofNullable(kilograms).map(BigDecimal::toPlainString).orElse("");
    }

    private static ModelAndView page(MultiValueMap<String, String> entered, HttpStatus status) {
        return new ModelAndView("band/bands", status)
                .addObject("id", UUID.randomUUID())
                .addObject("entered", entered)
                .addObject("said", SAID)
                .addObject(
                        "steps", IntStream.rangeClosed(1, BandForm.MOST).boxed().toList());
    }
}
