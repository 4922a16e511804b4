package waypost.app.shelf;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import waypost.app.account.Staff;
import waypost.app.map.CourseMaps;
import waypost.app.map.Scale;
import waypost.app.rack.Ahead;
import waypost.app.rack.RackForm;
import waypost.app.rack.Racks;
import waypost.app.rung.RungPanel;
import waypost.app.rung.RungPanels;
import waypost.app.shell.ClinicClock;
import waypost.app.shell.Here;
import waypost.app.store.Bundles;
import waypost.app.store.NotFoundException;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.review.ReviewSheets;
import waypost.library.words.Dates;
import waypost.library.words.SignWords;
import waypost.library.words.Words;
import waypost.library.words.WrittenWords;

/** The shelf, and one protocol read on the map under any answers. */
@Controller
class ShelfController {

    private static final String ANSWER = "answer.";

    private final Bundles bundles;
    private final CourseMaps maps;
    private final Racks racks;
    private final RungPanels panels;
    private final LintFindings findings;
    private final ClinicClock clock;

    ShelfController(
            Bundles bundles,
            CourseMaps maps,
            Racks racks,
            RungPanels panels,
            LintFindings findings,
            ClinicClock clock) {
        this.bundles = bundles;
        this.maps = maps;
        this.racks = racks;
        this.panels = panels;
        this.findings = findings;
        this.clock = clock;
    }

    @GetMapping("/shelf")
    String shelf(Model model) {
        List<Protocol> protocols = bundles.shipped().protocols();
        model.addAttribute("areas", ShelfRow.of(protocols));
        model.addAttribute(
                "protocols",
                protocols.stream().sorted(Comparator.comparing(Protocol::title)).toList());
        return "shelf/shelf";
    }

    @GetMapping("/shelf/{id}")
    String protocol(
            @AuthenticationPrincipal Staff staff,
            @PathVariable String id,
            @RequestParam Optional<LocalDate> dayZero,
            @RequestParam Optional<LocalDate> on,
            @RequestParam(defaultValue = "WHOLE") Scale scale,
            @RequestParam Optional<RoleKey> rung,
            @RequestParam Map<String, String> all,
            RackForm form,
            Model model) {
        ShelfCourse read = read(id, dayZero.orElse(clock.today(staff)), all);
        LocalDate start = read.course().resolved().dayZero();
        Standing standing = read.on(on.orElse(start));
        Bundle bundle = read.bundle();
        model.addAttribute("protocol", read.protocol());
        model.addAttribute("answers", read.answers());
        model.addAttribute("dayZero", start);
        model.addAttribute("standing", standing);
        model.addAttribute("counted", Dates.bothCountings(standing.day()));
        model.addAttribute("here", here(read, standing, scale));
        model.addAttribute("map", maps.map(standing, bundle, List.of(), read.known(), scale));
        model.addAttribute(
                "rack",
                racks.rack(
                        new Racks.Wanted(standing, bundle.ladders(), read.known(), Optional.empty(), form.filter())));
        model.addAttribute("panel", rung.map(key -> panel(staff, read, standing, key)));
        model.addAttribute("lineSaid", SignWords.date(standing.date()));
        model.addAttribute("sheet", ReviewSheets.of(read.protocol(), bundle));
        model.addAttribute(
                "parts",
                new WrittenWords(read.protocol(), bundle.measures()).parts().toList());
        model.addAttribute("findings", findings.of(bundle, read.protocol()));
        model.addAttribute(
                "pain", standing.course().resolved().pain().map(Words::say).orElse(""));
        return "shelf/protocol";
    }

    @GetMapping("/shelf/{id}/ahead")
    @ResponseBody
    Ahead ahead(
            @AuthenticationPrincipal Staff staff,
            @PathVariable String id,
            @RequestParam Optional<LocalDate> dayZero,
            @RequestParam Map<String, String> all) {
        ShelfCourse read = read(id, dayZero.orElse(clock.today(staff)), all);
        return Ahead.of(read.course(), read.known(), Outlook.TO_PLAN);
    }

    @GetMapping("/shelf/{id}/rungs/{activity}/{role}")
    String rung(
            @AuthenticationPrincipal Staff staff,
            @PathVariable String id,
            @PathVariable String activity,
            @PathVariable String role,
            @RequestParam Optional<LocalDate> dayZero,
            @RequestParam Optional<LocalDate> on,
            @RequestParam Map<String, String> all,
            Model model) {
        ShelfCourse read = read(id, dayZero.orElse(clock.today(staff)), all);
        Standing standing = read.on(on.orElse(read.course().resolved().dayZero()));
        model.addAttribute("panel", Optional.of(panel(staff, read, standing, new RoleKey(activity, role))));
        return "course/rung :: rung";
    }

    private RungPanel panel(Staff staff, ShelfCourse read, Standing standing, RoleKey key) {
        return panels.panel(staff.clinicId(), read.bundle(), standing, key, read.known());
    }

    private ShelfCourse read(String id, LocalDate dayZero, Map<String, String> all) {
        Bundle bundle = bundles.shipped();
        Protocol protocol = bundle.findProtocol(id).orElseThrow(NotFoundException::new);
        return ShelfCourse.of(bundle, protocol, ShelfCourse.answers(protocol, all, ANSWER), dayZero);
    }

    private static Here here(ShelfCourse read, Standing standing, Scale scale) {
        Map<String, String> query = new TreeMap<>(read.parameters(ANSWER));
        query.put("dayZero", read.course().resolved().dayZero().toString());
        query.put("on", standing.date().toString());
        query.put("scale", scale.name());
        return new Here("/shelf/" + read.protocol().id(), query);
    }
}
