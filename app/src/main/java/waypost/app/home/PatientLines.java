package waypost.app.home;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.app.figure.Figures;
import waypost.app.work.DayOfVisit;
import waypost.core.body.Side;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeSays;
import waypost.core.home.Rhythm;
import waypost.library.plain.PlainText;
import waypost.library.plain.Told;

/**
 * The exercises of a sheet.
 *
 * @param days every day of the program
 * @param shown those of the grid, today first
 */
record PatientLines(
        DayOfVisit day, WrittenProgram written, PatientWords words, List<HomeDay> days, List<HomeDay> shown) {

    private static final int SECONDS_OF_A_MINUTE = 60;

    /** What is done on any day that is shown; what is closed today has no place among the exercises. */
    List<PatientSheet.Line> due() {
        return written.program().lines().stream()
                .flatMap(line -> first(line).map(first -> line(line, first)).stream())
                .toList();
    }

    /** The first day that is shown on which it is done; none where it is closed today. */
    private Optional<HomeSays.Due> first(HomeLine line) {
        if (shown.isEmpty() || shown.get(0).of(line.role()) instanceof HomeSays.Closed today && !today.together()) {
            return Optional.empty();
        }
        return shown.stream()
                .map(each -> each.of(line.role()))
                .filter(HomeSays.Due.class::isInstance)
                .map(HomeSays.Due.class::cast)
                .findFirst();
    }

    /** What is on the program and closed today, with why. */
    List<Told> leftOut() {
        return shown.stream()
                .limit(1)
                .flatMap(today -> today.lines().stream())
                .flatMap(judged -> judged.says() instanceof HomeSays.Closed closed
                        ? Stream.of(new Told(
                                words.title(judged.line().role()) + ".",
                                Optional.empty(),
                                Optional.of(String.join(" ", words.why(closed.verdict())))))
                        : Stream.empty())
                .toList();
    }

    private PatientSheet.Line line(HomeLine line, HomeSays.Due due) {
        Activity.Exercise exercise =
                day.standing().course().exercise(line.role().activity());
        Role role = due.verdict().reducedTo().orElse(exercise.role(line.role()));
        Side side = Side.valueOf(day.course().row().side());
        return new PatientSheet.Line(
                line.role().toString(),
                words.title(line.role()),
                words.dose().say(due.dose()),
                words.dose().often(line),
                mark(line),
                grows(line),
                ends(line)
                        .map(last -> text().say("page.ends", words.dates().say(last)))
                        .orElse(""),
                line.words().isEmpty() ? "" : text().say("page.words", line.words()),
                hours(line),
                only(line),
                exercise.teaching().cues().stream().map(cue -> said("cue", cue)).toList(),
                easier(exercise),
                stop(exercise),
                Figures.of(exercise, role, Optional.empty(), side),
                holdSeconds(line.begun().aim()),
                shown.stream().map(each -> ticks(line, each)).toList(),
                toCome().map(each -> onDay(line, each)).toList());
    }

    private PlainText text() {
        return words.text();
    }

    private Stream<HomeDay> toCome() {
        return days.stream().filter(each -> !each.on().isBefore(day.date()));
    }

    /** Told only where no day lets less than the grown dose: what nobody may do on its day is not announced. */
    private String grows(HomeLine line) {
        boolean freely = dueToCome(line)
                .allMatch(entry -> entry.getValue()
                        .dose()
                        .equals(line.doseOn(entry.getKey(), written.program().from())));
        return line.growth()
                .filter(growth -> freely)
                .map(each -> text().say(
                                "page.grows",
                                text().number(each.more()),
                                text().number(each.everyDays()),
                                text().number(each.most())))
                .orElse("");
    }

    private Stream<Map.Entry<LocalDate, HomeSays.Due>> dueToCome(HomeLine line) {
        return toCome().flatMap(each -> each.of(line.role()) instanceof HomeSays.Due due
                ? Stream.of(Map.entry(each.on(), due))
                : Stream.empty());
    }

    /** In which way alone it is done, on any of the days to come: paper can't change with the day. */
    private List<String> only(HomeLine line) {
        return dueToCome(line)
                .flatMap(entry -> words.only(entry.getValue().verdict()).stream())
                .distinct()
                .toList();
    }

    private String said(String kind, String written) {
        return text().find(kind + "." + PlainText.key(written)).orElse(written);
    }

    private List<String> easier(Activity.Exercise exercise) {
        return exercise.teaching().easier().stream()
                .map(each -> said("easier", each))
                .toList();
    }

    private String stop(Activity.Exercise exercise) {
        return String.join(
                ", ",
                exercise.teaching().stop().stream()
                        .map(each -> said("stop", each))
                        .toList());
    }

    private String mark(HomeLine line) {
        if (written.before().isEmpty()) {
            return "";
        }
        return written.earlier(line.role())
                .map(earlier -> earlier.equals(line) ? "" : text().say("page.changed"))
                .orElseGet(() -> text().say("page.new"));
    }

    /** Its last day, where the gate closes it before the program is over. */
    private Optional<LocalDate> ends(HomeLine line) {
        Optional<LocalDate> closes = days.stream()
                .filter(each -> !each.on().isBefore(day.date())
                        && each.of(line.role()) instanceof HomeSays.Closed closed
                        && !closed.together())
                .map(HomeDay::on)
                .findFirst();
        return closes.map(on -> on.minusDays(1));
    }

    private List<String> hours(HomeLine line) {
        return line.rhythm() instanceof Rhythm.Hourly
                ? line.rhythm().due(day.date(), written.program().waking(), ZoneOffset.UTC).stream()
                        .map(each -> each.toLocalTime())
                        .map(LocalTime::toString)
                        .toList()
                : List.of();
    }

    private int ticks(HomeLine line, HomeDay on) {
        return on.of(line.role()).isDue()
                ? line.rhythm().slots(written.program().waking())
                : 0;
    }

    private static int holdSeconds(SetAim aim) {
        return switch (aim.counted()) {
            case SECONDS -> aim.most();
            case MINUTES -> aim.most() * SECONDS_OF_A_MINUTE;
            default -> aim.holdSeconds().orElse(0);
        };
    }

    private PatientSheet.OnDay onDay(HomeLine line, HomeDay on) {
        return on.of(line.role()) instanceof HomeSays.Due due
                ? new PatientSheet.OnDay(
                        on.on().toString(),
                        true,
                        words.dose().say(due.dose()),
                        words.only(due.verdict()),
                        ticks(line, on))
                : new PatientSheet.OnDay(on.on().toString(), false, "", List.of(), 0);
    }

    /** The next rung of each exercise, where time opens it before the program is over; announced, never begun alone. */
    List<String> opens() {
        return written.program().lines().stream()
                .flatMap(line -> next(line).stream())
                .distinct()
                .filter(role -> written.line(role).isEmpty())
                .flatMap(role -> day.standing().opensByTime(role).stream()
                        .map(opens -> opens.dateFrom(
                                day.standing().course().resolved().dayZero()))
                        .filter(opens -> opens.isAfter(day.date())
                                && !opens.isAfter(written.program().until()))
                        .map(opens -> text().say(
                                        "page.opens.says",
                                        words.title(role),
                                        words.dates().say(opens))))
                .toList();
    }

    private Optional<RoleKey> next(HomeLine line) {
        Activity.Exercise exercise =
                day.standing().course().exercise(line.role().activity());
        return day.standing().course().ladder(exercise.ladder()).stream()
                .filter(rung -> rung.rung() == exercise.rung() + 1)
                .flatMap(rung -> rung.roles().stream())
                .map(Role::key)
                .filter(key -> !day.signs().verdict(key).kind().isOpen())
                .findFirst();
    }
}
