package waypost.app.checkin;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.diary.Diary;
import waypost.app.diary.DiaryWeek;
import waypost.app.entry.Sent;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;

/** The first post of a visit. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class CheckInController {

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final CheckIns checkIns;
    private final Diary diary;
    private final ClinicClock clock;

    CheckInController(CourseLoader loader, CourseHeads heads, CheckIns checkIns, Diary diary, ClinicClock clock) {
        this.loader = loader;
        this.heads = heads;
        this.checkIns = checkIns;
        this.diary = diary;
        this.clock = clock;
    }

    /** The questions of one tier. */
    public record Group(Tier tier, String title, List<RedFlag> flags) {}

    /** Today's check-in as it stands, with what its flags say. */
    public record Outcome(CheckIns.Kept kept, List<RedFlag> raised, boolean stops) {}

    /** What came from home, with the exercises that were too much by name. */
    public record AtHome(DiaryWeek week, List<String> tooMuch) {}

    @GetMapping("/courses/{id}/check-in")
    ModelAndView checkIn(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return page(staff, course, CheckInForm.blank());
    }

    @PostMapping("/courses/{id}/check-in")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, @ModelAttribute CheckInForm form) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        return Sent.answer(
                () -> {
                    checkIns.keep(staff, id, form);
                    return "redirect:/courses/" + id + "/check-in";
                },
                problems -> page(staff, course, form));
    }

    private ModelAndView page(Staff staff, LoadedCourse course, CheckInForm form) {
        LocalDate today = clock.today(staff);
        List<RedFlag> asked = checkIns.asked(course);
        return new ModelAndView("checkin/check-in")
                .addObject("head", heads.head(course, course.on(today), today))
                .addObject("groups", groups(asked))
                .addObject("before", before(course, today))
                .addObject("atHome", atHome(course, today))
                .addObject(
                        "outcomes",
                        checkIns.on(course, today).stream()
                                .map(kept -> outcome(kept, asked))
                                .toList())
                .addObject("surgeon", course.row().surgeon())
                .addObject("form", form)
                .addObject("problems", Map.of());
    }

    /** A week at home as the patient's own page told it. */
    private AtHome atHome(LoadedCourse course, LocalDate today) {
        DiaryWeek week = diary.week(course.row().id(), today);
        List<String> tooMuch = week.tooMuch().stream()
                .filter(role -> role.contains("/"))
                .map(role -> course.bundle()
                        .findActivity(RoleKey.of(role).activity())
                        .map(Activity::title)
                        .orElse(role))
                .toList();
        return new AtHome(week, tooMuch);
    }

    /** What was said the last time before today, empty where nothing was. */
    private static Before before(LoadedCourse course, LocalDate today) {
        return course.checkIns().stream()
                .filter(told -> told.on().isBefore(today))
                .reduce((earlier, later) -> later)
                .map(Before::of)
                .orElse(Before.NOTHING);
    }

    private static Outcome outcome(CheckIns.Kept kept, List<RedFlag> asked) {
        Tier gravest = kept.gravest();
        return new Outcome(
                kept,
                asked.stream()
                        .filter(flag -> List.of(kept.flags().split(" ")).contains(flag.id()))
                        .toList(),
                gravest != null && gravest.stopsTreatment());
    }

    private static List<Group> groups(List<RedFlag> asked) {
        return Arrays.stream(Tier.values())
                .map(tier -> new Group(
                        tier,
                        title(tier),
                        asked.stream().filter(flag -> flag.tier() == tier).toList()))
                .filter(group -> !group.flags().isEmpty())
                .toList();
    }

    private static String title(Tier tier) {
        return switch (tier) {
            case EMERGENCY -> "Emergency now";
            case SAME_DAY -> "The surgeon's team today, no exercise";
            case STEP_BACK -> "Stop this exercise, step back";
            case HOLD_PROGRESS -> "Hold progress, tell the therapist";
        };
    }
}
