package waypost.app.audit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
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
import waypost.app.entry.Spreadsheet;

/** Who looked at whom. Asked for by a form, so that no patient's name stands in an address. */
@Controller
@PreAuthorize("hasAuthority('SEE_LOOKS')")
class LookController {

    private final Looks looks;

    LookController(Looks looks) {
        this.looks = looks;
    }

    @GetMapping("/clinic/looks")
    ModelAndView page(@AuthenticationPrincipal Staff lead) {
        return shown(lead, Map.of());
    }

    @PostMapping("/clinic/looks")
    ModelAndView asked(@AuthenticationPrincipal Staff lead, @RequestParam Map<String, String> form) {
        return shown(lead, form);
    }

    private ModelAndView shown(Staff lead, Map<String, String> form) {
        ModelAndView page = new ModelAndView("audit/looks").addObject("zone", lead.clinicZone());
        page.addObject("form", form);
        try {
            List<Looks.Look> found = looks.page(lead, asked(form));
            return page.addObject("looks", found.stream().limit(Looks.PAGE).toList())
                    .addObject(
                            "earlier",
                            found.size() > Looks.PAGE
                                    ? Optional.of(found.get(Looks.PAGE - 1).nth())
                                    : Optional.empty());
        } catch (FormProblem problem) {
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page.addObject("looks", List.of())
                    .addObject("earlier", Optional.empty())
                    .addObject("problems", problem.byField());
        }
    }

    @PostMapping("/clinic/looks/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Staff lead, @RequestParam Map<String, String> form) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = CSVFormat.RFC4180
                .builder()
                .setHeader("time", "who", "role", "patient", "number", "place")
                .get()
                .print(text)) {
            for (Looks.Look look : looks.file(lead, asked(form))) {
                printer.printRecord(
                        look.at().atZone(lead.clinicZone()).toOffsetDateTime(),
                        Spreadsheet.harmless(look.who()),
                        look.role(),
                        Spreadsheet.harmless(look.patient()),
                        Spreadsheet.harmless(look.number()),
                        look.place());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return ResponseEntity.ok()
                .header("Content-Type", "text/csv; charset=utf-8")
                .header("Content-Disposition", "attachment; filename=\"looks.csv\"")
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static Looks.Asked asked(Map<String, String> form) {
        return new Looks.Asked(
                Entered.text(form.get("patient")),
                Entered.text(form.get("who")),
                day("from", form.get("from")),
                day("to", form.get("to")),
                Entered.whole("before", Entered.text(form.get("before")), 999_999_999)
                        .map(Integer::longValue));
    }

    private static Optional<LocalDate> day(String field, @Nullable String typed) {
        return typed == null || typed.isBlank() ? Optional.empty() : Optional.of(Entered.date(field, typed));
    }
}
