package waypost.app.observation;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.app.shell.ClinicClock;
import waypost.core.body.Mode;
import waypost.core.course.Standing;
import waypost.core.gate.Verdict;
import waypost.core.measure.Measure;
import waypost.core.movement.Observation;
import waypost.core.movement.Watched;
import waypost.library.words.MovementWords;
import waypost.library.words.Words;

/** Keeps what was watched, and the reading that it answers; rows are only added. */
@Service
public class Observations {

    private final ObservationMapper mapper;
    private final CourseDoor door;
    private final ReadingEntry readings;
    private final ClinicClock clock;

    Observations(ObservationMapper mapper, CourseDoor door, ReadingEntry readings, ClinicClock clock) {
        this.mapper = mapper;
        this.door = door;
        this.readings = readings;
        this.clock = clock;
    }

    /** What was watched on a day, as lines of a note. */
    public List<String> told(UUID courseId, LocalDate day) {
        return of(courseId).stream()
                .filter(kept -> kept.watchedOn().equals(day))
                .map(kept -> MovementWords.say(kept.observation())
                        + (kept.words().isEmpty() ? "" : " " + kept.words() + "."))
                .toList();
    }

    /** Everything watched in a course, the latest first. */
    List<ObservationMapper.Kept> of(UUID courseId) {
        return mapper.find(courseId);
    }

    /** What keeps somebody from being asked to move so today; empty where nothing does. */
    static String closed(Watched movement, Standing standing) {
        Verdict verdict = standing.verdict(movement.asks());
        return verdict.kind().isOpen()
                ? ""
                : Words.of(standing.course().resolved()).why(verdict);
    }

    /**
     * Keeps what was watched today. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field, or why nobody is asked to move so today
     */
    @Transactional
    public void keep(Staff staff, UUID courseId, ObservationForm form) {
        OpenCourse open = door.open(staff, courseId);
        Observation observation = form.read();
        String closed = closed(observation.movement(), open.standing());
        if (!closed.isEmpty()) {
            throw new FormProblem("movement", "Nobody is asked for this today. " + closed);
        }
        ObservationMapper.Row row = row(staff, open, form, observation);
        if (mapper.insert(row) == 0) {
            return;
        }
        observation
                .movement()
                .measure()
                .flatMap(open.course().bundle()::findMeasure)
                .ifPresent(measure -> answer(staff, open, row, measure, observation));
    }

    private ObservationMapper.Row row(Staff staff, OpenCourse open, ObservationForm form, Observation observation) {
        return new ObservationMapper.Row(
                form.readId(),
                open.course().row().id(),
                open.today(),
                observation.movement(),
                observation.seen().stream()
                        .map(seen -> seen.fault() + ":" + seen.operated() + ":" + seen.other())
                        .collect(Collectors.joining(" ")),
                observation.painMost(),
                observation.painFrom().isPresent() ? observation.painFrom().getAsInt() : null,
                form.readWords(),
                staff.id(),
                clock.now());
    }

    private void answer(
            Staff staff, OpenCourse open, ObservationMapper.Row row, Measure measure, Observation observation) {
        readings.add(
                staff,
                open.course(),
                new ReadingEntry.Value(
                        ReadingEntry.idFor(row.id(), measure),
                        measure,
                        open.standing().facts().side(),
                        Mode.ACTIVE,
                        measure.amount(observation.isClean() ? 1 : 0),
                        open.today(),
                        true,
                        HowTaken.worked("watched, fault by fault", HowTaken.Source.SHEET)));
    }
}
