package waypost.app.work;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.CourseLoader;
import waypost.app.store.NotFoundException;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.library.bundle.Bundle;

/** Keeps sets and stops as they happened; rows are only added, and what is sent twice is kept once. */
@Service
public class SetEntry {

    private final SetMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    SetEntry(SetMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** Keeps one set, and says of which role. */
    @Transactional
    public RoleKey keep(Staff staff, UUID courseId, SetForm form) {
        Bundle bundle = loader.bundleOf(staff.clinicId(), courseId);
        RoleKey role = form.readRole();
        checkRole(bundle, role);
        Arrangement setUp = form.readSetUp(bundle.findActivity(role.activity()).orElseThrow());
        Instant doneAt = form.readDoneAt(clock.now());
        LocalDate doneOn = doneAt.atZone(staff.clinicZone()).toLocalDate();
        Optional<Load> load = form.readLoad();
        begin(staff, courseId, doneOn);
        mapper.insert(new SetMapper.NewSet(
                form.readId(),
                courseId,
                doneOn,
                role.toString(),
                form.readAmount(),
                load.map(held -> BigDecimal.valueOf(held.amount())).orElse(null),
                load.map(Load::unit).orElse(null),
                setUp.toString(),
                form.readPain(),
                form.readForm(),
                form.readEffort().orElse(null),
                form.readFaults(),
                form.readAsked(),
                form.readDevice(),
                form.readDeviceNth(),
                doneAt,
                staff.id(),
                clock.now()));
        return role;
    }

    /** Takes a set back; the row stays, named by the one that withdraws it. */
    @Transactional
    public void withdraw(Staff staff, UUID courseId, UUID setId) {
        loader.bundleOf(staff.clinicId(), courseId);
        UUID id = UUID.nameUUIDFromBytes((setId + "withdrawn").getBytes(StandardCharsets.UTF_8));
        mapper.withdraw(id, setId, courseId, "taken back at once", staff.id(), clock.now());
    }

    /** Keeps that an exercise was stopped, and says which. */
    @Transactional
    public RoleKey stop(Staff staff, UUID courseId, String entryId, String role, String why) {
        Bundle bundle = loader.bundleOf(staff.clinicId(), courseId);
        UUID id = Entered.id("entryId", entryId);
        RoleKey key = SetForm.role(role);
        checkRole(bundle, key);
        String said = why.strip();
        if (said.length() < 3 || said.length() > 300) {
            throw new FormProblem("why", "Found " + said.length() + " characters, allowed: what was felt, 3 to 300.");
        }
        LocalDate today = clock.today(staff);
        begin(staff, courseId, today);
        mapper.insertStop(id, courseId, today, key.toString(), said, staff.id(), clock.now());
        return key;
    }

    /** Opens the day's visit if nobody has. */
    private void begin(Staff staff, UUID courseId, LocalDate on) {
        mapper.insertVisit(UUID.randomUUID(), courseId, on, staff.id(), clock.now());
    }

    /** Refuses a role that is none of an exercise of the course's library. */
    static void checkRole(Bundle bundle, RoleKey key) {
        boolean known = bundle.activities().stream()
                .filter(activity -> activity instanceof Activity.Exercise)
                .flatMap(activity -> activity.roles().stream())
                .anyMatch(role -> role.key().equals(key));
        if (!known) {
            throw new NotFoundException();
        }
    }
}
