package waypost.app.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.measure.KeptReading;
import waypost.app.measure.ReadingEntry;
import waypost.app.shell.ClinicClock;
import waypost.app.store.LoadedCourse;

/**
 * Readings as CSV (RFC 4180, UTF-8, a header row). What is written and read back changes nothing. A file is looked through
 * as a whole before anything is written, and nothing is written while one of its rows can't be read.
 */
@Service
class ReadingFile {

    /** Twice the readings of the fullest course that is planned for. */
    private static final int MOST_ROWS = 40_000;

    private final ReadingEntry entry;
    private final ClinicClock clock;

    ReadingFile(ReadingEntry entry, ClinicClock clock) {
        this.entry = entry;
        this.clock = clock;
    }

    /** What a file holds, before anything is written. */
    record Preview(List<ReadingEntry.Value> fresh, int known, List<RowProblem> problems) {}

    /** A row that can't be taken. */
    record RowProblem(long row, String says) {}

    String write(LoadedCourse course) {
        StringBuilder file = new StringBuilder();
        try (var printer = CSVFormat.RFC4180
                .builder()
                .setHeader(Column.titles().toArray(String[]::new))
                .get()
                .print(file)) {
            for (KeptReading reading : entry.kept(course)) {
                printer.printRecord(Rows.of(reading, course.bundle().measure(reading.measure())));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return file.toString();
    }

    @Transactional(readOnly = true)
    public Preview preview(Staff staff, LoadedCourse course, String text) {
        List<CSVRecord> records = records(text);
        Rows rows = new Rows(course, clock.today(staff), entry.known(course, Rows.ids(records)));
        Map<UUID, ReadingEntry.Value> values = new LinkedHashMap<>();
        List<RowProblem> problems = new ArrayList<>();
        for (CSVRecord record : records) {
            try {
                ReadingEntry.Value value = rows.read(record);
                if (values.put(value.id(), value) != null) {
                    problems.add(new RowProblem(row(record), "found an id a second time, allowed: once"));
                }
            } catch (IllegalArgumentException | FormProblem unreadable) {
                problems.add(new RowProblem(row(record), String.valueOf(unreadable.getMessage())));
            }
        }
        var known = entry.known(course, values.keySet());
        List<ReadingEntry.Value> fresh = values.values().stream()
                .filter(value -> !known.contains(value.id()))
                .toList();
        return new Preview(fresh, known.size(), problems);
    }

    /** Writes what is new in a file without problems, and tells how many that were. */
    @Transactional
    public int take(Staff staff, LoadedCourse course, String text) {
        Preview preview = preview(staff, course, text);
        if (!preview.problems().isEmpty()) {
            throw new FormProblem("file", "Some rows can't be read; mend them in the file. Nothing was written.");
        }
        preview.fresh().forEach(value -> entry.add(staff, course, value));
        return preview.fresh().size();
    }

    /** The header is row 1. */
    private static long row(CSVRecord record) {
        return record.getRecordNumber() + 1;
    }

    private static List<CSVRecord> records(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(plain))) {
            checkHeader(parser.getHeaderNames());
            List<CSVRecord> records = parser.getRecords();
            if (records.size() > MOST_ROWS) {
                throw new FormProblem(
                        "file", "Found " + records.size() + " rows, allowed: up to " + MOST_ROWS + " in one file.");
            }
            return records;
        } catch (CSVException | IllegalArgumentException | UncheckedIOException broken) {
            throw new FormProblem("file", "This is no CSV that can be read: " + broken.getMessage());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static void checkHeader(List<String> found) {
        TreeSet<String> unknown = new TreeSet<>(found);
        Column.titles().forEach(unknown::remove);
        List<String> missing =
                Column.needed().stream().filter(title -> !found.contains(title)).toList();
        if (!unknown.isEmpty() || !missing.isEmpty()) {
            throw new FormProblem(
                    "file",
                    "The first row names the columns: found " + String.join(", ", found)
                            + (missing.isEmpty() ? "" : "; missing " + String.join(", ", missing))
                            + "; allowed: " + String.join(", ", Column.titles()) + ".");
        }
    }
}
