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

/** Shows and sets the clinic's orders of bands and springs. */
@Controller
@PreAuthorize("hasAuthority('SET_EQUIPMENT')")
class BandController {

    /** By a field's name: how its column is headed, and what is said of one field. */
    private static final Map<String, List<String>> SAID = Map.of(
            "length", List.of("Length, cm", "Length in centimetres of "),
            "home", List.of("Hooked in at, cm", "Length in centimetres while the carriage is home of "),
            "half", List.of("Pull at 1½ ×, kg", "Pull in kilograms at one and a half times its length of "),
            "pull", List.of("at double, kg", "Pull in kilograms at double its length of "),
            "triple", List.of("at 3 ×, kg", "Pull in kilograms at three times its length of "));

    private final BandOrders orders;

    BandController(BandOrders orders) {
        this.orders = orders;
    }

    @GetMapping("/clinic/bands")
    ModelAndView bands(@AuthenticationPrincipal Staff staff) {
        return show(staff, BandKind.BAND);
    }

    @PostMapping("/clinic/bands")
    ModelAndView setBands(@AuthenticationPrincipal Staff staff, @RequestParam MultiValueMap<String, String> entered) {
        return set(staff, BandKind.BAND, entered);
    }

    @GetMapping("/clinic/springs")
    ModelAndView springs(@AuthenticationPrincipal Staff staff) {
        return show(staff, BandKind.SPRING);
    }

    @PostMapping("/clinic/springs")
    ModelAndView setSprings(@AuthenticationPrincipal Staff staff, @RequestParam MultiValueMap<String, String> entered) {
        return set(staff, BandKind.SPRING, entered);
    }

    private ModelAndView show(Staff staff, BandKind kind) {
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        for (Band band : orders.current(staff.clinicId(), kind)) {
            entered.set("name" + band.step(), band.name());
            entered.set("length" + band.step(), said(band.lengthCm()));
            entered.set("home" + band.step(), said(band.homeCm()));
            entered.set("half" + band.step(), said(band.halfKg()));
            entered.set("pull" + band.step(), said(band.pullKg()));
            entered.set("triple" + band.step(), said(band.tripleKg()));
        }
        return page(kind, entered, HttpStatus.OK);
    }

    private ModelAndView set(Staff staff, BandKind kind, MultiValueMap<String, String> entered) {
        try {
            List<Band> bands = new BandForm(kind, entered).read();
            UUID id =
                    Entered.id("id", Optional.ofNullable(entered.getFirst("id")).orElse(""));
            orders.set(staff, id, kind, bands);
            return page(kind, entered, HttpStatus.OK).addObject("saved", true);
        } catch (FormProblem problem) {
            return page(kind, entered, HttpStatus.UNPROCESSABLE_CONTENT).addObject("problems", problem.byField());
        }
    }

    private static String said(@Nullable BigDecimal kilograms) {
        return Optional.ofNullable(kilograms).map(BigDecimal::toPlainString).orElse("");
    }

    private static String said(@Nullable Integer centimetres) {
        return centimetres == null ? "" : String.valueOf(centimetres);
    }

    private static ModelAndView page(BandKind kind, MultiValueMap<String, String> entered, HttpStatus status) {
        return new ModelAndView("band/bands", status)
                .addObject("id", UUID.randomUUID())
                .addObject("entered", entered)
                .addObject("kind", kind)
                .addObject("said", SAID)
                .addObject(
                        "steps", IntStream.rangeClosed(1, BandForm.MOST).boxed().toList());
    }
}
