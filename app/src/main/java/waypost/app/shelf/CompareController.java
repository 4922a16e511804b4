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
import org.springframework.web.bind.annotation.RequestParam;
import waypost.app.account.Staff;
import waypost.app.difference.ComparePage;
import waypost.app.difference.DifferencePage;
import waypost.app.map.ComparisonMaps;
import waypost.app.map.Scale;
import waypost.app.rack.Signs;
import waypost.app.shell.ClinicClock;
import waypost.app.shell.Here;
import waypost.app.store.BundleVersion;
import waypost.app.store.Bundles;
import waypost.app.store.NotFoundException;
import waypost.core.compare.Comparison;
import waypost.core.compare.Difference;
import waypost.core.course.Standing;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** Two protocols, two versions of one, or one under two sets of answers, on one ruler. */
@Controller
class CompareController {

    private final Bundles bundles;
    private final ComparisonMaps maps;
    private final ClinicClock clock;

    CompareController(Bundles bundles, ComparisonMaps maps, ClinicClock clock) {
        this.bundles = bundles;
        this.maps = maps;
        this.clock = clock;
    }

    /**
     * One of the two as the form shows it.
     *
     * @param versions the published bundles that hold the protocol
     */
    record Chosen(
            String side,
            String name,
            Protocol protocol,
            String bundle,
            ShelfCourse read,
            List<BundleVersion> versions) {}

    @GetMapping("/shelf/compare")
    String compare(
            @AuthenticationPrincipal Staff staff,
            @RequestParam String left,
            @RequestParam String right,
            @RequestParam Optional<LocalDate> dayZero,
            @RequestParam Optional<LocalDate> on,
            @RequestParam(defaultValue = "WHOLE") Scale scale,
            @RequestParam Map<String, String> all,
            Model model) {
        LocalDate start = dayZero.orElse(clock.today(staff));
        Chosen one = chosen("left", "A", left, start, all);
        Chosen other = chosen("right", "B", right, start, all);
        Standing here = one.read().on(on.orElse(start));
        Standing there = other.read().on(on.orElse(start));
        Comparison comparison = Comparison.of(one.read().course(), other.read().course());
        model.addAttribute("sides", List.of(one, other));
        model.addAttribute("protocols", protocols());
        model.addAttribute("dayZero", start);
        model.addAttribute("standing", here);
        model.addAttribute("page", ComparePage.of(comparison, new Signs(here), new Signs(there)));
        model.addAttribute("difference", DifferencePage.of(Difference.between(here, there)));
        model.addAttribute("here", here(one, other, here, scale));
        model.addAttribute(
                "map",
                maps.map(
                        comparison,
                        new ComparisonMaps.Part("A", here, one.read().bundle()),
                        new ComparisonMaps.Part("B", there, other.read().bundle()),
                        scale));
        return "shelf/compare";
    }

    private List<Protocol> protocols() {
        return bundles.shipped().protocols().stream()
                .sorted(Comparator.comparing(Protocol::title))
                .toList();
    }

    private Chosen chosen(String side, String name, String id, LocalDate dayZero, Map<String, String> all) {
        List<BundleVersion> versions = bundles.versions(id);
        String wanted = all.getOrDefault(side + "Bundle", "");
        Bundle bundle = wanted.isEmpty()
                ? bundles.shipped()
                : versions.stream()
                        .filter(version -> version.hash().equals(wanted))
                        .findFirst()
                        .map(version -> bundles.get(version.hash()))
                        .orElseThrow(NotFoundException::new);
        Protocol protocol = bundle.findProtocol(id).orElseThrow(NotFoundException::new);
        ShelfCourse read = ShelfCourse.of(bundle, protocol, ShelfCourse.answers(protocol, all, side + "."), dayZero);
        return new Chosen(side, name, protocol, bundle.hash(), read, versions);
    }

    private static Here here(Chosen one, Chosen other, Standing standing, Scale scale) {
        Map<String, String> query = new TreeMap<>();
        for (Chosen chosen : List.of(one, other)) {
            query.putAll(chosen.read().parameters(chosen.side() + "."));
            query.put(chosen.side(), chosen.protocol().id());
            query.put(chosen.side() + "Bundle", chosen.bundle());
        }
        query.putAll(Map.of(
                "dayZero", standing.course().resolved().dayZero().toString(),
                "on", standing.date().toString(),
                "scale", scale.name()));
        return new Here("/shelf/compare", query);
    }
}
