package waypost.app.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.shell.ClinicClock;
import waypost.app.signature.Signature;
import waypost.app.signature.Signatures;
import waypost.app.store.ClinicProtocols;
import waypost.app.store.CourseLoader;
import waypost.app.store.CourseRow;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.body.Side;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;
import waypost.library.bundle.Bundle;

/** Opens courses from referrals, and changes a referral with a signature that shows before and after. */
@Service
public class Referrals {

    private final CourseWriteMapper mapper;
    private final Signatures signatures;
    private final ClinicProtocols protocols;
    private final CourseLoader loader;
    private final ClinicClock clock;

    Referrals(
            CourseWriteMapper mapper,
            Signatures signatures,
            ClinicProtocols protocols,
            CourseLoader loader,
            ClinicClock clock) {
        this.mapper = mapper;
        this.signatures = signatures;
        this.clock = clock;
        this.protocols = protocols;
        this.loader = loader;
    }

    /** A referral read back before it is signed. */
    record ReadBack(Referral referral, List<ReferralWords.Line> lines) {}

    /** Reads a new referral back; refuses what can't be. */
    ReadBack readBack(Staff staff, ReferralForm form, LocalDate today) {
        Bundle bundle = protocols.bundleOf(staff.clinicId(), form.text("protocol"));
        Referral referral = form.read(bundle, today);
        refuseForeignNumber(staff.clinicId(), referral);
        return new ReadBack(referral, ReferralWords.opening(bundle.protocol(referral.protocol()), referral));
    }

    /** Opens the course. Sent twice, it is opened once. */
    @Transactional
    UUID open(Staff staff, ReferralForm form, LocalDate today) {
        return open(staff, form, today, protocols.bundleOf(staff.clinicId(), form.text("protocol")));
    }

    /** Opens the course on a given bundle. */
    @Transactional
    public UUID open(Staff staff, ReferralForm form, LocalDate today, Bundle bundle) {
        Referral referral = form.read(bundle, today);
        if (mapper.courseExists(referral.courseId(), staff.clinicId())) {
            return referral.courseId();
        }
        confirmSide(form, referral.side());
        Protocol protocol = bundle.protocol(referral.protocol());
        UUID patient = patient(staff, referral);
        refuseForeignCourse(staff.clinicId(), patient, referral);
        int opened = mapper.insertCourse(
                referral.courseId(),
                staff.clinicId(),
                patient,
                bundle.hash(),
                protocol.id(),
                referral.revises().orElse(null),
                staff.id());
        if (opened == 0 && mapper.courseExists(referral.courseId(), staff.clinicId())) {
            return referral.courseId();
        } else if (opened == 0) {
            throw new NotFoundException();
        }
        sign(staff, referral, Optional.empty(), ReferralWords.opening(protocol, referral));
        return referral.courseId();
    }

    private static void confirmSide(ReferralForm form, Side side) {
        if (!ReferralForm.side(form.text("sideAgain")).equals(Optional.of(side))) {
            throw new FormProblem(
                    "sideAgain",
                    "Found '" + form.text("sideAgain")
                            + "' and another side before. Read the operation note again: left or right?");
        }
    }

    /** The patient with this number, made now unless there is one. */
    private UUID patient(Staff staff, Referral referral) {
        mapper.insertPatient(UUID.randomUUID(), staff.clinicId(), referral, staff.id());
        refuseForeignNumber(staff.clinicId(), referral);
        return mapper.findPatient(staff.clinicId(), referral.number())
                .map(CourseWriteMapper.PatientRow::id)
                .orElseThrow();
    }

    private void refuseForeignCourse(UUID clinicId, UUID patient, Referral referral) {
        referral.revises()
                .filter(course -> !mapper.isCourseOf(course, patient, clinicId))
                .ifPresent(course -> {
                    throw new FormProblem(
                            "revises", "Found a course that is not this patient's, allowed: one of the choices shown.");
                });
    }

    private void refuseForeignNumber(UUID clinicId, Referral referral) {
        mapper.findPatient(clinicId, referral.number())
                .filter(p -> !p.name().equals(referral.patientName())
                        || !p.birthDate().equals(referral.birthDate()))
                .ifPresent(p -> {
                    throw new FormProblem(
                            "number",
                            "Found number " + referral.number()
                                    + ", which belongs to a patient with another name or birth date. Check the number.");
                });
    }

    /** What stands now beside what is entered; the course is the one that is looked at, whatever the form says. */
    ReadBack compare(Staff staff, UUID courseId, ReferralForm form, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        Referral now = form.read(course.bundle(), today).of(courseId);
        if (!now.protocol().equals(course.row().protocolId())) {
            throw new FormProblem(
                    "protocol",
                    "Found another protocol, allowed: " + course.protocol().face()
                            + ". A course keeps its protocol; open another course for another one.");
        }
        refuseTakenNumber(staff.clinicId(), course, now);
        List<ReferralWords.Line> before = ReferralWords.lines(course.protocol(), current(course));
        return new ReadBack(now, ReferralWords.compared(before, ReferralWords.lines(course.protocol(), now)));
    }

    /** The referral as it stands. */
    static Referral current(LoadedCourse course) {
        return new Referral(
                course.row().id(),
                course.row().patientName(),
                course.row().birthDate(),
                course.row().patientNumber(),
                course.row().protocolId(),
                course.row().operation(),
                Side.valueOf(course.row().side()),
                course.row().dayZero(),
                course.row().surgeon(),
                course.course().resolved().answers(),
                Optional.ofNullable(course.row().revises()),
                "");
    }

    /** Signs a change. Refused when somebody else changed the referral since it was shown. */
    @Transactional
    void change(Staff staff, UUID courseId, ReferralForm form, LocalDate today) {
        ReadBack change = compare(staff, courseId, form, today);
        CourseRow stands = loader.load(staff.clinicId(), courseId).row();
        if (!Entered.id("replaces", form.text("replaces")).equals(stands.statementId())) {
            throw changedMeanwhile();
        }
        confirmSide(form, change.referral().side());
        if (change.referral().why().isEmpty()) {
            throw new FormProblem("why", "Say why it changes, such as 'corrected operation note of 3 April'.");
        }
        try {
            Signature signature = sign(staff, change.referral(), Optional.of(stands.statementId()), change.lines());
            changePatient(staff, stands, change.referral(), signature);
        } catch (DuplicateKeyException changed) {
            throw changedMeanwhile();
        }
    }

    /**
     * A surgeon's answer to a question that the referral left open.
     *
     * @param replaces the statement that was in sight
     */
    record Answer(String question, String value, UUID replaces) {}

    /** Signs an answer. Refused when it is answered already, or somebody else changed the referral since it was shown. */
    @Transactional
    void answer(Staff staff, UUID courseId, Answer answer, LocalDate today) {
        LoadedCourse course = loader.load(staff.clinicId(), courseId);
        Question question = course.on(today).course().resolved().unanswered().stream()
                .filter(each -> each.id().equals(answer.question()))
                .findFirst()
                .orElseThrow(() ->
                        new FormProblem("value", "This question is answered, or not asked. Open the list again."));
        if (!question.valueIds().contains(answer.value())) {
            throw new FormProblem("value", "Choose one of the answers.");
        }
        if (!answer.replaces().equals(course.row().statementId())) {
            throw changedMeanwhile();
        }
        Referral before = current(course);
        Referral now = before.answering(
                before.answers().with(answer.question(), answer.value()),
                "answered by " + staff.name() + " on the list");
        try {
            sign(
                    staff,
                    now,
                    Optional.of(answer.replaces()),
                    ReferralWords.compared(
                            ReferralWords.lines(course.protocol(), before),
                            ReferralWords.lines(course.protocol(), now)));
        } catch (DuplicateKeyException changed) {
            throw changedMeanwhile();
        }
    }

    private static FormProblem changedMeanwhile() {
        return new FormProblem(
                "replaces",
                "Somebody changed this referral while you were looking at it. Nothing of"
                        + " yours was written; it still stands here. Compare it with what stands now and sign again.");
    }

    private void changePatient(Staff staff, CourseRow stands, Referral now, Signature signature) {
        boolean same = stands.patientName().equals(now.patientName())
                && stands.patientNumber().equals(now.number())
                && stands.birthDate().equals(now.birthDate());
        if (!same) {
            mapper.keepPatient(UUID.randomUUID(), stands.patientId(), signature.id());
            mapper.changePatient(stands.patientId(), staff.clinicId(), now);
        }
    }

    /** A number belongs to one patient of the clinic. */
    private void refuseTakenNumber(UUID clinicId, LoadedCourse course, Referral referral) {
        mapper.findPatient(clinicId, referral.number())
                .filter(other -> !other.id().equals(course.row().patientId()))
                .ifPresent(other -> {
                    throw new FormProblem(
                            "number",
                            "Found number " + referral.number()
                                    + ", which belongs to another patient. Check the number.");
                });
    }

    private Signature sign(Staff staff, Referral referral, Optional<UUID> replaces, List<ReferralWords.Line> lines) {
        Signature signature = Signature.of(
                referral.courseId(),
                replaces.isPresent() ? Signature.Kind.REFERRAL_CHANGE : Signature.Kind.REFERRAL,
                replaces.isPresent()
                        ? "The referral changes as shown: " + referral.why()
                        : "The referral as read back.",
                ReferralWords.evidence(lines),
                staff,
                clock.now());
        signatures.keep(signature);
        mapper.insertStatement(
                UUID.randomUUID(),
                replaces.orElse(null),
                referral,
                CourseLoader.json(referral.answers()),
                signature.id());
        return signature;
    }
}
