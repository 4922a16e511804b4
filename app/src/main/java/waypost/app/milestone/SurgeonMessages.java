package waypost.app.milestone;

import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.core.course.Standing;
import waypost.library.words.SurgeonMessageWords;
import waypost.library.words.Words;

/** Messages to the surgeon: drafted from where the course stands, kept with the evidence as it was shown. */
@Service
class SurgeonMessages {

    private static final int LONGEST = 4000;

    private final MilestoneMapper mapper;
    private final CourseLoader loader;
    private final ClinicClock clock;

    SurgeonMessages(MilestoneMapper mapper, CourseLoader loader, ClinicClock clock) {
        this.mapper = mapper;
        this.loader = loader;
        this.clock = clock;
    }

    /** A message as it could be sent; nothing is kept yet. */
    static String draft(LoadedCourse course, Standing standing) {
        return new SurgeonMessageWords(Words.of(standing.course().resolved()))
                .draft(standing, CourseHeads.operation(course));
    }

    /** Keeps a message. Sent twice, it is kept once. */
    @Transactional
    public void keep(Staff staff, UUID courseId, UUID id, String words, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        int length = words.strip().length();
        if (length < 3 || length > LONGEST) {
            throw new FormProblem("words", "Found " + length + " characters, allowed: 3 to " + LONGEST + ".");
        }
        String evidence = EvidenceTable.of(course.on(today)).text();
        mapper.insertMessage(
                id,
                courseId,
                words.strip(),
                evidence,
                Signature.hash(words.strip(), evidence),
                staff.id(),
                clock.now());
    }
}
