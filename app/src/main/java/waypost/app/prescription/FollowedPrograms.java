package waypost.app.prescription;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.shell.ClinicClock;
import waypost.core.program.Program;
import waypost.library.bundle.Bundle;

/** By which programs the exercises of a course go on. */
@Component
public class FollowedPrograms {

    private final ProgramMapper mapper;
    private final ClinicClock clock;

    FollowedPrograms(ProgramMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The ones that a course follows, as its library has them. */
    public List<Program> of(UUID courseId, Bundle bundle) {
        List<String> followed = mapper.find(courseId);
        return bundle.programs().stream()
                .filter(program -> followed.contains(program.id()))
                .toList();
    }

    /** Follows one from now on, or no longer. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, UUID id, Program program, boolean follows) {
        mapper.insert(id, courseId, program.id(), follows, staff.id(), clock.now());
    }
}
