package waypost.app.report;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.course.CourseHeads;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.signature.Signatures;
import waypost.app.store.NotFoundException;
import waypost.library.words.ReportWords;
import waypost.library.words.Words;

/** Drafts, signs and answers reports; rows are only added. */
@Service
class Reports {

    private static final int LONGEST = 2000;

    private final ReportMapper mapper;
    private final Signatures signatures;
    private final ClinicClock clock;

    Reports(ReportMapper mapper, Signatures signatures, ClinicClock clock) {
        this.mapper = mapper;
        this.signatures = signatures;
        this.clock = clock;
    }

    /**
     * A report that may be signed.
     *
     * @param shown by which it is known what was signed
     */
    record Draft(List<ReportWords.Section> sections, String asks, String shown) {}

    List<Report> of(Staff staff, UUID courseId) {
        return mapper.find(courseId, staff.zone());
    }

    Report one(Staff staff, UUID courseId, UUID reportId) {
        return of(staff, courseId).stream()
                .filter(report -> report.id().equals(reportId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
    }

    /** The report as it stands now, after those that were signed, the newest first; nothing is kept. */
    Draft draft(OpenCourse open, List<Report> signed) {
        ReportWords words = new ReportWords(Words.of(open.standing().course().resolved()));
        Optional<LocalDate> before = signed.stream().map(Report::reportedOn).findFirst();
        List<ReportWords.Section> sections = words.draft(open.standing(), CourseHeads.operation(open.course()), before);
        return new Draft(sections, words.asks(open.standing()), Signature.hash("report", ReportWords.text(sections)));
    }

    /**
     * Signs what was shown. Sent twice, it is kept once.
     *
     * @throws FormProblem naming the field
     */
    @Transactional
    public void sign(Staff staff, OpenCourse open, String reportId, String shown, String asked) {
        UUID id = Entered.id("reportId", reportId);
        UUID courseId = open.course().row().id();
        List<Report> signed = of(staff, courseId);
        if (signed.stream().anyMatch(report -> report.id().equals(id))) {
            return;
        }
        Draft draft = draft(open, signed);
        if (!draft.shown().equals(shown)) {
            throw new FormProblem(
                    "shown", "Something was logged since this page was shown. Look at the draft again, then sign.");
        }
        String words = ReportWords.text(draft.sections());
        String question = Entered.words("asked", asked, LONGEST);
        Signature signature = Signature.of(
                courseId,
                Signature.Kind.REPORT,
                "Progress report of " + open.today() + " to "
                        + open.course().row().surgeon() + ".",
                words + "\n\n" + question,
                staff,
                clock.now());
        signatures.keep(signature);
        mapper.insert(id, courseId, open.today(), words, question, signature.id(), staff.id(), clock.now());
    }

    /** Says that it was seen, with words or without. The first answer stands. */
    @Transactional
    public void answer(Staff staff, UUID courseId, UUID reportId, String words) {
        Report report = one(staff, courseId, reportId);
        String said = Entered.words("words", words, LONGEST);
        if (report.isAnswered() || mapper.answer(report.id(), said, staff.id(), clock.now()) == 0) {
            throw new FormProblem(
                    "words", "This report was answered already. What stands is below; write an order for more.");
        }
    }

    /** What waits for somebody who is named as the surgeon. */
    List<ReportMapper.Waiting> waiting(Staff staff) {
        return mapper.waiting(staff.clinicId(), staff.name());
    }
}
