package waypost.app.otherside;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.FormProblem;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.library.words.Words;

/** Keeps what the other side did; rows are only added, and what was not open is kept with its reason. */
@Service
class OtherSideKeeping {

    private static final int SHORTEST_REASON = 3;

    private final OtherSideMapper mapper;
    private final CourseDoor door;
    private final ClinicClock clock;

    OtherSideKeeping(OtherSideMapper mapper, CourseDoor door, ClinicClock clock) {
        this.mapper = mapper;
        this.door = door;
        this.clock = clock;
    }

    List<OtherSideMapper.Kept> of(UUID courseId) {
        return mapper.find(courseId);
    }

    /**
     * Keeps what was done. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field
     */
    @Transactional
    public void keep(Staff staff, UUID courseId, OtherSideForm form) {
        OpenCourse open = door.open(staff, courseId);
        RoleKey role = form.readRole();
        check(open.standing(), role, form);
        mapper.insert(new OtherSideMapper.Row(
                form.readId(),
                courseId,
                open.today(),
                role.toString(),
                form.readSets(),
                form.readAmount(),
                form.readLoad(),
                form.readPain(),
                form.readDespite(),
                staff.id(),
                clock.now()));
    }

    private static void check(Standing standing, RoleKey role, OtherSideForm form) {
        Signs signs = new Signs(standing);
        if (!signs.knows(role)
                || !(signs.activity(role) instanceof Activity.Exercise)
                || standing.course().role(role).isOfBoth()) {
            throw new FormProblem("role", "Found '" + role + "', allowed: an exercise that one side can do alone.");
        }
        Verdict verdict = standing.onOtherSide(role);
        if (!verdict.kind().isOpen() && form.readDespite().length() < SHORTEST_REASON) {
            throw new FormProblem(
                    "despite",
                    signs.title(role) + " is not open for the other side alone today. "
                            + Words.of(standing.course().resolved()).why(verdict)
                            + " If it was done, say why.");
        }
    }
}
