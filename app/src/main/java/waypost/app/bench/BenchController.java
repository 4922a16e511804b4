package waypost.app.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.finder.PatientFinder;
import waypost.app.store.Bundles;
import waypost.app.store.CourseLoader;

/** The bench's pages. What is entered for a calculation names nobody, so it may stand in the address. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class BenchController {

    private static final int MOST_FOUND = 20;

    private final Bench bench;
    private final PatientFinder finder;
    private final CourseLoader loader;
    private final Bundles bundles;

    BenchController(Bench bench, PatientFinder finder, CourseLoader loader, Bundles bundles) {
        this.bench = bench;
        this.finder = finder;
        this.loader = loader;
        this.bundles = bundles;
    }

    @GetMapping("/bench")
    String bench() {
        return "redirect:/bench/" + bench.calculators().get(0).id();
    }

    @GetMapping("/bench/{calculator}")
    ModelAndView calculator(@PathVariable String calculator, @RequestParam Map<String, String> entered) {
        return page(bench.calculator(calculator), entered);
    }

    private ModelAndView page(Calculator calculator, Map<String, String> entered) {
        Map<String, String> values = new HashMap<>();
        calculator
                .fields()
                .forEach(field -> values.put(field.name(), entered.getOrDefault(field.name(), field.example())));
        ModelAndView page = new ModelAndView("bench/bench")
                .addObject("calculators", bench.calculators())
                .addObject("calculator", calculator)
                .addObject("values", values)
                .addObject("entryId", UUID.randomUUID())
                .addObject("patient", entered.getOrDefault("patient", ""))
                .addObject("found", List.of())
                .addObject("problems", Map.of())
                .addObject(
                        "measures",
                        bundles.shipped().measures().stream()
                                .filter(calculator::yields)
                                .toList())
                .addObject("kept", "");
        try {
            return page.addObject("answer", calculator.work(new Inputs(values))).addObject("problem", "");
        } catch (IllegalArgumentException unreadable) {
            return page.addObject("answer", null).addObject("problem", String.valueOf(unreadable.getMessage()));
        }
    }

    /** Looks for whose record it goes on. */
    @PostMapping("/bench/{calculator}/patient")
    ModelAndView patient(
            @AuthenticationPrincipal Staff staff,
            @PathVariable String calculator,
            @RequestParam Map<String, String> entered) {
        String wanted = entered.getOrDefault("patient", "");
        List<PatientFinder.Found> found = wanted.isBlank() ? List.of() : finder.find(staff, wanted, MOST_FOUND);
        ModelAndView page = page(bench.calculator(calculator), entered).addObject("found", found);
        return found.isEmpty()
                ? page.addObject(
                        "problems", Map.of("patient", "Nobody in this clinic has '" + wanted + "' in name or number."))
                : page;
    }

    @PostMapping("/bench/{calculator}/record")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable String calculator,
            @RequestParam UUID courseId,
            @RequestParam Map<String, String> entered) {
        Calculator chosen = bench.calculator(calculator);
        String patient = loader.load(staff.clinicId(), courseId).row().patientName();
        ModelAndView page = page(chosen, entered);
        try {
            Answer answer = chosen.work(new Inputs(entered));
            bench.keep(
                    staff,
                    chosen,
                    answer,
                    new Bench.Place(
                            Entered.id("entryId", entered.getOrDefault("entryId", "")),
                            courseId,
                            Optional.of(entered.getOrDefault("measure", "")).filter(id -> !id.isEmpty()),
                            entered.getOrDefault("side", "")));
            return page.addObject("kept", "On the record of " + patient + ": " + answer.said() + ".");
        } catch (IllegalArgumentException unreadable) {
            return refused(page, Map.of("record", String.valueOf(unreadable.getMessage())));
        } catch (FormProblem problem) {
            return refused(page, problem.byField());
        }
    }

    private static ModelAndView refused(ModelAndView page, Map<String, String> problems) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("problems", problems);
    }
}
