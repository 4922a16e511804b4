package waypost.app.event;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import waypost.app.store.LoadedCourse;
import waypost.core.body.Motion;
import waypost.library.bundle.Word;
import waypost.library.words.Dates;

/** What happened to the limb, what was narrowed, and the end of the course: one page, a form each. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class EventController {

    private final Events events;
    private final Narrowed narrowed;
    private final CourseDoor door;

    EventController(Events events, Narrowed narrowed, CourseDoor door) {
        this.events = events;
        this.narrowed = narrowed;
        this.door = door;
    }

    @GetMapping("/courses/{id}/events")
    ModelAndView events(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(staff, id);
    }

    @PostMapping("/courses/{id}/events")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String eventId,
            @RequestParam(defaultValue = "") String what,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String words) {
        return attempt(staff, id, "event", () -> events.keep(staff, id, new Events.Told(eventId, what, on, words)));
    }

    @PostMapping("/courses/{id}/events/{eventId}/looked")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView looked(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID eventId,
            @RequestParam(defaultValue = "") String on,
            @RequestParam(defaultValue = "") String found) {
        return attempt(staff, id, "looked", () -> events.looked(staff, id, eventId, on, found));
    }

    @PostMapping("/courses/{id}/events/{eventId}/withdrawal")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView withdraw(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID eventId,
            @RequestParam(defaultValue = "") String why) {
        return attempt(staff, id, "withdraw", () -> events.withdraw(staff, id, eventId, why));
    }

    @PostMapping("/courses/{id}/narrowings")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView narrow(@AuthenticationPrincipal Staff staff, @PathVariable UUID id, Narrowed.Typed typed) {
        return attempt(staff, id, "narrow", () -> narrowed.keep(staff, id, typed));
    }

    @PostMapping("/courses/{id}/narrowings/{narrowingId}/withdrawal")
    @PreAuthorize("hasAuthority('HOLD')")
    ModelAndView takeBack(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @PathVariable UUID narrowingId,
            @RequestParam(defaultValue = "") String why) {
        return attempt(staff, id, "take-back", () -> narrowed.takeBack(staff, id, narrowingId, why));
    }

    @PostMapping("/courses/{id}/end")
    @PreAuthorize("hasAuthority('SIGN')")
    ModelAndView end(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String endedOn,
            @RequestParam(defaultValue = "") String endWhy) {
        return attempt(staff, id, "end", () -> events.end(staff, id, endedOn, endWhy));
    }

    private ModelAndView attempt(Staff staff, UUID id, String form, Runnable writing) {
        return Sent.answer(
                () -> {
                    writing.run();
                    return "redirect:/courses/" + id + "/events";
                },
                problems -> page(staff, id).addObject("refused", form));
    }

    private ModelAndView page(Staff staff, UUID id) {
        OpenCourse open = door.open(staff, id);
        LoadedCourse course = open.course();
        EventLines lines = new EventLines(course);
        return new ModelAndView("event/events")
                .addObject("head", open.head())
                .addObject("events", lines.happened())
                .addObject("narrowings", lines.narrower())
                .addObject("clocks", course.protocol().eventClocks())
                .addObject("motions", motions(course))
                .addObject("limits", course.protocol().limits())
                .addObject("ended", Optional.ofNullable(course.row().endedOn()).map(Dates::say))
                .addObject("today", open.today())
                .addObject("newEventId", UUID.randomUUID())
                .addObject("newNarrowingId", UUID.randomUUID())
                .addObject("problems", Map.of())
                .addObject("refused", "");
    }

    /** The motions of the operated joints, by name. */
    private static List<String> motions(LoadedCourse course) {
        return Arrays.stream(Motion.values())
                .filter(motion -> course.course().resolved().region().joints().contains(motion.joint()))
                .map(Word::of)
                .toList();
    }
}
