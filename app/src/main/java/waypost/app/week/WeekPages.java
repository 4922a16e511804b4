package waypost.app.week;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
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
        List<WeekPage.Column> columns =
                board.days().stream().map(each -> column(day, each.on(), block)).toList();
        return new WeekPage(
                heads.head(day.course(), day.standing(), day.date()),
                "Week of " + Dates.say(monday),
                monday.toString(),
                block.map(Block::id).map(UUID::toString).orElse(""),
                says(block),
                monday.isAfter(earliest) ? monday.minusWeeks(1).toString() : "",
                monday.isBefore(latest) ? monday.plusWeeks(1).toString() : "",
                columns,
                rows(day, board, block, columns),
                new WeekWords(day).told(board),
                WeekWords.contacts(board.contacts()));
    }

    private static LocalDate monday(LocalDate date) {
        return date.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** What each exercise of a course asks on a day. */
    static WeekDoses doses(DayOfVisit day) {
        return new WeekDoses(
                day.standing().course(),
                new Prescriptions(day.written().values().stream()
                        .map(each -> each.prescription())
                        .toList()));
    }

    private static WeekBoard board(DayOfVisit day, LocalDate monday) {
        return new Weeks(
                        day.standing().course(), day.date(), day.visit().work(), doses(day), date -> planned(day, date))
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

    private static WeekPage.Column column(DayOfVisit day, LocalDate on, Optional<Block> block) {
        return new WeekPage.Column(
                on.getDayOfWeek().name(),
                on.getDayOfWeek().getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
                DAY.format(on),
                block(day, on)
                        .flatMap(each -> each.week().kindOf(on))
                        .map(PrescriptionWords::day)
                        .orElse(""),
                on.equals(day.date()),
                !on.isBefore(day.date()) && block(day, on).equals(block));
    }

    /** What the block has, then what else was done in the week. */
    private static List<WeekPage.Row> rows(
            DayOfVisit day, WeekBoard board, Optional<Block> block, List<WeekPage.Column> columns) {
        Map<RoleKey, Meant> meant = new LinkedHashMap<>();
        meant(day, block).forEach(each -> meant.put(each.role(), each));
        Set<RoleKey> roles = new LinkedHashSet<>(meant.keySet());
        board.tallies().forEach(tally -> roles.add(tally.role()));
        return roles.stream()
                .filter(day.signs()::knows)
                .map(role -> row(day, board, columns, role, Optional.ofNullable(meant.get(role))))
                .toList();
    }

    private static WeekPage.Row row(
            DayOfVisit day, WeekBoard board, List<WeekPage.Column> columns, RoleKey role, Optional<Meant> meant) {
        Optional<WeekBoard.Tally> tally = board.tallies().stream()
                .filter(each -> each.role().equals(role))
                .findFirst();
        Optional<OnDays.Weekdays> placed = meant.flatMap(Meant::placed);
        List<WeekPage.Cell> cells = new ArrayList<>();
        for (int nth = 0; nth < columns.size(); nth++) {
            Optional<DaySays> says = board.days().get(nth).of(role).map(WeekBoard.Slot::says);
            boolean isDone = says.filter(DaySays.Done.class::isInstance).isPresent();
            cells.add(new WeekPage.Cell(
                    columns.get(nth),
                    says.map(WeekState::of),
                    columns.get(nth).isOpen() && meant.isPresent() && !isDone));
        }
        return new WeekPage.Row(
                role.toString(),
                day.signs().title(role),
                tally.map(WeekWords::often).orElse("not in this week"),
                tally.map(WeekBoard.Tally::isTooOften).orElse(false),
                names(placed.map(OnDays.Weekdays::days).orElse(Set.of())),
                names(placed.map(OnDays.Weekdays::days).orElseGet(() -> standing(board, role))),
                cells,
                meant.isPresent());
    }

    private static List<String> names(Set<DayOfWeek> days) {
        return days.stream().sorted().map(DayOfWeek::name).toList();
    }

    /** The days of the week that is shown on which it stands. */
    private static Set<DayOfWeek> standing(WeekBoard board, RoleKey role) {
        return board.days().stream()
                .filter(day -> day.of(role).isPresent())
                .map(day -> day.on().getDayOfWeek())
                .collect(Collectors.toSet());
    }
}
