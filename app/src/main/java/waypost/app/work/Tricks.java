package waypost.app.work;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.core.exercise.RoleKey;

/** Remembers what works for a patient in an exercise, such as a cue or a way to hold the band; rows are only added. */
@Service
class Tricks {

    private static final int LONGEST = 200;

    private final TrickMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Tricks(TrickMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** What works in a course, by role, with who said it last. */
    Map<RoleKey, Card.Trick> of(UUID courseId) {
        return mapper.find(courseId).stream()
                .filter(kept -> !kept.words().isEmpty())
                .collect(Collectors.toMap(
                        kept -> RoleKey.of(kept.role()), kept -> new Card.Trick(kept.words(), kept.by())));
    }

    /** Keeps what works in the place of what did; blank words take it back. Sent twice, it is kept once. */
    @Transactional
    public RoleKey keep(Staff staff, UUID courseId, String id, String role, String words) {
        SetEntry.checkRole(loader.bundleOf(staff.clinicId(), courseId), SetForm.role(role));
        mapper.insert(
                Entered.id("trickId", id),
                courseId,
                SetForm.role(role).toString(),
                Entered.words("words", words, LONGEST),
                staff.id(),
                clock.now());
        return SetForm.role(role);
    }
}
