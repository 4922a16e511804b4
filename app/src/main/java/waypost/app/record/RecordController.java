package waypost.app.record;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;

/** The record: everything that happened on a course, newest first. */
@Controller
class RecordController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final RecordMapper mapper;
    private final ClinicClock clock;

    RecordController(CourseLoader loader, CourseHeads heads, RecordMapper mapper, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.mapper = mapper;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}/record")
    String record(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String before,
            Model model) {
        LocalDate today = clock.today(staff);
        LoadedCourse course = loader.load(staff.clinicId(), id);
        Place place = Place.parse(before);
        RecordPage page = RecordPage.of(
                mapper.findWritten(id, staff.zone(), place, RecordPage.LENGTH + 1), place, course.bundle());
        model.addAttribute("head", heads.head(course, course.on(today), today));
        model.addAttribute("page", page);
        return "record/record";
    }
}
