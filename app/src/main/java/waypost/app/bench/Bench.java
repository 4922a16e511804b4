package waypost.app.bench;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Standing;
import waypost.core.followup.MeasuringSheet;
import waypost.core.measure.Measure;

/** The calculators, and putting what they say on a patient's record: as a reading where it is one, else as a note. */
@Service
class Bench {

    private final List<Calculator> calculators;
    private final CourseLoader loader;
    private final ReadingEntry readings;
    private final NoteMapper notes;
    private final ClinicClock clock;

    Bench(
            List<Calculator> calculators,
            CourseLoader loader,
            ReadingEntry readings,
            NoteMapper notes,
            ClinicClock clock) {
        this.calculators = calculators.stream()
                .sorted(Comparator.comparing(calculator -> calculator.face().title()))
                .toList();
        this.loader = loader;
        this.readings = readings;
        this.notes = notes;
        this.clock = clock;
    }

    List<Calculator> calculators() {
        return calculators;
    }

    Calculator calculator(String id) {
        return calculators.stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    /**
     * Where a result goes.
     *
     * @param measure empty when it is kept as a note
     */
    record Place(UUID entryId, UUID courseId, Optional<String> measure, String side) {}

    /** Keeps a result. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, Calculator calculator, Answer answer, Place place) {
        LoadedCourse course = loader.load(staff.clinicId(), place.courseId());
        String words = calculator.face().title() + ": " + answer.said();
        if (place.measure().isEmpty() || answer.value().isEmpty()) {
            notes.insert(place.entryId(), course.row().id(), words, staff.id(), clock.now());
            return;
        }
        Measure measure = course.bundle()
                .findMeasure(place.measure().get())
                .filter(calculator::yields)
                .orElseThrow(() -> new FormProblem("measure", "Choose a measure that this calculation yields."));
        Side side = side(place.side());
        LocalDate today = clock.today(staff);
        refuseTooEarly(course, measure, side, today);
        readings.add(
                staff,
                course,
                new ReadingEntry.Value(
                        place.entryId(),
                        measure,
                        side,
                        Mode.ACTIVE,
                        measure.amount(answer.value().getAsDouble()),
                        today,
                        true,
                        HowTaken.worked(words, HowTaken.Source.BENCH)));
    }

    private static Side side(String text) {
        return Side.valueOf(text.isEmpty() ? "LEFT" : text.toUpperCase(Locale.ROOT));
    }

    private static void refuseTooEarly(LoadedCourse course, Measure measure, Side side, LocalDate today) {
        Standing standing = course.on(today);
        if (side == standing.facts().side()
                && MeasuringSheet.closedTest(measure, standing).isPresent()) {
            throw new FormProblem(
                    "measure",
                    measure.title() + " may not be tested on the operated side today; the sheet says from when on."
                            + " Nothing was written.");
        }
    }

    @Mapper
    interface NoteMapper {

        @Insert("""
                insert into note (id, course_id, words, written_by, written_at)
                values (#{id}, #{courseId}, #{words}, #{by}, #{at})
                on conflict (id) do nothing
                """)
        int insert(UUID id, UUID courseId, String words, UUID by, Instant at);
    }
}
