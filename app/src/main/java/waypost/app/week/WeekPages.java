package waypost.app.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.app.course.CourseHeads;
import waypost.app.plan.Block;
import waypost.app.work.DayOfVisit;
import waypost.core.block.DaySays;
import waypost.core.block.Meant;
import waypost.core.block.WeekBoard;
import waypost.core.block.WeekDoses;
import waypost.core.block.Weeks;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.OnDays;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.library.words.Dates;
import waypost.library.words.PrescriptionWords;

/** Lays out a week of a course. */
@Component
class WeekPages {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    /** Nobody knows what is done in half a year (common practice, no source). */
    private static final int WEEKS_AHEAD = 18;

    private final CourseHeads heads;

    WeekPages(CourseHeads heads) {
        this.heads = heads;
    }

    /** The week that a date lies in, or the nearest that can be shown. */
    WeekPage page(DayOfVisit day, LocalDate wanted) {
        LocalDate earliest = monday(day.standing().course().resolved().dayZero());
        LocalDate latest = monday(day.date().plusWeeks(WEEKS_AHEAD));
        LocalDate asked = monday(wanted);
        LocalDate monday = asked.isBefore(earliest) ? earliest : asked.isAfter(latest) ? latest : asked;
        Optional<Block> block = block(day, monday.plusDays(Week.DAYS - 1L));
        WeekBoard board = board(day, monday);
        return new WeekPage(
                heads.head(day.course(), day.standing(), day.date()),
                "Week of " + Dates.say(monday),
                monday.toString(),
                block.map(Block::id).map(UUID::toString).orElse(""),
                says(block),
                monday.isAfter(earliest) ? monday.minusWeeks(1).toString() : "",
                monday.isBefore(latest) ? monday.plusWeeks(1).toString() : "",
                board.days().stream().map(each -> column(day, each, block)).toList(),
                rows(day, board, block),
                new WeekWords(day).told(board),
                WeekWords.contacts(board.contacts()));
    }

    private static LocalDate monday(LocalDate date) {
        return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    private static WeekBoard board(DayOfVisit day, LocalDate monday) {
        Prescriptions written = new Prescriptions(
                day.written().values().stream().map(each -> each.prescription()).toList());
        return new Weeks(
                        day.standing().course(),
                        day.date(),
                        day.visit().work(),
                        new WeekDoses(day.standing().course(), written),
                        date -> planned(day, date))
                .of(monday);
    }

    private static Optional<Block> block(DayOfVisit day, LocalDate date) {
        return day.plan().blocks().runningOn(date);
    }

    private static WeekBoard.Planned planned(DayOfVisit day, LocalDate date) {
        Optional<Block> block = block(day, date);
        return new WeekBoard.Planned(block.map(Block::week).orElse(Week.UNSAID), meant(day, block));
    }

    /** What is in a block that the library still knows; while none is written, what is proposed. */
    private static List<Meant> meant(DayOfVisit day, Optional<Block> block) {
        return block.map(Block::meant).orElseGet(() -> day.plan().meant()).stream()
                .filter(each -> day.signs().knows(each.role()))
                .toList();
    }

    private static String says(Optional<Block> block) {
        return block.map(each -> "Block of " + each.weeks() + " weeks, until "
                        + Dates.say(each.endsBefore().minusDays(1)) + ".")
                .orElse("No block is written: this is what is proposed.");
    }

    private static WeekPage.Column column(DayOfVisit day, WeekBoard.Day shown, Optional<Block> block) {
        LocalDate on = shown.on();
        boolean isOpen = !on.isBefore(day.date()) && block(day, on).equals(block);
        return new WeekPage.Column(
                on.getDayOfWeek().name(),
                name(on.getDayOfWeek()),
                DAY.format(on),
                block.flatMap(each -> each.week().kindOf(on))
                        .map(PrescriptionWords::day)
                        .orElse(""),
                on.equals(day.date()),
                isOpen,
                shown.slots().stream()
                        .filter(slot -> day.signs().knows(slot.role()))
                        .map(slot -> new WeekPage.Item(
                                slot.role().toString(),
                                day.signs().title(slot.role()),
                                WeekState.of(slot.says()),
                                isOpen && !(slot.says() instanceof DaySays.Done)))
                        .toList());
    }

    private static String name(DayOfWeek weekday) {
        return weekday.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    }

    private static List<WeekPage.Row> rows(DayOfVisit day, WeekBoard board, Optional<Block> block) {
        Map<RoleKey, WeekBoard.Tally> tallies =
                board.tallies().stream().collect(Collectors.toMap(WeekBoard.Tally::role, Function.identity()));
        List<WeekPage.Row> rows = new ArrayList<>();
        for (Meant meant : meant(day, block)) {
            Optional<WeekBoard.Tally> tally = Optional.ofNullable(tallies.get(meant.role()));
            Set<DayOfWeek> on = weekdays(board, meant);
            rows.add(new WeekPage.Row(
                    meant.role().toString(),
                    day.signs().title(meant.role()),
                    tally.map(WeekWords::often).orElse("not in this week"),
                    tally.map(WeekBoard.Tally::isTooOften).orElse(false),
                    meant.placed().map(OnDays.Weekdays::days).orElse(Set.of()).stream()
                            .sorted()
                            .map(DayOfWeek::name)
                            .toList(),
                    List.of(DayOfWeek.values()).stream()
                            .map(weekday -> new WeekPage.Tick(weekday.name(), name(weekday), on.contains(weekday)))
                            .toList()));
        }
        return rows;
    }

    /** Where it was placed; else the days of the week that is shown on which it is. */
    private static Set<DayOfWeek> weekdays(WeekBoard board, Meant meant) {
        return meant.placed()
                .map(OnDays.Weekdays::days)
                .orElseGet(() -> board.days().stream()
                        .filter(day -> day.slots().stream()
                                .anyMatch(slot -> slot.role().equals(meant.role())))
                        .map(day -> day.on().getDayOfWeek())
                        .collect(Collectors.toCollection(LinkedHashSet::new)));
    }
}
