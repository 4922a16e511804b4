package waypost.app.milestone;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.milestone.Milestone;

/** Keeps what somebody said of a milestone that is not measured: cleared, taught back, seen on an image. */
@Service
class Attestations {

    private final MilestoneMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Attestations(MilestoneMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** What is to be kept: of which milestone, who said it and how. */
    record Wanted(UUID id, String criterion, String saidBy) {}

    /** The milestones of this kind that are not met on the day of {@code standing}. */
    static List<Milestone> open(Standing standing) {
        return standing.milestones().stream()
                .filter(m -> m.criterion() instanceof Criterion.Attested && !m.isMet())
                .toList();
    }

    /** Keeps it for today. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, Wanted wanted, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        boolean known = course.protocol().criteria().stream()
                .anyMatch(c -> c instanceof Criterion.Attested && c.id().equals(wanted.criterion()));
        if (!known) {
            throw new FormProblem("criterion", "Choose what was said from the list.");
        }
        int length = wanted.saidBy().strip().length();
        if (length < 3 || length > 300) {
            throw new FormProblem(
                    "saidBy", "Found " + length + " characters, allowed: who said it and how, in 3 to 300.");
        }
        mapper.insertAttestation(wanted.id(), courseId, wanted, today, staff.id(), clock.now());
    }
}
