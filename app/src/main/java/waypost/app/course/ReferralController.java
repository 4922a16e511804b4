package waypost.app.course;

import jakarta.servlet.http.HttpSession;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.PasswordFreshness;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.store.ClinicProtocols;
import waypost.app.store.CourseRow;
import waypost.app.store.LoadedCourse;
import waypost.app.usual.Usual;
import waypost.app.usual.UsualAnswers;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;
import waypost.core.time.DayZero;
import waypost.library.bundle.Bundle;

/** Entering a referral: type it, read it back with the side again, sign it; and changing it the same way. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ReferralController {

    private static final String BESIDE = "beside";

    private final Referrals referrals;
    private final ClinicProtocols protocols;
    private final CourseDoor door;
    private final PasswordFreshness freshness;
    private final AskedInOrder asked;
    private final UsualAnswers usual;

    ReferralController(
            Referrals referrals,
            ClinicProtocols protocols,
            CourseDoor door,
            PasswordFreshness freshness,
            AskedInOrder asked,
            UsualAnswers usual) {
        this.referrals = referrals;
        this.protocols = protocols;
        this.door = door;
        this.freshness = freshness;
        this.asked = asked;
        this.usual = usual;
    }

    @GetMapping("/courses/new")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView blank(@AuthenticationPrincipal Staff staff, @RequestParam Optional<UUID> beside) {
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        entered.set("courseId", UUID.randomUUID().toString());
        beside.map(id -> door.look(staff, id, "new course").course().row()).ifPresent(row -> {
            entered.set(BESIDE, row.id().toString());
            entered.set("patientName", row.patientName());
            entered.set("birthDate", row.birthDate().toString());
            entered.set("number", row.patientNumber());
        });
        return blank(staff, entered);
    }

    /**
     * The same form with the questions of the protocol that was chosen, and what the surgeon usually says filled in where nothing
     * is said yet; nothing is written.
     */
    @PostMapping("/courses/questions")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView questions(@AuthenticationPrincipal Staff staff, @RequestParam MultiValueMap<String, String> entered) {
        List<Usual> ofSurgeon = usual.of(staff.clinicId(), Objects.requireNonNullElse(entered.getFirst("surgeon"), ""));
        UsualFilled.fill(
                entered,
                ofSurgeon.stream()
                        .filter(each -> each.protocol().equals(entered.getFirst("protocol")))
                        .findFirst()
                        .orElse(Usual.NONE));
        return blank(staff, entered).addObject("usually", usually(staff, ofSurgeon));
    }

    /** The protocols that are usual for a surgeon, by title. */
    private List<String> usually(Staff staff, List<Usual> ofSurgeon) {
        List<String> ids = ofSurgeon.stream().map(Usual::protocol).toList();
        return ids.isEmpty()
                ? List.of()
                : protocols.offered(staff.clinicId()).stream()
                        .filter(protocol -> ids.contains(protocol.id()))
                        .map(Protocol::title)
                        .toList();
    }

    @PostMapping("/courses/check")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView check(
            @AuthenticationPrincipal Staff staff,
            @RequestParam MultiValueMap<String, String> entered,
            HttpSession session) {
        try {
            Referrals.ReadBack readBack = referrals.readBack(staff, new ReferralForm(entered), door.today(staff));
            return readBack("/courses", readBack, entered, session);
        } catch (FormProblem problem) {
            return blankAgain(staff, entered, problem);
        }
    }

    @PostMapping("/courses")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView open(
            @AuthenticationPrincipal Staff staff,
            @RequestParam MultiValueMap<String, String> entered,
            HttpSession session) {
        LocalDate today = door.today(staff);
        try {
            ReferralForm form = new ReferralForm(entered);
            form.read(protocols.bundleOf(staff.clinicId(), form.text("protocol")), today);
            freshness.require(session, staff, form.text("password"));
            return new ModelAndView("redirect:/courses/" + referrals.open(staff, form, today));
        } catch (FormProblem problem) {
            if (problem.byField().keySet().stream().noneMatch(f -> f.equals("sideAgain") || f.equals("password"))) {
                return blankAgain(staff, entered, problem);
            }
            Referrals.ReadBack readBack = referrals.readBack(staff, new ReferralForm(entered), today);
            return refused(readBack("/courses", readBack, entered, session), problem);
        }
    }

    @GetMapping("/courses/{id}/referral")
    ModelAndView current(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        LoadedCourse course = door.open(staff, id).course();
        return change(staff, course, entered(course));
    }

    /** The form with the answers that were tried; nothing is written. */
    @PostMapping("/courses/{id}/referral/tried")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView tried(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> answers) {
        LoadedCourse course = door.open(staff, id).course();
        MultiValueMap<String, String> entered = entered(course);
        for (Question question : course.protocol().questions()) {
            String field = ReferralForm.ANSWER + question.id();
            String value = answers.getFirst(field);
            if (value != null && !value.isEmpty()) {
                entered.remove(field);
                if (question.valueIds().contains(value)) {
                    entered.add(field, value);
                }
            }
        }
        return change(staff, course, entered);
    }

    @PostMapping("/courses/{id}/referral/check")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView compare(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> entered,
            HttpSession session) {
        LoadedCourse course = door.open(staff, id).course();
        try {
            Referrals.ReadBack readBack = referrals.compare(staff, id, new ReferralForm(entered), door.today(staff));
            return withHead(staff, course, readBack("/courses/" + id + "/referral", readBack, entered, session));
        } catch (FormProblem problem) {
            return refused(change(staff, course, entered), problem);
        }
    }

    @PostMapping("/courses/{id}/referral")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView sign(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam MultiValueMap<String, String> entered,
            HttpSession session) {
        LocalDate today = door.today(staff);
        ReferralForm form = new ReferralForm(entered);
        try {
            Referrals.ReadBack shown = referrals.compare(staff, id, form, today);
            try {
                freshness.require(session, staff, form.text("password"));
                referrals.change(staff, id, form, today);
                return new ModelAndView("redirect:/courses/" + id);
            } catch (FormProblem problem) {
                LoadedCourse course = door.open(staff, id).course();
                ModelAndView page = readBack("/courses/" + id + "/referral", shown, entered, session);
                return withHead(staff, course, refused(page, problem))
                        .addObject("replacesNow", course.row().statementId());
            }
        } catch (FormProblem unreadable) {
            return refused(change(staff, door.open(staff, id).course(), entered), unreadable);
        }
    }

    private ModelAndView form(MultiValueMap<String, String> entered, Optional<Protocol> protocol, Bundle bundle) {
        return new ModelAndView("course/referral")
                .addObject("entered", entered)
                .addObject("protocol", protocol.orElse(null))
                .addObject("filled", UsualFilled.standing(entered))
                .addObject("questions", protocol.map(p -> asked.of(p, bundle)).orElse(List.of()))
                .addObject(
                        "labels",
                        ReferralLabels.of(protocol.map(Protocol::clock).orElse(DayZero.SURGERY)))
                .addObject("action", "/courses/check");
    }

    private ModelAndView blank(Staff staff, MultiValueMap<String, String> entered) {
        List<Protocol> offered = protocols.offered(staff.clinicId());
        Optional<Protocol> chosen = offered.stream()
                .filter(protocol -> protocol.id().equals(entered.getFirst("protocol")))
                .findFirst();
        String id = chosen.map(Protocol::id).orElse("");
        return form(entered, chosen, protocols.bundleOf(staff.clinicId(), id))
                .addObject("choices", ProtocolChoice.of(offered))
                .addObject("others", others(staff, Objects.requireNonNullElse(entered.getFirst(BESIDE), "")));
    }

    /** The courses of the patient beside one of whose a second one is opened. */
    private List<CourseRow> others(Staff staff, String beside) {
        return beside.isBlank()
                ? List.of()
                : door.open(staff, Entered.id(BESIDE, beside)).course().patient();
    }

    private ModelAndView blankAgain(Staff staff, MultiValueMap<String, String> entered, FormProblem problem) {
        return refused(blank(staff, entered), problem);
    }

    private ModelAndView change(Staff staff, LoadedCourse course, MultiValueMap<String, String> entered) {
        ModelAndView page = form(entered, Optional.of(course.protocol()), course.bundle())
                .addObject("action", "/courses/" + course.row().id() + "/referral/check");
        return withHead(staff, course, page);
    }

    private ModelAndView withHead(Staff staff, LoadedCourse course, ModelAndView page) {
        return page.addObject("head", door.open(staff, course.row().id()).head());
    }

    private ModelAndView readBack(
            String action, Referrals.ReadBack readBack, MultiValueMap<String, String> entered, HttpSession session) {
        return new ModelAndView("course/read-back")
                .addObject("action", action)
                .addObject("lines", readBack.lines())
                .addObject("filled", UsualFilled.standing(entered))
                .addObject("entered", entered)
                .addObject("askPassword", freshness.mustAsk(session));
    }

    private static ModelAndView refused(ModelAndView page, FormProblem problem) {
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page.addObject("problems", problem.byField());
    }

    private static MultiValueMap<String, String> entered(LoadedCourse course) {
        Referral now = Referrals.current(course);
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        entered.set("courseId", now.courseId().toString());
        entered.set("replaces", course.row().statementId().toString());
        entered.set("patientName", now.patientName());
        entered.set("birthDate", now.birthDate().toString());
        entered.set("number", now.number());
        entered.set("protocol", now.protocol());
        entered.set("operation", now.operation());
        entered.set("side", now.side().name().toLowerCase(java.util.Locale.ROOT));
        entered.set("dayZero", now.dayZero().toString());
        entered.set("surgeon", now.surgeon());
        now.answers().stated().forEach((q, values) -> values.forEach(v -> entered.add(ReferralForm.ANSWER + q, v)));
        return entered;
    }
}
