package waypost.app.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;
import waypost.library.words.Words;

/** Keeps what was treated by hand; rows are only added. */
@Service
public class HandTreatments {

    private static final int LONGEST_OBJECTION = 2000;

    private final TreatmentMapper mapper;
    private final CourseDoor door;
    private final ClinicClock clock;

    HandTreatments(TreatmentMapper mapper, CourseDoor door, ClinicClock clock) {
        this.mapper = mapper;
        this.door = door;
        this.clock = clock;
    }

    /** What was treated on a day, as lines of a note. */
    public List<String> told(LoadedCourse course, LocalDate day) {
        Standing standing = course.on(day);
        return mapper.find(course.row().id()).stream()
                .filter(kept -> kept.treatedOn().equals(day))
                .map(kept -> TreatmentLine.of(kept, standing).told())
                .toList();
    }

    /** Everything treated in a course, the latest first. */
    List<TreatmentLine> of(OpenCourse open) {
        return mapper.find(open.course().row().id()).stream()
                .map(kept -> TreatmentLine.of(kept, open.standing()))
                .toList();
    }

    /**
     * Keeps a treatment of today. What the gate objects to is kept only with a reason. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field, or what the gate says and that a reason is wanted
     */
    @Transactional
    public void keep(Staff staff, UUID courseId, TreatmentForm form) {
        OpenCourse open = door.open(staff, courseId);
        Standing standing = open.standing();
        Measure range = range(open.course(), form.measure());
        Technique technique = form.readTechnique();
        Amount before = form.readBefore(range);
        Amount after = form.readAfter(range);
        int minutes = form.readMinutes();
        String structure = form.readStructure();
        String despite = form.readDespite();
        String objection = objection(standing, new HandTreatment(range, technique, before, after));
        if (!objection.isEmpty() && despite.isEmpty()) {
            throw new FormProblem("despite", objection + " If it was done, say why.");
        }
        mapper.insert(new TreatmentMapper.Row(
                form.readId(),
                courseId,
                open.today(),
                range.id(),
                technique.name(),
                structure,
                minutes,
                before.value(),
                after.value(),
                heldBy(standing, form.heldBy()),
                objection,
                objection.isEmpty() ? "" : despite,
                staff.id(),
                clock.now()));
    }

    private static Measure range(LoadedCourse course, @Nullable String id) {
        return course.bundle()
                .findMeasure(id == null ? "" : id)
                .filter(HandTreatment::isTreatable)
                .orElseThrow(() -> new FormProblem("measure", "Choose the range that was treated."));
    }

    private static String heldBy(Standing standing, @Nullable String role) {
        if (role == null || role.isBlank()) {
            return "";
        }
        return standing.verdicts().stream()
                .filter(verdict ->
                        verdict.kind().isOpen() && verdict.role().toString().equals(role))
                .findFirst()
                .map(Verdict::role)
                .map(RoleKey::toString)
                .orElseThrow(() -> new FormProblem("heldBy", "This exercise is not open today. Choose another one."));
    }

    /** What the gate says against it, cut to what can be kept; empty where nothing is. */
    private static String objection(Standing standing, HandTreatment treatment) {
        Verdict verdict = treatment.judgedBy(standing);
        Words words = Words.of(standing.course().resolved());
        String all = verdict.reasons().stream()
                .filter(reason -> !reason.kind().isOpen())
                .map(reason -> words.say(reason).whole())
                .distinct()
                .collect(Collectors.joining(" "));
        return all.length() <= LONGEST_OBJECTION ? all : all.substring(0, LONGEST_OBJECTION - 3) + "...";
    }
}
