package waypost.app.patientpage;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.diary.Diary;
import waypost.app.diary.HomeReport;
import waypost.app.home.HomePrograms;
import waypost.app.home.PatientSheet;
import waypost.app.home.PatientSheets;
import waypost.app.home.WrittenProgram;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.home.SaidAtHome;
import waypost.library.plain.PlainText;

/** Lays out a patient's page. */
@Component
class PatientPlans {

    private final CourseLoader loader;
    private final VisitDays days;
    private final HomePrograms programs;
    private final PatientSheets sheets;
    private final Diary diary;
    private final HomeLinks links;

    PatientPlans(
            CourseLoader loader,
            VisitDays days,
            HomePrograms programs,
            PatientSheets sheets,
            Diary diary,
            HomeLinks links) {
        this.loader = loader;
        this.days = days;
        this.programs = programs;
        this.sheets = sheets;
        this.diary = diary;
        this.links = links;
    }

    /**
     * An exercise as the page shows it.
     *
     * @param days every day to come, as JSON for the telephone to choose from while it is alone
     * @param waits whether the patient said that it was too much: it waits for the therapist
     */
    public record Card(PatientSheet.Line line, String days, boolean waits) {}

    ModelAndView page(HomeLinks.Whose whose) {
        LoadedCourse course = loader.load(whose.clinicId(), whose.courseId());
        LocalDate today = links.today(whose);
        DayOfVisit day = days.of(course, today);
        Optional<WrittenProgram> written = programs.of(whose.courseId());
        PlainText text = PlainText.in(written.map(WrittenProgram::language).orElse(Locale.ENGLISH));
        ModelAndView page = new ModelAndView("home/plan")
                .addObject("t", text)
                .addObject("today", today)
                .addObject("phases", phases(day));
        if (written.isEmpty()) {
            return page.addObject("cards", List.of());
        }
        PatientSheet sheet = sheets.of(day, written.get());
        List<HomeReport> said = diary
                .since(whose.courseId(), written.get().program().from())
                .stream()
                .filter(each -> each.programId().equals(written.get().id()))
                .toList();
        return page.addObject("s", sheet)
                .addObject("programId", written.get().id())
                .addObject("from", written.get().program().from())
                .addObject("until", written.get().program().until())
                .addObject("late", written.get().program().waking().lateMinutes())
                .addObject(
                        "cards",
                        sheet.lines().stream().map(line -> card(line, said)).toList());
    }

    private static Card card(PatientSheet.Line line, List<HomeReport> said) {
        return new Card(
                line,
                JsonMapper.shared().writeValueAsString(line.onDays()),
                SaidAtHome.waits(said.stream().map(HomeReport::said).toList(), line.role()));
    }

    /** How many stages there are, and in which the patient is: a picture needs no more. */
    private static List<Boolean> phases(DayOfVisit day) {
        var protocol = day.standing().course().resolved().protocol();
        int here = protocol.phases().indexOf(day.standing().phase());
        return protocol.phases().stream()
                .map(phase -> protocol.phases().indexOf(phase) <= here)
                .toList();
    }
}
