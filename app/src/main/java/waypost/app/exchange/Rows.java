package waypost.app.exchange;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import waypost.app.entry.Entered;
import waypost.app.entry.PlainText;
import waypost.app.entry.Spreadsheet;
import waypost.app.measure.HowTaken;
import waypost.app.measure.KeptReading;
import waypost.app.measure.ReadingEntry;
import waypost.app.store.LoadedCourse;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.measure.EndFeel;
import waypost.core.measure.Measure;
import waypost.core.measure.Method;
import waypost.core.measure.Tool;

/** Reads and writes the rows of one file of readings; a value is on the joint's own axis, in the measure's unit. */
final class Rows {

    /** As the database bounds them. */
    private static final int MOST_RATER = 200;

    private static final int MOST_POSITION = 120;
    private static final int MOST_WORKING = 2000;

    private static final Pattern AN_ID =
            Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");

    private final LoadedCourse course;
    private final LocalDate today;
    private final Set<UUID> mine;
    private final Map<String, Integer> alike = new HashMap<>();

    /** @param mine those ids of the file that are on this course's record */
    Rows(LoadedCourse course, LocalDate today, Set<UUID> mine) {
        this.course = course;
        this.today = today;
        this.mine = mine;
    }

    /** The ids that a file's rows bring along, as far as they are ids. */
    static List<UUID> ids(List<CSVRecord> records) {
        return records.stream()
                .map(record -> text(record, Column.ID))
                .filter(id -> AN_ID.matcher(id).matches())
                .map(UUID::fromString)
                .toList();
    }

    static List<String> of(KeptReading reading, Measure measure) {
        HowTaken how = reading.how();
        return List.of(
                reading.id().toString(),
                reading.measure(),
                word(reading.side()),
                word(reading.mode()),
                reading.value().stripTrailingZeros().toPlainString(),
                unit(measure),
                reading.measuredOn().toString(),
                reading.strict() ? "yes" : "no",
                Spreadsheet.harmless(reading.rater()),
                how.tool() == null ? "" : word(how.tool()),
                Spreadsheet.harmless(how.position()),
                how.pain() == null ? "" : how.pain().toString(),
                how.endFeel() == null ? "" : word(how.endFeel()),
                Spreadsheet.harmless(how.working()));
    }

    ReadingEntry.Value read(CSVRecord record) {
        Measure measure = measure(text(record, Column.MEASURE));
        Side side = Entered.choice(Side.class, "side", text(record, Column.SIDE));
        LocalDate on = date(text(record, Column.ON));
        String unit = text(record, Column.UNIT);
        if (!unit.isEmpty() && !unit.equals(unit(measure))) {
            throw new IllegalArgumentException("unit: found '" + unit + "', allowed: '" + unit(measure) + "'");
        }
        return new ReadingEntry.Value(
                id(record),
                measure,
                side,
                mode(record, measure),
                measure.amount(number(text(record, Column.VALUE))),
                on,
                yes(text(record, Column.STRICT)),
                how(record));
    }

    private Measure measure(String id) {
        Measure measure = course.bundle()
                .findMeasure(id)
                .orElseThrow(() -> new IllegalArgumentException(
                        "measure: found '" + id + "', allowed: an id of the library such as knee-flexion"));
        if (measure.taken().method() == Method.DERIVED) {
            throw new IllegalArgumentException("measure: found '" + id
                    + "', which is worked out from others; allowed: the readings it is made of");
        }
        return measure;
    }

    private LocalDate date(String text) {
        LocalDate date = Entered.date("on", text);
        if (date.isAfter(today) || date.isBefore(course.row().birthDate())) {
            throw new IllegalArgumentException("on: found " + date + ", allowed: from the birth date to today");
        }
        return date;
    }

    private static Mode mode(CSVRecord record, Measure measure) {
        String text = text(record, Column.MODE);
        if (!text.isEmpty()) {
            return Entered.choice(Mode.class, "mode", text);
        }
        if (measure.motion().isPresent()) {
            throw new IllegalArgumentException("mode: found nothing, allowed for a range: passive, assisted or active");
        }
        return Mode.ACTIVE;
    }

    private static boolean yes(String text) {
        return switch (text.toLowerCase(Locale.ROOT)) {
            case "", "yes" -> true;
            case "no" -> false;
            default -> throw new IllegalArgumentException("strict: found '" + text + "', allowed: yes or no");
        };
    }

    private static HowTaken how(CSVRecord record) {
        return new HowTaken(
                words(record, Column.RATER, MOST_RATER),
                maybe(Tool.class, record, Column.TOOL).orElse(null),
                words(record, Column.POSITION, MOST_POSITION),
                pain(text(record, Column.PAIN)).orElse(null),
                maybe(EndFeel.class, record, Column.END_FEEL).orElse(null),
                words(record, Column.WORKING, MOST_WORKING),
                HowTaken.Source.FILE);
    }

    private static String words(CSVRecord record, Column column, int longest) {
        String words = Spreadsheet.plain(text(record, column));
        PlainText.problem(words, longest).ifPresent(problem -> {
            throw new IllegalArgumentException(column.title() + ": " + problem);
        });
        return words;
    }

    private static Optional<Integer> pain(String text) {
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("10|[0-9]")) {
            throw new IllegalArgumentException("pain: found '" + text + "', allowed: 0 to 10");
        }
        return Optional.of(Integer.valueOf(text));
    }

    private static <E extends Enum<E>> Optional<E> maybe(Class<E> type, CSVRecord record, Column column) {
        String text = text(record, column).replace(' ', '_');
        return text.isEmpty() ? Optional.empty() : Optional.of(Entered.choice(type, column.title(), text));
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.replace(',', '.'));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException("value: found '" + text + "', allowed: a number", notANumber);
        }
    }

    /**
     * The row's own id if it is one of this course's; otherwise an id that course and row determine, so that the same file
     * taken again adds nothing. Rows that are alike are told apart by their order.
     */
    private UUID id(CSVRecord record) {
        String own = text(record, Column.ID);
        if (!own.isEmpty()) {
            if (!AN_ID.matcher(own).matches()) {
                throw new IllegalArgumentException(
                        "id: found '" + own + "', allowed: the id of an exported row, or nothing");
            }
            UUID id = UUID.fromString(own);
            return mine.contains(id) ? id : named(own);
        }
        String content = String.join("\u001f", record.toList());
        int nth = alike.merge(content, 1, Integer::sum);
        return named(nth + "\u001f" + content);
    }

    private UUID named(String what) {
        String seed = course.row().id() + "\u001f" + what;
        return UUID.nameUUIDFromBytes(seed.getBytes(StandardCharsets.UTF_8));
    }

    private static String text(CSVRecord record, Column column) {
        return record.isSet(column.title()) ? record.get(column.title()).strip() : "";
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String unit(Measure measure) {
        return word(measure.unit());
    }
}
