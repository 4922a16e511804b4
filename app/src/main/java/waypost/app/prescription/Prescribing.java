package waypost.app.prescription;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.store.SetRow;
import waypost.core.demand.Load;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Prescription;
import waypost.core.progression.Allowed;
import waypost.core.visit.Objection;
import waypost.core.visit.Visit;
import waypost.library.words.ProgressionWords;

/** Keeps what therapists prescribe; rows are only added, and nothing is kept that the gate bars today. */
@Service
public class Prescribing {

    private final PrescriptionMapper mapper;
    private final ClinicClock clock;

    Prescribing(PrescriptionMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What is prescribed in a course, by role. */
    public Map<RoleKey, Written> of(UUID courseId, List<SetRow> done) {
        Map<RoleKey, Written> standing = new LinkedHashMap<>();
        mapper.findLast(courseId).stream()
                .filter(row -> !row.ended())
                .map(row -> row.written(done))
                .forEach(written -> standing.put(written.prescription().role(), written));
        return standing;
    }

    /**
     * Writes a dose. Sent twice, it is written once.
     *
     * @param seen the one that stood on the writer's page, which this one follows
     * @param words says why the gate bars something
     */
    @Transactional
    public void write(
            Staff staff,
            UUID courseId,
            UUID id,
            Optional<UUID> seen,
            Prescription wanted,
            Visit visit,
            ProgressionWords words) {
        mapper.lock(courseId);
        if (mapper.isWritten(id)) {
            return;
        }
        check(visit, wanted, words);
        keep(staff, courseId, id, seen, wanted, false);
    }

    /** Goes back to the library's dose. */
    @Transactional
    public void end(Staff staff, UUID courseId, UUID id, Written standing) {
        mapper.lock(courseId);
        if (!mapper.isWritten(id)) {
            keep(staff, courseId, id, Optional.of(standing.id()), standing.prescription(), true);
        }
    }

    private static void check(Visit visit, Prescription wanted, ProgressionWords words) {
        visit.against(wanted).ifPresent(objection -> {
            throw objection instanceof Objection.Cut cut
                    ? cut(wanted, cut.allowed(), words)
                    : morePain((Objection.MorePain) objection);
        });
    }

    private static FormProblem cut(Prescription wanted, Allowed allowed, ProgressionWords words) {
        String most = allowed.dose()
                .map(dose -> "allowed today: " + ProgressionWords.dose(dose))
                .orElse("not open today in this form");
        return new FormProblem(
                "dose",
                "Found " + ProgressionWords.dose(wanted.dose()) + ", " + most + ". " + words.say(allowed.why()));
    }

    private static FormProblem morePain(Objection.MorePain over) {
        return new FormProblem(
                "pain",
                "Found " + over.asked() + ", allowed: at most " + over.ruled().most()
                        + " of 10 by the protocol's rule. Write less, or leave it empty.");
    }

    private void keep(Staff staff, UUID courseId, UUID id, Optional<UUID> seen, Prescription said, boolean ended) {
        Optional<PrescriptionRow> last = mapper.findLast(courseId).stream()
                .filter(row -> row.role().equals(said.role().toString()))
                .findFirst();
        Optional<PrescriptionRow> standing = last.filter(row -> !row.ended());
        if (!standing.map(PrescriptionRow::id).equals(seen)) {
            throw new FormProblem(
                    "dose",
                    last.map(PrescriptionRow::writtenBy).orElse("Somebody")
                            + " changed the dose of this exercise since this page was shown. Look at it as it stands now.");
        }
        Optional<Load> load = said.dose().load();
        mapper.insert(new PrescriptionMapper.NewPrescription(
                id,
                courseId,
                ended,
                said,
                load.map(held -> BigDecimal.valueOf(held.amount())).orElse(null),
                load.map(Load::unit).orElse(null),
                orNull(said.restSeconds()),
                orNull(said.painMost()),
                said.days().stream().sorted().map(Enum::name).collect(Collectors.joining(",")),
                last.map(PrescriptionRow::id).orElse(null),
                clock.today(staff),
                staff.id(),
                clock.now()));
    }

    private static @Nullable Integer orNull(OptionalInt number) {
        return number.isPresent() ? number.getAsInt() : null;
    }
}
