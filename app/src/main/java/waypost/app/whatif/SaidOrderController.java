package waypost.app.whatif;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.course.CourseDoor;
import waypost.app.course.OpenCourse;
import waypost.library.paper.OrderPart;
import waypost.library.paper.OrderReading;

/** Reads what a surgeon said as orders that can be tried; nothing is written here. */
@Controller
class SaidOrderController {

    private static final int LONGEST = 500;
    private static final String IS = "=";

    private final CourseDoor door;

    SaidOrderController(CourseDoor door) {
        this.door = door;
    }

    /** A part as the page shows it; what it is not stays blank or empty. */
    record Line(
            String said,
            String kind,
            String says,
            String what,
            String allow,
            String from,
            String last,
            String key,
            List<Choice> choices) {}

    /** An answer to choose. */
    record Choice(String id, String label) {}

    @PostMapping("/courses/{id}/what-if/said")
    @PreAuthorize("hasAuthority('SEE_PATIENTS')")
    ModelAndView said(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") List<String> answered) {
        OpenCourse open = door.open(staff, id);
        Map<String, String> answers = new HashMap<>();
        for (String each : answered) {
            int at = each.lastIndexOf(IS);
            if (at > 0) {
                answers.put(each.substring(0, at), each.substring(at + IS.length()));
            }
        }
        String said = words.length() > LONGEST ? words.substring(0, LONGEST) : words;
        List<Line> lines = OrderReading.of(said, open.standing(), open.course().bundle(), answers).stream()
                .map(SaidOrderController::line)
                .toList();
        return new ModelAndView("whatif/said")
                .addObject("head", open.head())
                .addObject("words", said)
                .addObject("answered", answered)
                .addObject("lines", lines);
    }

    private static Line line(OrderPart part) {
        if (part instanceof OrderPart.Order order) {
            String last = order.last().map(Object::toString).orElse("");
            return new Line(
                    order.said(),
                    "order",
                    order.says(),
                    order.what(),
                    order.allow(),
                    order.from().toString(),
                    last,
                    "",
                    List.of());
        }
        if (part instanceof OrderPart.Asks asks) {
            List<Choice> choices = asks.choices().stream()
                    .map(choice -> new Choice(choice.id(), choice.label()))
                    .toList();
            return notYet(asks.said(), "asks", asks.asks(), asks.key() + IS, choices);
        }
        String says = part instanceof OrderPart.ChangesNothing nothing
                ? nothing.says()
                : "Not understood: " + ((OrderPart.Unread) part).unknown()
                        + ". Choose the rule below by hand, or write it otherwise.";
        return notYet(part.said(), "open", says, "", List.of());
    }

    private static Line notYet(String said, String kind, String says, String key, List<Choice> choices) {
        return new Line(said, kind, says, "", "", "", "", key, choices);
    }
}
