package waypost.app.measure;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.dial.Dials;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.core.followup.VisitAdvice;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.library.words.AdviceWords;
import waypost.library.words.BlockWords;
import waypost.library.words.MilestoneWords;
import waypost.library.words.Words;

/** The measuring sheet of a course. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class MeasureController {

    /** What a page that shows more than rows listens for. */
    private static final String KEPT = "reading-kept";

    private final Sheets sheets;
    private final CourseHeads heads;
    private final ClinicClock clock;

    MeasureController(Sheets sheets, CourseHeads heads, ClinicClock clock) {
        this.sheets = sheets;
        this.heads = heads;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/measures")
    ModelAndView sheet(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(name = "also", defaultValue = "") List<String> added) {
        Sheets.Sheet sheet = sheets.sheet(staff, id, added);
        return page(staff, sheet);
    }

    private ModelAndView page(Staff staff, Sheets.Sheet sheet) {
        Words words = Words.of(sheet.standing().course().resolved());
        VisitAdvice advice = VisitAdvice.of(sheet.standing());
        return blocks(new ModelAndView("measure/sheet"), sheet)
                .addObject("head", heads.head(sheet.course(), sheet.standing(), clock.today(staff)))
                .addObject("rows", sheet.rows())
                .addObject("choices", addable(sheet))
                .addObject("adviceTitle", AdviceWords.title(advice))
                .addObject("adviceWhy", new AdviceWords(words).why(advice))
                .addObject(
                        "dials",
                        new Dials(sheet.standing(), sheet.course().bundle().measures()).toMeasure());
    }

    /** What is not on the sheet and can be taken. */
    private static List<Measure> addable(Sheets.Sheet sheet) {
        return sheet.course().bundle().measures().stream()
                .filter(measure -> measure.taken().method() != Method.DERIVED)
                .filter(measure ->
                        sheet.rows().stream().noneMatch(row -> row.id().equals(measure.id())))
                .toList();
    }

    private static ModelAndView blocks(ModelAndView model, Sheets.Sheet sheet) {
        Words words = Words.of(sheet.standing().course().resolved());
        return model.addObject("courseId", sheet.course().row().id())
                .addObject("blocks", new BlockWords(new MilestoneWords(words.dates())).say(sheet.standing()));
    }

    @PostMapping("/courses/{id}/sheet/{measure}")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView save(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable String measure,
            @ModelAttribute SheetEntry entry,
            @RequestHeader(name = "HX-Request", defaultValue = "false") boolean part,
            HttpServletResponse response) {
        try {
            List<SheetRow> rows = sheets.save(staff, id, measure, entry);
            response.setHeader("HX-Trigger", KEPT);
            if (!part) {
                return new ModelAndView("redirect:/courses/" + id + "/measures");
            }
            return blocks(new ModelAndView("measure/rows"), sheets.sheet(staff, id, List.of(measure)))
                    .addObject("rows", rows);
        } catch (Sheets.NotTaken notTaken) {
            boolean asks = notTaken.row().cells().stream().anyMatch(SheetRow.Cell::question);
            ModelAndView model = part
                    ? blocks(new ModelAndView("measure/rows"), sheets.sheet(staff, id, List.of(measure)))
                            .addObject("rows", List.of(notTaken.row()))
                    : page(staff, sheets.sheet(staff, id, List.of(measure)).with(notTaken.row()));
            model.setStatus(asks ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_CONTENT);
            return model;
        }
    }

    @PostMapping("/courses/{id}/sheet/{measure}/preview")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView preview(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable String measure,
            @ModelAttribute SheetEntry entry) {
        ModelAndView model = new ModelAndView("measure/preview").addObject("problem", "");
        try {
            Worked worked = sheets.preview(staff, id, measure, entry);
            return model.addObject("working", worked.working())
                    .addObject("value", worked.amount())
                    .addObject("said", worked.said())
                    .addObject("remarks", worked.remarks());
        } catch (IllegalArgumentException | FormProblem unreadable) {
            return model.addAllObjects(Map.of("problem", String.valueOf(unreadable.getMessage())));
        }
    }
}
