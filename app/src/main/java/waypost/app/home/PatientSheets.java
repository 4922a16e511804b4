package waypost.app.home;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import org.springframework.stereotype.Component;
import waypost.app.checkin.CheckIns;
import waypost.app.work.DayOfVisit;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeProgram;
import waypost.core.safety.Tier;
import waypost.core.time.CourseDay;
import waypost.library.plain.PlainFlag;
import waypost.library.plain.PlainText;
import waypost.library.plain.Told;

/** Puts a program into the patient's words, as it is on a day. */
@Component
public class PatientSheets {

    /** So many days stand side by side on a sheet of paper. */
    private static final int DAYS_SHOWN = 14;

    private final CheckIns checkIns;
    private final ClinicPhone phone;

    PatientSheets(CheckIns checkIns, ClinicPhone phone) {
        this.checkIns = checkIns;
        this.phone = phone;
    }

    PatientSheet of(DayOfVisit day, WrittenProgram written) {
        HomeProgram program = written.program();
        PatientWords words = PatientWords.of(day, written);
        List<HomeDay> days = new HomeDays(day.standing().course(), day.date(), program).all();
        List<HomeDay> shown = days.stream()
                .filter(each -> !each.on().isBefore(day.date()))
                .limit(DAYS_SHOWN)
                .toList();
        PatientLines lines = new PatientLines(day, written, words, days, shown);
        List<PlainFlag> flags = checkIns.asked(day.course()).stream()
                .map(flag -> PlainFlag.of(words.text(), flag))
                .toList();
        return new PatientSheet(
                words.text(),
                valid(words, program, day.date()),
                words.text().say("page.done-by", written.by()),
                written.words().isEmpty() ? "" : words.text().say("page.words", written.words()),
                shown.stream().map(each -> column(words.text(), each.on())).toList(),
                lines.due(),
                lines.leftOut(),
                duties(day, words),
                notYet(day, words),
                day.standing()
                        .course()
                        .resolved()
                        .pain()
                        .map(pain -> words.rules().pain(pain.rule().most()))
                        .orElse(""),
                of(flags, Tier.EMERGENCY),
                of(flags, Tier.SAME_DAY),
                lines.opens(),
                week(words.text(), day),
                goals(day, words),
                phone.of(day.course().row().clinicId()),
                day.course().row().surgeon());
    }

    private static String valid(PatientWords words, HomeProgram program, LocalDate today) {
        return program.isValidOn(today)
                ? words.text()
                        .say(
                                "page.valid",
                                words.dates().say(program.from()),
                                words.dates().say(program.until()))
                : words.text().say("page.over");
    }

    private static PatientSheet.Day column(PlainText text, LocalDate date) {
        return new PatientSheet.Day(
                date.getDayOfWeek().getDisplayName(TextStyle.SHORT, text.locale()),
                String.valueOf(date.getDayOfMonth()));
    }

    private static List<PlainFlag> of(List<PlainFlag> flags, Tier tier) {
        return flags.stream().filter(each -> each.flag().tier() == tier).toList();
    }

    private static List<Told> duties(DayOfVisit day, PatientWords words) {
        return day.standing().duties().stream().map(words.duties()::say).toList();
    }

    private static List<Told> notYet(DayOfVisit day, PatientWords words) {
        return day.standing().strictestPrecautions().stream()
                .map(words.rules()::say)
                .toList();
    }

    private static String week(PlainText text, DayOfVisit day) {
        CourseDay on = day.standing().day();
        return on.runningWeek().isPresent()
                ? text.say("page.week", on.runningWeek().getAsInt())
                : "";
    }

    private static List<String> goals(DayOfVisit day, PatientWords words) {
        return day.standing().next().stream()
                .flatMap(next -> next.milestones().stream())
                .filter(milestone -> !milestone.isMet())
                .flatMap(milestone -> words.goals().say(milestone.criterion()).stream())
                .distinct()
                .toList();
    }
}
