package waypost.app.course;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import waypost.app.account.Staff;
import waypost.app.audit.ReadLog;
import waypost.app.map.CourseMaps;
import waypost.app.map.Scale;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.library.words.SignWords;

/** A course's way: precautions, ladders of signs, an opened rung, on any date. */
@Controller
class CourseController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final CoursePages pages;
    private final CourseMaps maps;
    private final Finder finder;
    private final ReadLog readLog;
    private final ClinicClock clock;

    CourseController(
            CourseLoader loader,
            CourseHeads heads,
            CoursePages pages,
            CourseMaps maps,
            Finder finder,
            ReadLog readLog,
            ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.pages = pages;
        this.maps = maps;
        this.finder = finder;
        this.readLog = readLog;
        this.clock = clock;
    }

    @GetMapping("/courses/{id}")
    String way(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam Optional<LocalDate> on,
            @RequestParam(defaultValue = "TIME_ONLY") Outlook outlook,
            @RequestParam(defaultValue = "WHOLE") Scale scale,
            @RequestParam Optional<RoleKey> rung,
            Model model) {
        LocalDate today = clock.today(staff);
        LoadedCourse course = loader.load(staff.clinicId(), id);
        readLog.saw(staff, id, "way");
        Standing standing = course.course().on(on.orElse(today), today, outlook);
        model.addAttribute("head", heads.head(course, standing, today));
        model.addAttribute("map", maps.map(course, standing, today, scale));
        model.addAttribute("ladders", pages.ladders(course, standing));
        model.addAttribute("panel", rung.map(key -> pages.panel(course, standing, key)));
        model.addAttribute("said", SignWords.date(standing.date()));
        model.addAttribute("outlook", outlook);
        return "course/way";
    }

    /** The kind of every verdict on every day of change, so that signs repaint while the handle is dragged. */
    @GetMapping("/courses/{id}/ahead")
    @ResponseBody
    Ahead ahead(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "TIME_ONLY") Outlook outlook) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        readLog.saw(staff, id, "ahead");
        return Ahead.of(course, clock.today(staff), outlook);
    }

    @GetMapping("/courses/{id}/rungs/{activity}/{role}")
    String rung(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable String activity,
            @PathVariable String role,
            @RequestParam Optional<LocalDate> on,
            @RequestParam(defaultValue = "TIME_ONLY") Outlook outlook,
            Model model) {
        LocalDate today = clock.today(staff);
        LoadedCourse course = loader.load(staff.clinicId(), id);
        readLog.saw(staff, id, "rung");
        Standing standing = course.course().on(on.orElse(today), today, outlook);
        model.addAttribute("panel", Optional.of(pages.panel(course, standing, new RoleKey(activity, role))));
        return "course/rung :: rung";
    }

    /** Finds by name or number; a POST, so that no patient's name stands in an address. */
    @PostMapping("/finder")
    String find(@AuthenticationPrincipal Staff staff, @RequestParam(defaultValue = "") String wanted, Model model) {
        model.addAttribute("wanted", wanted);
        model.addAttribute("found", finder.find(staff.clinicId(), wanted));
        return "course/found";
    }
}
