package waypost.app.milestone;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.signature.Signatures;
import waypost.app.store.CourseLoader;
import waypost.app.store.HoldRow;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.course.Standing;
import waypost.core.log.Hold;
import waypost.library.words.Dates;

/** Holds: placed at once by anybody licensed, ended only with a reason and a signature. */
@Service
public class Holds {

    private final MilestoneMapper mapper;
    private final Signatures signatures;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Holds(MilestoneMapper mapper, Signatures signatures, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.signatures = signatures;
        this.loader = loader;
        this.clock = clock;
    }

    /** A hold as it is asked for. */
    public record Wanted(UUID id, Hold.Kind kind, String why, LocalDate from, LocalDate reviewOn) {}

    /** Places a hold. Sent twice, it is placed once. */
    @Transactional
    public void place(Staff staff, UUID courseId, Wanted wanted) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        checkWhy(wanted.why());
        if (wanted.reviewOn().isBefore(wanted.from())) {
            throw new FormProblem(
                    "reviewOn",
                    "Found " + Dates.say(wanted.reviewOn()) + ", allowed: " + Dates.say(wanted.from()) + " or later.");
        }
        Standing standing = course.on(wanted.from());
        mapper.insertHold(
                wanted.id(),
                courseId,
                wanted,
                staff.id(),
                clock.now(),
                EvidenceTable.of(standing).text());
    }

    /** Ends a hold. */
    @Transactional
    public void end(Staff staff, UUID courseId, UUID holdId, String why, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        HoldRow hold = course.holds().stream()
                .filter(h -> h.id().equals(holdId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        checkWhy(why);
        if (hold.ended().isPresent()) {
            return;
        }
        String evidence = "Hold since " + Dates.say(hold.fromDate()) + ": " + hold.why() + "\nCleared: " + why.strip();
        Signature signature = Signature.of(
                courseId,
                Signature.Kind.HOLD_END,
                "The hold ends on " + Dates.say(today) + ".",
                evidence,
                staff,
                clock.now());
        try {
            signatures.keep(signature);
            mapper.insertHoldEnd(holdId, today, why.strip(), signature.id());
        } catch (DuplicateKeyException endedMeanwhile) {
            throw new FormProblem("why", "Somebody else ended this hold a moment ago. Look at the page again.");
        }
    }

    private static void checkWhy(String why) {
        int length = why.strip().length();
        if (length < 3 || length > 300) {
            throw new FormProblem("why", "Found " + length + " characters, allowed: a reason of 3 to 300.");
        }
    }
}
