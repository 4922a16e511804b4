package waypost.app.message;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.app.entry.Sent;

/** What a patient agreed to be told, and what was sent. */
@Controller
class MessageController {

    private static final DateTimeFormatter AT = DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);

    private final CourseDoor door;
    private final Messages messages;
    private final SimulatedGateway simulated;

    MessageController(CourseDoor door, Messages messages, SimulatedGateway simulated) {
        this.door = door;
        this.messages = messages;
        this.simulated = simulated;
    }

    /** A message in words. */
    public record Line(String body, String at, String state) {}

    @GetMapping("/courses/{id}/home/messages")
    @PreAuthorize("hasAuthority('SEE_PATIENTS')")
    ModelAndView messages(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        OpenCourse open = door.open(staff, id);
        return page(open, messages.consent(open.course().row().id()), Map.of());
    }

    @PostMapping("/courses/{id}/home/messages")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView agree(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String channel,
            @RequestParam(defaultValue = "") String address) {
        OpenCourse open = door.open(staff, id);
        return Sent.answer(
                () -> {
                    messages.agree(staff, open.course().row().id(), Consent.read(channel, address));
                    return "redirect:/courses/" + id + "/home/messages";
                },
                problems -> page(open, new Consent(channel, address), problems));
    }

    private ModelAndView page(OpenCourse open, Consent consent, Map<String, String> problems) {
        return new ModelAndView("message/messages")
                .addObject("head", open.head())
                .addObject("consent", consent)
                .addObject(
                        "lines",
                        messages.last(open.course().row().id()).stream()
                                .map(MessageController::line)
                                .toList())
                .addObject("problems", problems);
    }

    private static Line line(MessageMapper.StandingRow row) {
        return new Line(
                row.body(),
                at(row.dueAt(), row.zone()),
                row.state().toLowerCase(Locale.ROOT).replace('_', ' '));
    }

    private static String at(Instant moment, String zone) {
        return AT.format(moment.atZone(ZoneId.of(zone)));
    }

    /** What the simulated carrier took, so that one sees what patients would get. */
    @GetMapping("/clinic/outbox")
    @PreAuthorize("hasAuthority('SET_EQUIPMENT')")
    ModelAndView outbox(@AuthenticationPrincipal Staff staff) {
        return new ModelAndView("message/outbox")
                .addObject("taken", messages.ofClinic(staff.clinicId(), simulated.outbox()));
    }
}
