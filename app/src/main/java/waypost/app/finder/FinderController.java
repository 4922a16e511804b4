package waypost.app.finder;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import waypost.app.account.Staff;
import waypost.app.store.Bundles;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Ladder;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;

/** The finder; always a POST, so that no patient's name stands in an address. */
@Controller
class FinderController {

    private static final int MOST = 8;
    private static final int MOST_PEOPLE = 50;
    private static final int FEWEST_LETTERS = 2;

    private final PatientFinder patients;
    private final Bundles bundles;

    FinderController(PatientFinder patients, Bundles bundles) {
        this.patients = patients;
        this.bundles = bundles;
    }

    /** The page, or while somebody types only what was found. */
    @PostMapping("/finder")
    String find(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String wanted,
            @RequestHeader(name = "HX-Target", defaultValue = "") String target,
            Model model) {
        boolean typing = target.equals("found-now");
        boolean enough = wanted.strip().length() >= FEWEST_LETTERS;
        model.addAttribute("found", typing && !enough ? nothing(wanted) : found(staff, wanted, typing));
        return typing ? "finder/found :: groups" : "finder/found";
    }

    private static Found nothing(String wanted) {
        return new Found(wanted, List.of(), List.of(), List.of());
    }

    private Found found(Staff staff, String wanted, boolean few) {
        Bundle bundle = bundles.shipped();
        List<PatientFinder.Found> people = patients.find(staff, wanted, few ? MOST : MOST_PEOPLE);
        if (wanted.isBlank()) {
            return new Found(wanted, people, List.of(), List.of());
        }
        Map<String, String> ladders = bundle.ladders().stream().collect(Collectors.toMap(Ladder::id, Ladder::title));
        long most = few ? MOST : Long.MAX_VALUE;
        return new Found(
                wanted,
                people,
                matching(bundle.protocols().stream(), Protocol::title, wanted)
                        .map(p -> new Found.Entry(p.id(), p.title(), "protocol " + p.version()))
                        .limit(most)
                        .toList(),
                matching(bundle.activities().stream(), Activity::title, wanted)
                        .map(a -> new Found.Entry(a.id(), a.title(), beside(a, ladders)))
                        .limit(most)
                        .toList());
    }

    private static <T> Stream<T> matching(Stream<T> all, Function<T, String> title, String wanted) {
        String[] words = wanted.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return all.filter(one -> Stream.of(words).allMatch(title.apply(one).toLowerCase(Locale.ROOT)::contains));
    }

    private static String beside(Activity activity, Map<String, String> ladders) {
        return activity instanceof Activity.Exercise exercise
                ? ladders.getOrDefault(exercise.ladder(), "") + ", rung " + exercise.rung()
                : "test";
    }
}
