package waypost.app.exchange;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.FormProblem;
import waypost.app.entry.SentText;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;

/** A course's files: readings out, readings in after a look, the course file. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class FileController {

    private static final int MOST_BYTES = 4_000_000;

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final ReadingFile readings;
    private final CourseFiles courseFiles;
    private final ClinicClock clock;

    FileController(
            CourseLoader loader, CourseHeads heads, ReadingFile readings, CourseFiles courseFiles, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.readings = readings;
        this.courseFiles = courseFiles;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/measures/files")
    ModelAndView files(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, loader.load(staff.clinicId(), id));
    }

    @GetMapping("/courses/{id}/readings.csv")
    ResponseEntity<byte[]> csv(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return file("text/csv; charset=utf-8", "readings.csv", readings.write(course));
    }

    @GetMapping("/courses/{id}/course.yaml")
    ResponseEntity<byte[]> courseFile(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return file("application/yaml; charset=utf-8", "course.yaml", courseFiles.write(course));
    }

    private static ResponseEntity<byte[]> file(String type, String name, String text) {
        return ResponseEntity.ok()
                .header("Content-Type", type)
                .header("Content-Disposition", "attachment; filename=\"" + name + "\"")
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/courses/{id}/readings/look")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView look(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam("file") Optional<MultipartFile> file)
            throws IOException {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        try {
            String text = SentText.of(file, MOST_BYTES);
            return page(staff, course)
                    .addObject("preview", readings.preview(staff, course, text))
                    .addObject("text", text);
        } catch (FormProblem problem) {
            return refused(page(staff, course), problem);
        }
    }

    @PostMapping("/courses/{id}/readings/take")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView take(
            @AuthenticationPrincipal Staff staff, @PathVariable UUID id, @RequestParam(defaultValue = "") String text) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        try {
            int taken = readings.take(staff, course, text);
            return page(staff, loader.load(staff.clinicId(), id))
                    .addObject("done", taken == 1 ? "1 reading was added." : taken + " readings were added.");
        } catch (FormProblem problem) {
            return refused(page(staff, course), problem);
        }
    }

    private static ModelAndView refused(ModelAndView page, FormProblem problem) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("problems", problem.byField());
    }

    private ModelAndView page(Staff staff, LoadedCourse course) {
        LocalDate today = clock.today(staff);
        return new ModelAndView("exchange/files")
                .addObject("head", heads.head(course, course.on(today), today))
                .addObject("columns", String.join(", ", Column.titles()))
                .addObject("needed", String.join(", ", Column.needed()))
                .addObject("preview", null)
                .addObject("text", "")
                .addObject("done", "")
                .addObject("problems", Map.of());
    }
}
