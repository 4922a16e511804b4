package waypost.app.home;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import org.springframework.stereotype.Component;
import waypost.app.checkin.CheckIns;
import waypost.app.work.DayOfVisit;
import waypost.core.course.DutyStatus;
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

    public PatientSheet of(DayOfVisit day, WrittenProgram written) {
        PatientWords words = PatientWords.of(day, written);
        PlainText text = words.text();
        List<HomeDay> days = days(day, written);
        List<HomeDay> shown = days.stream()
                .filter(each -> !each.on().isBefore(day.date()))
                .limit(DAYS_SHOWN)
                .toList();
        PatientLines lines = new PatientLines(day, written, words, days, shown);
        return new PatientSheet(
                text,
                valid(words, written.program(), day.date()),
                text.say("page.done-by", written.by()),
                written.words().isEmpty() ? "" : text.say("page.words", written.words()),
                shown.stream().map(each -> column(text, each.on())).toList(),
                lines.due(),
                lines.leftOut(),
                duties(day, words),
                notYet(day, words),
                pain(day, words),
                flags(day, text, Tier.EMERGENCY),
                flags(day, text, Tier.SAME_DAY),
                lines.opens(),
                week(text, day),
                goals(day, words),
                phone.of(day.course().row().clinicId()),
                day.course().row().surgeon());
    }

    private static List<HomeDay> days(DayOfVisit day, WrittenProgram written) {
        return new HomeDays(
                        day.standing().course(),
                        day.date(),
                        written.program(),
                        day.visit().work())
                .all();
    }

    private static String pain(DayOfVisit day, PatientWords words) {
        return day.standing()
                .course()
                .resolved()
                .pain()
                .map(pain -> words.rules().pain(pain.rule().most()))
                .orElse("");
    }

    private List<PlainFlag> flags(DayOfVisit day, PlainText text, Tier tier) {
        return checkIns.asked(day.course()).stream()
                .filter(flag -> flag.tier() == tier)
                .map(flag -> PlainFlag.of(text, flag))
                .toList();
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

    private static List<Told> duties(DayOfVisit day, PatientWords words) {
        return day.standing().duties().stream()
                .filter(PatientSheets::isStillOpen)
                .map(words.duties()::say)
                .toList();
    }

    /** What is begun or met needs no word any more. */
    private static boolean isStillOpen(DutyStatus duty) {
        boolean begun = duty instanceof DutyStatus.ToBegin begin && begin.begun();
        boolean met = duty instanceof DutyStatus.Due due && due.milestone().isMet();
        return !begun && !met;
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
