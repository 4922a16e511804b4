package waypost.app.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import waypost.app.account.Staff;
import waypost.app.map.CourseMaps;
import waypost.app.map.Scale;
import waypost.app.map.Visit;
import waypost.app.rack.Ahead;
import waypost.app.rack.RackForm;
import waypost.app.rack.Racks;
import waypost.app.rung.Narrow;
import waypost.app.rung.RungPanel;
import waypost.app.rung.RungPanels;
import waypost.app.shell.Here;
import waypost.app.store.LoadedCourse;
import waypost.core.compare.Difference;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.library.words.BlockWords;
import waypost.library.words.Dates;
import waypost.library.words.MilestoneWords;
import waypost.library.words.SignWords;
import waypost.library.words.SinceWords;

/** A course's way: precautions, ladders of signs, an opened rung, on any date. */
@Controller
class CourseController {

    private final CourseDoor door;
    private final Visits visits;
    private final CourseMaps maps;
    private final Racks racks;
    private final RungPanels panels;

    CourseController(CourseDoor door, Visits visits, CourseMaps maps, Racks racks, RungPanels panels) {
        this.door = door;
        this.visits = visits;
        this.maps = maps;
        this.racks = racks;
        this.panels = panels;
    }

    @GetMapping("/courses/{id}")
    String way(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam Optional<LocalDate> on,
            @RequestParam(defaultValue = "TIME_ONLY") Outlook outlook,
            @RequestParam(defaultValue = "WHOLE") Scale scale,
            @RequestParam Optional<RoleKey> rung,
            RackForm form,
            Model model) {
        OpenCourse open = door.open(staff, id);
        LocalDate today = open.today();
        LoadedCourse course = open.course();
        Standing standing = course.course().on(course.day(on, today), today, outlook);
        List<Visit> visited = visits.of(staff, id);
        model.addAttribute("head", open.head(standing).saying(wayLine(course, standing, visited)));
        model.addAttribute("map", maps.map(standing, course.bundle(), visited, today, scale));
        model.addAttribute("rack", racks.rack(wanted(course, standing, today, visited, form)));
        model.addAttribute("panel", rung.map(key -> panel(staff, course, standing, key)));
        rung.ifPresent(key -> model.addAttribute("narrow", Narrow.of(id, standing, key)));
        model.addAttribute(
                "here",
                new Here(
                        "/courses/" + id,
                        Map.of(
                                "on", standing.date().toString(),
                                "outlook", outlook.name(),
                                "scale", scale.name())));
        model.addAttribute("protocol", course.protocol().id());
        model.addAttribute("lineSaid", standing.date().equals(today) ? "today" : SignWords.date(standing.date()));
        model.addAttribute("outlook", outlook);
        return "course/way";
    }

    private static Racks.Wanted wanted(
            LoadedCourse course, Standing standing, LocalDate today, List<Visit> visited, RackForm form) {
        return new Racks.Wanted(
                standing, course.bundle().ladders(), today, Visits.lastBefore(visited, standing.date()), form.filter());
    }

    /** What changed since the last visit, and what blocks the next phase. */
    private static String wayLine(LoadedCourse course, Standing standing, List<Visit> visited) {
        String blocks = new BlockWords(new MilestoneWords(new Dates(course.row().dayZero()))).brief(standing);
        return Visits.lastBefore(visited, standing.date())
                .map(visit -> SinceWords.say(visit, Difference.between(course.on(visit), standing)) + " " + blocks)
                .orElse(blocks);
    }

    /** The kind of every verdict on every day of change, so that signs repaint while the handle is dragged. */
    @GetMapping("/courses/{id}/ahead")
    @ResponseBody
    Ahead ahead(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "TIME_ONLY") Outlook outlook) {
        OpenCourse open = door.open(staff, id);
        return Ahead.of(open.course().course(), open.today(), outlook);
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
        OpenCourse open = door.open(staff, id);
        LocalDate today = open.today();
        LoadedCourse course = open.course();
        Standing standing = course.course().on(course.day(on, today), today, outlook);
        RoleKey key = new RoleKey(activity, role);
        model.addAttribute("panel", Optional.of(panel(staff, course, standing, key)));
        model.addAttribute("narrow", Narrow.of(id, standing, key));
        return "course/rung :: rung";
    }

    private RungPanel panel(Staff staff, LoadedCourse course, Standing standing, RoleKey key) {
        return panels.panel(staff.clinicId(), course.bundle(), standing, key, door.today(staff));
    }
}
