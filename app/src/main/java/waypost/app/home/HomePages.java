package waypost.app.home;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.course.CourseHeads;
import waypost.app.entry.Entered;
import waypost.app.work.DayOfVisit;
import waypost.core.block.WeekDoses;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.HomeSays;
import waypost.core.home.Rhythm;
import waypost.core.home.Waking;
import waypost.core.log.WorkLog;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.core.prescription.WorkingDose;
import waypost.core.protocol.Frequency;
import waypost.library.words.Dates;
import waypost.library.words.Words;

/** Lays out what may go home: what stands on the program, and the plan's exercises besides. */
@Component
class HomePages {

    private static final int USUAL_DAYS = 14;
    private static final int MOST_A_DAY = 10;

    private final CourseHeads heads;

    HomePages(CourseHeads heads) {
        this.heads = heads;
    }

    HomePage page(DayOfVisit day, Optional<WrittenProgram> standing, Optional<HomeForm> typed) {
        Optional<HomeProgram> program = standing.map(WrittenProgram::program);
        Waking waking = program.map(HomeProgram::waking).orElse(Waking.USUAL);
        return new HomePage(
                heads.head(day.course(), day.standing(), day.date()),
                typed.map(form -> Entered.text(form.programId()))
                        .orElseGet(() -> UUID.randomUUID().toString()),
                typed.map(form -> Entered.text(form.seen()))
                        .orElseGet(
                                () -> standing.map(each -> each.id().toString()).orElse("")),
                typed.map(form -> Entered.text(form.until()))
                        .orElseGet(() -> until(day.date(), program).toString()),
                typed.map(form -> Entered.text(form.wakes()))
                        .orElseGet(() -> waking.from().toString()),
                typed.map(form -> Entered.text(form.sleeps()))
                        .orElseGet(() -> waking.to().toString()),
                typed.map(form -> Entered.text(form.language()))
                        .orElseGet(() -> standing.map(each -> each.language().getLanguage())
                                .orElse("en")),
                typed.map(form -> Entered.text(form.words()))
                        .orElseGet(() -> standing.map(WrittenProgram::words).orElse("")),
                standing.map(each -> says(each, day.date())).orElse("No program is written yet."),
                program.map(each -> ends(day, each)).orElse(List.of()),
                rows(day, program, typed));
    }

    private static LocalDate until(LocalDate today, Optional<HomeProgram> program) {
        LocalDate usual = today.plusDays(USUAL_DAYS - 1L);
        return program.map(HomeProgram::until).filter(usual::isBefore).orElse(usual);
    }

    private static String says(WrittenProgram written, LocalDate today) {
        String until = Dates.say(written.program().until());
        return written.program().isValidOn(today)
                ? "Written by " + written.by() + ", holds until " + until + "."
                : "Written by " + written.by() + ", over since " + until + ": the patient has none that holds.";
    }

    /** What closes before the program is over, each once with its first day. */
    private static List<String> ends(DayOfVisit day, HomeProgram program) {
        Map<RoleKey, String> ends = new LinkedHashMap<>();
        Words words = Words.of(day.standing().course().resolved());
        for (HomeDay each : new HomeDays(day.standing().course(), day.date(), program, WorkLog.NONE).all()) {
            for (HomeDay.Judged judged : each.lines()) {
                if (judged.says() instanceof HomeSays.Closed closed
                        && !each.on().isBefore(day.date())) {
                    ends.putIfAbsent(
                            judged.line().role(),
                            day.signs().title(judged.line().role()) + " ends on " + Dates.say(each.on()) + ": "
                                    + words.why(closed.verdict()));
                }
            }
        }
        return List.copyOf(ends.values());
    }

    private static List<HomePage.Row> rows(DayOfVisit day, Optional<HomeProgram> program, Optional<HomeForm> typed) {
        Map<String, Typed> lines = new LinkedHashMap<>();
        program.ifPresent(each -> each.lines().stream()
                .filter(line -> isKnown(day, line.role().toString()))
                .forEach(line -> lines.put(line.role().toString(), Typed.of(line, true))));
        boolean first = program.isEmpty();
        for (RoleKey role : day.plan().roles()) {
            day.visit()
                    .proposal(role)
                    .toDo()
                    .ifPresent(toDo -> lines.computeIfAbsent(
                            toDo.role().toString(), key -> Typed.of(proposed(day, toDo.role(), toDo.dose()), first)));
        }
        typed.ifPresent(form -> lines.putAll(form.byRole()));
        return lines.values().stream()
                .filter(line -> isKnown(day, line.role()))
                .map(line -> row(day, line))
                .toList();
    }

    /** What was typed may name anything. */
    private static boolean isKnown(DayOfVisit day, String typed) {
        try {
            RoleKey role = RoleKey.of(typed);
            return day.signs().knows(role) && day.signs().activity(role) instanceof Activity.Exercise;
        } catch (IllegalArgumentException noRole) {
            return false;
        }
    }

    /** What is proposed for the visit, as often as it is prescribed or as the library has it. */
    private static HomeLine proposed(DayOfVisit day, RoleKey role, WorkingDose dose) {
        Optional<Prescription> prescribed = day.visit().prescribed(role);
        Activity.Exercise exercise = (Activity.Exercise) day.signs().activity(role);
        int times = prescribed
                .flatMap(Prescription::often)
                .or(() -> frequency(exercise.dose().frequency()))
                .filter(often -> often.per() == Frequency.Per.DAY)
                .map(Frequency::times)
                .orElse(1);
        Set<DayOfWeek> days = new WeekDoses(
                        day.standing().course(),
                        new Prescriptions(prescribed.stream().toList()))
                .spread(role, Week.UNSAID)
                .orElse(Set.of());
        return new HomeLine(role, dose, new Rhythm.Times(Math.min(times, MOST_A_DAY)), days, Optional.empty(), "");
    }

    private static Optional<Frequency> frequency(String written) {
        try {
            return Optional.of(Frequency.parse(written));
        } catch (IllegalArgumentException saidOtherwise) {
            return Optional.empty();
        }
    }

    private static HomePage.Row row(DayOfVisit day, Typed line) {
        RoleKey role = RoleKey.of(line.role());
        Activity.Exercise exercise = (Activity.Exercise) day.signs().activity(role);
        Verdict verdict = day.signs().verdict(role);
        return new HomePage.Row(
                line.role(),
                day.signs().title(role),
                line.goes(),
                line.sets(),
                line.amount(),
                exercise.dose().aim().counted().word(),
                line.load(),
                line.rhythm(),
                line.growth(),
                line.days(),
                line.say(),
                verdict.kind().isOpen()
                        ? ""
                        : Words.of(day.standing().course().resolved()).why(verdict));
    }
}
