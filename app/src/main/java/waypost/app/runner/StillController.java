package waypost.app.runner;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ThreadLocalRandom;
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
import waypost.app.entry.Entered;
import waypost.app.measure.HowTaken;
import waypost.app.measure.ReadingEntry;
import waypost.core.body.Mode;
import waypost.core.measure.Measure;
import waypost.core.runner.HoldsStill;
import waypost.library.bundle.Bundle;
import waypost.library.words.Words;

/** Small pushes called at random, position by position, and whether the arm held still. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class StillController {

    private final CourseDoor door;
    private final ReadingEntry readings;

    StillController(CourseDoor door, ReadingEntry readings) {
        this.door = door;
        this.readings = readings;
    }

    /** A position on the page; what closes it, or its pushes. */
    record Line(String title, String closed, List<String> pushes) {}

    @GetMapping("/courses/{id}/still")
    ModelAndView still(@AuthenticationPrincipal Staff staff, @PathVariable UUID id) {
        return page(door.open(staff, id), "");
    }

    private static ModelAndView page(OpenCourse open, String problem) {
        Words words = Words.of(open.standing().course().resolved());
        long seed = ThreadLocalRandom.current().nextLong();
        List<Line> lines = new ArrayList<>();
        for (HoldsStill.Position position : of(open).positions()) {
            lines.add(
                    position.isOpen()
                            ? new Line(position.title(), "", position.pushes(seed + lines.size()))
                            : new Line(position.title(), words.why(position.verdict()), List.of()));
        }
        return new ModelAndView("runner/still")
                .addObject("head", open.head())
                .addObject("entryId", UUID.randomUUID())
                .addObject("lines", lines)
                .addObject(
                        "anyOpen", lines.stream().anyMatch(line -> line.closed().isEmpty()))
                .addObject("problem", problem);
    }

    private static HoldsStill of(OpenCourse open) {
        return HoldsStill.of(open.standing(), open.course().bundle().shapes());
    }

    @PostMapping("/courses/{id}/still")
    @PreAuthorize("hasAuthority('RECORD')")
    ModelAndView keep(
            @AuthenticationPrincipal Staff staff,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String answers) {
        OpenCourse open = door.open(staff, id);
        Bundle bundle = open.course().bundle();
        Optional<Measure> measure = bundle.findMeasure(HoldsStill.MEASURE);
        HoldsStill asked = of(open);
        if (measure.isEmpty() || asked.open().isEmpty()) {
            return page(open, "No position is open today: nothing was kept.");
        }
        List<List<HoldsStill.Answer>> answered;
        try {
            answered = HoldsStill.answers(answers);
        } catch (IllegalArgumentException unreadable) {
            return page(open, unreadable.getMessage() + ".");
        }
        if (answered.size() != asked.open().size()) {
            return page(
                    open,
                    "Found " + answered.size() + " positions, " + asked.open().size()
                            + " are open: go through all of them.");
        }
        boolean still = asked.isStill(answered);
        readings.add(staff, open.course(), value(open, Entered.id("entryId", entryId), measure.get(), still, answered));
        return new ModelAndView("redirect:/courses/" + id + "/measures/readings");
    }

    private static ReadingEntry.Value value(
            OpenCourse open, UUID entry, Measure measure, boolean still, List<List<HoldsStill.Answer>> answered) {
        return new ReadingEntry.Value(
                ReadingEntry.idFor(entry, measure),
                measure,
                open.standing().facts().side(),
                Mode.ACTIVE,
                measure.amount(still ? 1 : 0),
                open.today(),
                true,
                HowTaken.worked(counted(answered), HowTaken.Source.SHEET));
    }

    /** "12 of 12, 10 of 12 still". */
    private static String counted(List<List<HoldsStill.Answer>> answered) {
        return String.join(
                        ", ",
                        answered.stream()
                                .map(position -> position.stream()
                                                .filter(each -> each == HoldsStill.Answer.STILL)
                                                .count()
                                        + " of " + position.size())
                                .toList())
                + " still";
    }
}
