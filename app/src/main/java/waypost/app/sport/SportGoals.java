package waypost.app.sport;

import java.util.Optional;
import java.util.UUID;
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
import waypost.core.measure.Measure;
import waypost.core.sport.SportGoal;
import waypost.core.sport.SportPlan;

/** Keeps sessions of sport as readings, and what is trained for; rows are only added. */
@Service
public class SportGoals {

    private final SportMapper mapper;
    private final CourseDoor door;
    private final ReadingEntry readings;
    private final ClinicClock clock;

    SportGoals(SportMapper mapper, CourseDoor door, ReadingEntry readings, ClinicClock clock) {
        this.mapper = mapper;
        this.door = door;
        this.readings = readings;
        this.clock = clock;
    }

    /** What is trained for in a course; empty where nothing is. */
    public Optional<SportGoal> of(UUID courseId) {
        return mapper.findLast(courseId).map(kept -> kept.goal());
    }

    /** The weeks up to what is trained for; empty where nothing is. */
    Optional<SportPlan> plan(OpenCourse open) {
        return of(open.course().row().id()).map(goal -> SportPlan.of(goal, open.standing()));
    }

    /**
     * Keeps a session of sport: minutes times effort. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field
     */
    @Transactional
    public void did(Staff staff, UUID courseId, SportForm form) {
        OpenCourse open = door.open(staff, courseId);
        Measure measure = open.course()
                .bundle()
                .findMeasure(SportPlan.SESSION_LOAD)
                .orElseThrow(() -> new FormProblem("minutes", "This course's library does not know sport's load."));
        readings.add(
                staff,
                open.course(),
                new ReadingEntry.Value(
                        form.readId(),
                        measure,
                        open.standing().facts().side(),
                        Mode.ACTIVE,
                        measure.amount(form.readSessionLoad()),
                        form.readDone(open.standing().course().resolved().dayZero(), open.today()),
                        true,
                        HowTaken.worked("sport, as told", HowTaken.Source.SHEET)));
    }

    /**
     * Keeps what is trained for, in place of what was. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field
     */
    @Transactional
    public void aimAt(Staff staff, UUID courseId, SportForm form) {
        OpenCourse open = door.open(staff, courseId);
        mapper.insert(
                form.readId(),
                courseId,
                form.readName(),
                form.readEvent(open.today()),
                form.readRise(),
                form.readLoad(),
                staff.id(),
                clock.now());
    }
}
