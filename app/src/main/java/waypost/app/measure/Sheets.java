package waypost.app.measure;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.doubt.Doubt;
import waypost.core.doubt.Doubts;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Measure;
import waypost.core.measure.NeutralZero;
import waypost.core.measure.Reading;
import waypost.library.words.DoubtWords;

/** The measuring sheet: its rows, and each entry saved at once. */
@Service
public class Sheets {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final CourseLoader loader;
    private final ReadingMapper mapper;
    private final ReadingEntry entry;
    private final ClinicClock clock;

    Sheets(CourseLoader loader, ReadingMapper mapper, ReadingEntry entry, ClinicClock clock) {
        this.loader = loader;
        this.mapper = mapper;
        this.entry = entry;
        this.clock = clock;
    }

    /** A course's sheet as it is now. */
    public record Sheet(LoadedCourse course, Standing standing, List<SheetRow> rows) {

        public SheetRow row(String measure) {
            return rows.stream()
                    .filter(row -> row.id().equals(measure))
                    .findFirst()
                    .orElseThrow(NotFoundException::new);
        }

        /** The same with one row in another state. */
        Sheet with(SheetRow changed) {
            return new Sheet(
                    course,
                    standing,
                    rows.stream()
                            .map(row -> row.id().equals(changed.id()) ? changed : row)
                            .toList());
        }
    }

    /** An entry that can't be taken, or not yet: the row as it was, with what was typed. */
    static final class NotTaken extends RuntimeException {

        private static final long serialVersionUID = 1L;

        private final transient SheetRow row;

        NotTaken(SheetRow row) {
            super("not taken: " + row.id());
            this.row = row;
        }

        SheetRow row() {
            return row;
        }
    }

    @Transactional(readOnly = true)
    public Sheet sheet(Staff staff, UUID courseId, List<String> added) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        LocalDate today = clock.today(staff);
        Standing standing = course.on(today);
        SheetRows rows = new SheetRows(course, standing, mapper.findLatest(courseId));
        return new Sheet(
                course,
                standing,
                MeasuringSheet.of(standing, added).rows().stream()
                        .map(rows::row)
                        .toList());
    }

    /** Saves an entry and returns the rows that it changed, its own first. Sent twice, it is written once. */
    @Transactional
    public List<SheetRow> save(Staff staff, UUID courseId, String measureId, SheetEntry typed) {
        Sheet before = sheet(staff, courseId, List.of(measureId));
        try {
            return saved(staff, before, measureId, typed);
        } catch (FormProblem unreadable) {
            throw new NotTaken(before.row(measureId).refused(typed, String.valueOf(unreadable.getMessage()), false));
        }
    }

    private List<SheetRow> saved(Staff staff, Sheet before, String measureId, SheetEntry typed) {
        Map<Measure, Worked> values = read(before, measureId, typed);
        UUID id = typed.readId();
        boolean again = values.keySet().stream().anyMatch(m -> mapper.count(ReadingEntry.idFor(id, m)) > 0);
        List<String> remarks = new ArrayList<>();
        for (Map.Entry<Measure, Worked> value : values.entrySet()) {
            ReadingEntry.Value ready = ready(before, value.getKey(), value.getValue(), typed, clock.today(staff));
            if (!again) {
                remarks.addAll(check(before, measureId, ready, typed, staff));
            }
            entry.add(staff, before.course(), ready);
            remarks.addAll(value.getValue().remarks());
        }
        Sheet after = sheet(staff, before.course().row().id(), List.of(measureId));
        return values.keySet().stream()
                .flatMap(measure -> after.rows().stream().filter(row -> row.id().equals(measure.id())))
                .map(row -> row.id().equals(measureId) ? row.remarked(remarks) : row)
                .sorted(Comparator.comparing((SheetRow row) -> !row.id().equals(measureId)))
                .toList();
    }

    /** The value of an entry as it would be kept, for looking at while it is typed. */
    Worked preview(Staff staff, UUID courseId, String measureId, SheetEntry typed) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        return Workings.of(course.bundle().measure(measureId), typed);
    }

    private Map<Measure, Worked> read(Sheet sheet, String measureId, SheetEntry typed) {
        SheetRow row = sheet.row(measureId);
        Measure measure = sheet.course().bundle().measure(measureId);
        if (!row.closed().isEmpty()
                && typed.readSide() == sheet.standing().facts().side()) {
            throw new NotTaken(row.refused(typed, row.closed(), false));
        }
        try {
            return isWholeRange(measure, typed)
                    ? range(sheet, measure.motion().orElseThrow(), SheetEntry.text(typed.said()))
                    : Map.of(measure, Workings.of(measure, typed));
        } catch (IllegalArgumentException unreadable) {
            throw new NotTaken(row.refused(typed, String.valueOf(unreadable.getMessage()), false));
        }
    }

    private static boolean isWholeRange(Measure measure, SheetEntry typed) {
        return measure.motion().isPresent()
                && SheetEntry.text(typed.said()).matches("\\d{1,3}\\s*[-–/]\\s*\\d{1,3}\\s*[-–/]\\s*\\d{1,3}");
    }

    private static Map<Measure, Worked> range(Sheet sheet, Motion motion, String said) {
        Arc arc = NeutralZero.parse(motion, said);
        Map<Measure, Worked> both = new LinkedHashMap<>();
        for (Measure each : sheet.course().bundle().measures()) {
            if (each.motion().equals(Optional.of(motion)) && each.end().isPresent()) {
                boolean positive = each.end().get() == Direction.POSITIVE;
                both.put(
                        each,
                        Worked.readOff(each.amount(
                                positive ? arc.most().value() : arc.least().value())));
            }
        }
        return both;
    }

    private static ReadingEntry.Value ready(
            Sheet sheet, Measure measure, Worked worked, SheetEntry typed, LocalDate today) {
        return new ReadingEntry.Value(
                ReadingEntry.idFor(typed.readId(), measure),
                measure,
                measure.bothSides()
                        ? typed.readSide()
                        : sheet.standing().facts().side(),
                typed.readMode(),
                worked.amount(),
                typed.readDate(today),
                typed.isStrict(),
                typed.readHow().workedFrom(worked.working()));
    }

    /** Doubts to be told; an unlikely jump must be confirmed before anything is written. */
    private List<String> check(Sheet sheet, String measureId, ReadingEntry.Value ready, SheetEntry typed, Staff staff) {
        Reading reading = new Reading(
                ready.measure().id(),
                ready.side(),
                ready.mode(),
                ready.amount(),
                ready.measuredOn(),
                ready.strict(),
                ready.how().rater().isEmpty() ? staff.name() : ready.how().rater(),
                Optional.ofNullable(ready.how().tool()),
                Optional.of(ready.how().position()).filter(position -> !position.isEmpty()));
        List<Doubt> doubts = new Doubts(
                        sheet.standing().facts().side(), sheet.course().row().dayZero())
                .about(ready.measure(), reading, sheet.standing().facts().readings());
        Optional<Doubt> jump =
                doubts.stream().filter(Doubt.UnlikelyJump.class::isInstance).findFirst();
        if (jump.isPresent() && ready.strict() && !typed.isConfirmed()) {
            throw new NotTaken(sheet.row(measureId).refused(typed, DoubtWords.say(jump.get()), true));
        }
        List<String> told = new ArrayList<>(doubts.stream()
                .filter(doubt -> !(doubt instanceof Doubt.UnlikelyJump))
                .map(DoubtWords::say)
                .toList());
        meanwhile(sheet, ready, typed, staff).ifPresent(told::add);
        return told;
    }

    /** Somebody else's reading of the same thing that the page did not show: both are kept. */
    private Optional<String> meanwhile(Sheet sheet, ReadingEntry.Value ready, SheetEntry typed, Staff staff) {
        ZoneId zone = staff.clinicZone();
        return mapper.findLatest(sheet.course().row().id()).stream()
                .filter(last -> last.isOf(ready.measure().id(), ready.side(), ready.mode()))
                .filter(last -> last.measuredOn().equals(ready.measuredOn())
                        && !last.enteredBy().equals(staff.id())
                        && !last.id().toString().equals(SheetEntry.text(typed.seen())))
                .map(last -> last.rater() + " measured this too, at "
                        + CLOCK.format(last.enteredAt().atZone(zone))
                        + ". Both are kept and the later counts; agree, and withdraw one under Readings.")
                .findFirst();
    }

    /** The side that a course is about. */
    static Side operated(LoadedCourse course) {
        return Side.valueOf(course.row().side());
    }
}
