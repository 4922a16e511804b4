package waypost.app.usual;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.Sent;
import waypost.app.store.ClinicProtocols;
import waypost.core.protocol.Protocol;

/** What surgeons usually say, seen by all and set by those who may sign for it. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class UsualController {

    private static final String ANSWER = "answer.";
    private static final String HERE = "redirect:/surgeons";

    private final UsualAnswers usual;
    private final ClinicProtocols protocols;

    UsualController(UsualAnswers usual, ClinicProtocols protocols) {
        this.usual = usual;
        this.protocols = protocols;
    }

    /**
     * Something usual in words.
     *
     * @param says its answers, a line each
     */
    public record Line(String surgeon, String protocolId, String protocol, List<String> says, String setBy) {}

    @GetMapping("/surgeons")
    ModelAndView page(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String surgeon,
            @RequestParam(defaultValue = "") String protocol) {
        return page(staff, surgeon, protocol, Map.of());
    }

    private ModelAndView page(Staff staff, String surgeon, String protocol, Map<String, String> answers) {
        List<Protocol> offered = protocols.offered(staff.clinicId());
        Map<String, Protocol> byId = offered.stream().collect(Collectors.toMap(Protocol::id, Function.identity()));
        Optional<Protocol> chosen = Optional.ofNullable(byId.get(protocol));
        Map<String, String> shown = answers.isEmpty() ? standing(staff, surgeon, protocol) : answers;
        return new ModelAndView("usual/surgeons")
                .addObject(
                        "lines",
                        usual.all(staff.clinicId()).stream()
                                .filter(each -> byId.containsKey(each.protocol()))
                                .map(each -> line(each, byId))
                                .toList())
                .addObject("offered", offered)
                .addObject("surgeon", surgeon)
                .addObject("protocol", chosen.map(Protocol::id).orElse(""))
                .addObject(
                        "questions", chosen.map(UsualAnswers::leftToTheSurgeon).orElse(List.of()))
                .addObject("answers", shown)
                .addObject("entryId", UUID.randomUUID())
                .addObject("problems", Map.of());
    }

    private Map<String, String> standing(Staff staff, String surgeon, String protocol) {
        return usual.of(staff.clinicId(), surgeon).stream()
                .filter(each -> each.protocol().equals(protocol))
                .findFirst()
                .map(Usual::answers)
                .orElse(Map.of());
    }

    private static Line line(Usual usual, Map<String, Protocol> byId) {
        Optional<Protocol> protocol = Optional.ofNullable(byId.get(usual.protocol()));
        List<String> says = protocol.map(UsualAnswers::leftToTheSurgeon).orElse(List.of()).stream()
                .filter(question -> !usual.of(question.id()).isEmpty())
                .map(question -> question.prompt() + " " + question.titleOf(usual.of(question.id())))
                .toList();
        return new Line(
                usual.surgeon(),
                usual.protocol(),
                protocol.map(Protocol::title).orElse(usual.protocol()),
                says,
                usual.setBy());
    }

    /** Sets it. Sent twice, it is set once. */
    @PostMapping("/surgeons")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView set(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String surgeon,
            @RequestParam(defaultValue = "") String protocol,
            @RequestParam Map<String, String> fields) {
        Map<String, String> answers = new LinkedHashMap<>();
        fields.forEach((field, value) -> {
            if (field.startsWith(ANSWER)) {
                answers.put(field.substring(ANSWER.length()), value);
            }
        });
        return Sent.answer(
                () -> {
                    usual.set(staff, Entered.id("entryId", entryId), surgeon, protocol, answers);
                    return HERE;
                },
                problems -> page(staff, surgeon, protocol, answers));
    }

    @PostMapping("/surgeons/end")
    @PreAuthorize("hasAuthority('PUBLISH')")
    ModelAndView end(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String surgeon,
            @RequestParam(defaultValue = "") String protocol) {
        return Sent.answer(
                () -> {
                    usual.end(staff, Entered.id("entryId", entryId), surgeon, protocol);
                    return HERE;
                },
                problems -> page(staff, surgeon, protocol, Map.of()));
    }
}
