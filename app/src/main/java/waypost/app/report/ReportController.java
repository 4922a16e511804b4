package waypost.app.report;

import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Sent;
import waypost.app.note.Paper;

/** Progress reports of a course, and what waits for its surgeon. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ReportController {

    private final Reports reports;
    private final CourseDoor door;
    private final PasswordFreshness freshness;
    private final ITemplateEngine templates;

    ReportController(Reports reports, CourseDoor door, PasswordFreshness freshness, ITemplateEngine templates) {
        this.reports = reports;
        this.door = door;
        this.freshness = freshness;
        this.templates = templates;
    }

    @GetMapping("/courses/{id}/reports")
    ModelAndView reports(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, HttpSession session) {
        return page(staff, id, session, Map.of());
    }

    @PostMapping("/courses/{id}/reports")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView sign(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String reportId,
            @RequestParam(defaultValue = "") String shown,
            @RequestParam(defaultValue = "") String asked,
            @RequestParam @Nullable String password,
            HttpSession session) {
        return Sent.answer(
                () -> {
                    freshness.require(session, staff, password);
                    reports.sign(staff, door.open(staff, id), reportId, shown, asked);
                    return "redirect:/courses/" + id + "/reports";
                },
                problems -> page(staff, id, session, problems));
    }

    @PostMapping("/courses/{id}/reports/{reportId}/answer")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView answer(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID reportId,
            @RequestParam(defaultValue = "") String words,
            HttpSession session) {
        return Sent.answer(
                () -> {
                    door.open(staff, id);
                    reports.answer(staff, id, reportId, words);
                    return "redirect:/courses/" + id + "/reports";
                },
                problems -> page(staff, id, session, problems));
    }

    /** A report as PDF. */
    @GetMapping("/courses/{id}/reports/{reportId}.pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @PathVariable UUID reportId)
            throws IOException {
        OpenCourse open = door.open(staff, id);
        Report report = reports.one(staff, id, reportId);
        String page = templates.process(
                "report/report-pdf",
                new Context(
                        null,
                        Map.of(
                                "report",
                                report,
                                "head",
                                open.head(),
                                "surgeon",
                                open.course().row().surgeon())));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("progress-" + report.reportedOn() + ".pdf")
                                .build()
                                .toString())
                .body(Paper.pdf(page));
    }

    /** What waits for a surgeon, as a part of Today. */
    @GetMapping("/reports/waiting")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView waiting(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("report/waiting :: waiting").addObject("waiting", reports.waiting(staff));
    }

    private ModelAndView page(Staff staff, UUID id, HttpSession session, Map<String, String> problems) {
        OpenCourse open = door.open(staff, id);
        List<Report> signed = reports.of(staff, id);
        return new ModelAndView("report/reports")
                .addObject("head", open.head())
                .addObject("surgeon", open.course().row().surgeon())
                .addObject("draft", reports.draft(open, signed))
                .addObject("signed", signed)
                .addObject("needsPassword", freshness.mustAsk(session))
                .addObject("problems", problems);
    }
}
