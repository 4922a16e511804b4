package waypost.app.note;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Permission;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.home.HomePrograms;
import waypost.app.home.HomeWords;
import waypost.app.home.WrittenProgram;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.signature.Signatures;
import waypost.app.store.NotFoundException;
import waypost.app.work.DayOfVisit;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.HomeSays;
import waypost.core.log.WorkLog;
import waypost.library.words.ProgressionWords;

/** Keeps notes; rows are only added, an amendment names the note it amends. */
@Service
class Notes {

    /** The problem's name when two people write the note of one visit: the page then offers to amend. */
    static final String WRITTEN_MEANWHILE = "note";

    private final NoteMapper mapper;
    private final Drafts drafts;
    private final Signatures signatures;
    private final HomePrograms programs;
    private final ClinicClock clock;

    Notes(NoteMapper mapper, Drafts drafts, Signatures signatures, HomePrograms programs, ClinicClock clock) {
        this.mapper = mapper;
        this.drafts = drafts;
        this.signatures = signatures;
        this.programs = programs;
        this.clock = clock;
    }

    List<Note> of(Staff staff, UUID courseId) {
        return mapper.find(courseId, staff.zone());
    }

    /** What the patient does at home from today on, as the program that stands has it. */
    List<HomeItem> home(DayOfVisit day) {
        return programs.of(day.course().row().id()).map(WrittenProgram::program).stream()
                .filter(program -> program.isValidOn(day.date()))
                .flatMap(program -> new HomeDays(day.standing().course(), day.date(), program, WorkLog.NONE)
                        .of(day.date()).lines().stream()
                                .filter(judged -> !(judged.says() instanceof HomeSays.Closed))
                                .map(judged -> item(day, program, judged.line())))
                .toList();
    }

    private static HomeItem item(DayOfVisit day, HomeProgram program, HomeLine line) {
        return new HomeItem(
                line.role().toString(),
                day.signs().title(line.role()),
                day.bands().in(ProgressionWords.dose(line.doseOn(day.date(), program.from()))),
                HomeWords.often(line));
    }

    /** Days of other visits that have no note yet. */
    List<LocalDate> open(UUID courseId, LocalDate but) {
        return mapper.findOpen(courseId).stream()
                .filter(day -> !day.equals(but))
                .toList();
    }

    /** What would be signed, for its form. */
    static String hash(Draft draft) {
        return Signature.hash("note", evidence(draft));
    }

    private static String evidence(Draft draft) {
        return String.join(
                "\n\n",
                Draft.text(draft.subjective()),
                Draft.text(draft.objective()),
                Draft.text(draft.assessment()),
                Draft.text(draft.plan()));
    }

    /** Writes a note: signed by who may sign, otherwise waiting for a countersignature. Sent twice, it is written once. */
    @Transactional
    public void write(Staff staff, DayOfVisit day, NoteForm form) {
        UUID id = form.readId();
        if (mapper.count(id) > 0) {
            return;
        }
        Optional<Note> amended = amended(staff, day.course().row().id(), form.readAmends());
        if (form.readAmends().isPresent() && amended.isEmpty()) {
            throw new FormProblem(
                    "amends",
                    "The note to be amended is not on this course, or somebody amended it a moment ago. Open the page again.");
        }
        Draft draft = amended.map(Draft::of).orElseGet(() -> drafts.of(day));
        if (!hash(draft).equals(NoteForm.text(form.shown()))) {
            throw new FormProblem(
                    "shown", "Something was logged since this page was shown. Look at the draft again, then sign.");
        }
        UUID courseId = day.course().row().id();
        List<HomeItem> home = home(day);
        UUID signature = staff.may(Permission.SIGN) ? signed(staff, courseId, draft, form) : null;
        try {
            mapper.insert(row(staff, day, amended.map(Note::visitedOn).orElse(day.date()), form, draft, signature));
        } catch (DuplicateKeyException alreadyWritten) {
            throw meanwhile(amended.isPresent());
        }
        for (int place = 0; place < home.size(); place++) {
            mapper.insertHome(id, place, home.get(place));
        }
    }

    /** What is said to the second of two people. */
    private static FormProblem meanwhile(boolean amending) {
        return amending
                ? new FormProblem("amends", "Somebody else amended this note a moment ago. Look at the page again.")
                : new FormProblem(
                        WRITTEN_MEANWHILE,
                        "This visit has its note: somebody wrote it a moment ago. What you typed is still here; say why,"
                                + " and it amends theirs.");
    }

    /** The note that stands of a visit. */
    Optional<Note> standing(Staff staff, UUID courseId, LocalDate visitedOn) {
        return of(staff, courseId).stream()
                .filter(note -> note.visitedOn().equals(visitedOn) && !note.amended())
                .findFirst();
    }

    /** The note to be amended, if it is this course's and was not amended already. */
    Optional<Note> amended(Staff staff, UUID courseId, Optional<UUID> wanted) {
        return wanted.flatMap(id -> of(staff, courseId).stream()
                .filter(note -> note.id().equals(id) && !note.amended())
                .findFirst());
    }

    private UUID signed(Staff staff, UUID courseId, Draft draft, NoteForm form) {
        Signature signature = Signature.of(
                courseId,
                Signature.Kind.NOTE,
                form.readAmends().isPresent() ? "Note of the visit, amended: " + form.readWhy() : "Note of the visit.",
                evidence(draft) + "\n\n" + form.readResponse() + "\n\n" + form.readOwnWords(),
                staff,
                clock.now());
        signatures.keep(signature);
        return signature.id();
    }

    private NoteMapper.NewNote row(
            Staff staff, DayOfVisit day, LocalDate visitedOn, NoteForm form, Draft draft, @Nullable UUID signature) {
        return new NoteMapper.NewNote(
                form.readId(),
                day.course().row().id(),
                visitedOn,
                Draft.text(draft.subjective()),
                Draft.text(draft.objective()),
                Draft.text(draft.assessment()),
                Draft.text(draft.plan()),
                form.readOwnWords(),
                form.readResponse(),
                form.readNextOn().orElse(null),
                form.readAmends().orElse(null),
                form.readWhy(),
                signature,
                staff.id(),
                clock.now());
    }

    /** Puts a name to a note of somebody who may not sign. */
    @Transactional
    public void countersign(Staff staff, UUID courseId, UUID noteId) {
        Note note = of(staff, courseId).stream()
                .filter(one -> one.id().equals(noteId))
                .findFirst()
                .orElseThrow(NotFoundException::new);
        if (!note.waits()) {
            return;
        }
        Signature signature = Signature.of(
                courseId,
                Signature.Kind.COUNTERSIGN,
                "Countersigned the note of " + note.writtenBy() + ", visit of " + note.visitedOn() + ".",
                note.text("", ""),
                staff,
                clock.now());
        try {
            signatures.keep(signature);
            mapper.insertCountersignature(noteId, signature.id());
        } catch (DuplicateKeyException signedMeanwhile) {
            throw new FormProblem("note", "Somebody else countersigned this note a moment ago.");
        }
    }
}
