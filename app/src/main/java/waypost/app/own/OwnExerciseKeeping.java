package waypost.app.own;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.NotFoundException;
import waypost.app.store.OwnExerciseRow;
import waypost.core.demand.Load;
import waypost.core.own.OwnExercise;

/** Keeps what a clinic makes for itself; rows are only added. */
@Service
class OwnExerciseKeeping {

    /** A rack that is longer than that is read by nobody (common practice, no source). */
    private static final int MOST = 200;

    private final OwnExerciseMakingMapper mapper;
    private final ClinicClock clock;

    OwnExerciseKeeping(OwnExerciseMakingMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Sent twice, it is made once. */
    @Transactional
    void make(Staff staff, UUID entryId, OwnExercise own) {
        if (mapper.isSent(staff.clinicId(), entryId)) {
            return;
        }
        if (mapper.count(staff.clinicId()) >= MOST) {
            throw new FormProblem(
                    "own", "Found " + MOST + " exercises of the clinic's own, which is the most. Use one of them.");
        }
        Optional<Load> load = own.load();
        mapper.insert(new OwnExerciseMakingMapper.New(
                staff.clinicId(),
                entryId,
                own,
                own.setUp().toString(),
                OwnExerciseRow.within(own.within()),
                load.map(held -> BigDecimal.valueOf(held.amount())).orElse(null),
                load.map(Load::unit).orElse(null),
                own.dose().aim().toString(),
                String.join("\n", own.cues()),
                staff.id(),
                clock.now()));
    }

    /** From now on it is offered no more; what was done of it stays. */
    @Transactional
    void retire(Staff staff, String id) {
        if (!mapper.isMade(staff.clinicId(), id)) {
            throw new NotFoundException();
        }
        mapper.retire(staff.clinicId(), id, staff.id(), clock.now());
    }
}
