package waypost.app.trend;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.diary.Diary;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.core.measure.Measure;
import waypost.core.protocol.Phase;

/** Trends of a course: the page with its tables, and the figures that its charts are drawn from. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class TrendController {

    private static final int SHOWN_AT_FIRST = 3;
    private static final int MOST = 6;

    private final CourseLoader loader;
    private final CourseHeads heads;
    private final Diary diary;
    private final ClinicClock clock;

    TrendController(CourseLoader loader, CourseHeads heads, Diary diary, ClinicClock clock) {
        this.diary = diary;
        this.loader = loader;
        this.heads = heads;
        this.clock = clock;
    }

    /** A measure that can be shown. */
    public record Pick(String id, String title, boolean shown) {}

    /** A phase that was signed, from its day on. */
    public record Stretch(String title, LocalDate from) {}

    /** Everything that the charts are drawn from. */
    public record Charts(LocalDate dayZero, LocalDate today, List<Stretch> phases, List<TrendChart> charts) {}

    @GetMapping("/courses/{id}/measures/trends")
    ModelAndView trends(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(name = "measure", defaultValue = "") List<String> wanted) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        TrendCharts charts = new TrendCharts(standing);
        List<Measure> shown = shown(charts, wanted);
        Optional<TrendChart> home = home(course);
        List<Pick> picks = new ArrayList<>(charts.measured().stream()
                .map(measure -> new Pick(measure.id(), measure.title(), shown.contains(measure)))
                .toList());
        home.ifPresent(chart -> picks.add(new Pick(chart.id(), chart.title(), wanted.contains(chart.id()))));
        return new ModelAndView("trend/trends")
                .addObject("head", heads.head(course, standing, today))
                .addObject("picks", picks)
                .addObject("charts", charts(charts, shown, home, wanted));
    }

    private Optional<TrendChart> home(LoadedCourse course) {
        return HomeChart.of(diary.since(course.row().id(), course.row().dayZero()));
    }

    private static List<TrendChart> charts(
            TrendCharts charts, List<Measure> shown, Optional<TrendChart> home, List<String> wanted) {
        return Stream.concat(shown.stream().map(charts::of), home.filter(chart -> wanted.contains(chart.id())).stream())
                .toList();
    }

    @GetMapping("/courses/{id}/measures/trends/data")
    @ResponseBody
    Charts data(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(name = "measure", defaultValue = "") List<String> wanted) {
        LoadedCourse course = loader.load(staff.clinicId(), id);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        TrendCharts charts = new TrendCharts(standing);
        return new Charts(
                course.row().dayZero(),
                today,
                phases(course),
                charts(charts, shown(charts, wanted), home(course), wanted));
    }

    private static List<Stretch> phases(LoadedCourse course) {
        List<Stretch> phases = new ArrayList<>();
        Phase first = course.protocol().firstPhase();
        phases.add(new Stretch(first.title(), course.row().dayZero()));
        course.course()
                .history()
                .signed()
                .forEach(signed -> phases.add(
                        new Stretch(course.protocol().phase(signed.phase()).title(), signed.from())));
        return phases;
    }

    private static List<Measure> shown(TrendCharts charts, List<String> wanted) {
        List<Measure> measured = charts.measured();
        List<Measure> chosen = measured.stream()
                .filter(measure -> wanted.contains(measure.id()))
                .limit(MOST)
                .toList();
        return chosen.isEmpty() && !wanted.contains(HomeChart.ID)
                ? measured.stream().limit(SHOWN_AT_FIRST).toList()
                : chosen;
    }
}
