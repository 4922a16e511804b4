package waypost.app.milestone;

import java.time.LocalDate;
import java.util.Optional;
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
import waypost.app.store.LoadedCourse;
import waypost.core.course.NextPhase;
import waypost.core.course.Standing;
import waypost.library.words.Dates;

/** Advances a course into its next phase: time and milestones are both needed, and somebody signs. */
@Service
public class Advances {

    private final MilestoneMapper mapper;
    private final Signatures signatures;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Advances(MilestoneMapper mapper, Signatures signatures, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.signatures = signatures;
        this.loader = loader;
        this.clock = clock;
    }

    /** What is shown and signed. */
    public record Offer(NextPhase next, String wording, String evidence) {
        public String hash() {
            return Signature.hash(wording, evidence);
        }
    }

    /** The advance that is offered or still blocked on {@code today}; empty in the last phase. */
    public Optional<Offer> offer(Standing standing, LocalDate today) {
        return standing.next().map(next -> {
            String wording = "Advance from \"" + standing.phase().title() + "\" into \""
                    + next.phase().title() + "\" on " + Dates.say(today) + ", " + standing.day() + ".";
            return new Offer(next, wording, EvidenceTable.of(standing).text());
        });
    }

    /** Signs the advance, if it is ready and still what was shown. Sent twice, it is signed once. */
    @Transactional
    public void sign(Staff staff, UUID courseId, String phase, String shownHash, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        Standing standing = course.on(today);
        if (course.course().history().signed().stream().anyMatch(s -> s.phase().equals(phase))) {
            return;
        }
        Offer offer = offer(standing, today)
                .filter(o -> o.next().phase().id().equals(phase))
                .orElseThrow(() -> new FormProblem("phase", "Found '" + phase + "', which is not the next phase."));
        if (!offer.next().ready()) {
            throw new FormProblem(
                    "phase", "Time and milestones are both needed, and something is missing; see the list below.");
        }
        if (!offer.hash().equals(shownHash)) {
            throw new FormProblem("phase", "Something changed since this page was shown. Look at it again, then sign.");
        }
        write(staff, courseId, offer, today);
    }

    private void write(Staff staff, UUID courseId, Offer offer, LocalDate today) {
        Signature signature =
                Signature.of(courseId, Signature.Kind.ADVANCE, offer.wording(), offer.evidence(), staff, clock.now());
        try {
            signatures.keep(signature);
            mapper.insertAdvance(
                    UUID.randomUUID(), courseId, offer.next().phase().id(), today, signature.id());
        } catch (DuplicateKeyException signedMeanwhile) {
            throw new FormProblem("phase", "Somebody else signed this phase a moment ago. Look at the page again.");
        }
    }
}
