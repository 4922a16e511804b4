package waypost.app.course;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.app.band.BandOrders;
import waypost.app.store.LoadedCourse;
import waypost.app.store.NotFoundException;
import waypost.core.course.Neighbours;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Ladder;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.library.words.BandNames;
import waypost.library.words.Said;
import waypost.library.words.SignWords;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Turns verdicts into ladders of signs, and one verdict into an opened rung. */
@Component
public class CoursePages {

    private static final String TESTS = "Tests";

    private final BandOrders bands;

    CoursePages(BandOrders bands) {
        this.bands = bands;
    }

    Ladders ladders(LoadedCourse course, Standing standing) {
        List<Verdict> spokenOf = standing.verdicts().stream()
                .filter(v -> course.course().speaksOf(activity(course, v.role())))
                .sorted(Comparator.comparingInt(v -> rung(activity(course, v.role()))))
                .toList();
        Map<String, List<Verdict>> byLadder = spokenOf.stream().collect(Collectors.groupingBy(v -> ladder(course, v)));
        List<Ladders.Row> rows = new ArrayList<>();
        List<String> titles = new ArrayList<>(
                course.bundle().ladders().stream().map(Ladder::title).toList());
        titles.add(TESTS);
        for (String title : titles) {
            List<Verdict> verdicts = byLadder.getOrDefault(title, List.of());
            if (!verdicts.isEmpty()) {
                rows.add(row(
                        title,
                        verdicts.stream().map(v -> sign(course, standing, v)).toList()));
            }
        }
        long open = spokenOf.stream().filter(v -> v.kind().isOpen()).count();
        return new Ladders(rows, open, spokenOf.size());
    }

    /** Tests have no order of their own: what may be measured today comes first. */
    private static Ladders.Row row(String title, List<Ladders.Sign> signs) {
        return title.equals(TESTS)
                ? Ladders.Row.unordered(
                        title,
                        signs.stream()
                                .sorted(Comparator.comparing(sign -> !sign.isOpen()))
                                .toList())
                : Ladders.Row.of(title, signs);
    }

    /** A verdict's sign. */
    public Ladders.Sign sign(LoadedCourse course, Standing standing, Verdict verdict) {
        Activity activity = activity(course, verdict.role());
        Role role = role(activity, verdict.role());
        return new Ladders.Sign(
                verdict.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                Terms.verdict(verdict.kind()),
                activity.title(),
                activity.roles().size() > 1 ? role.title() : "",
                SignWords.note(verdict, role, standing),
                verdict.role().toString());
    }

    RungPanel panel(LoadedCourse course, Standing standing, RoleKey key) {
        Activity activity = activity(course, key);
        Role role = role(activity, key);
        Verdict verdict = standing.verdict(key);
        BandNames names = bands.names(course.row().clinicId());
        Words words = Words.of(course.course().resolved());
        Ladders.Sign sign = sign(course, standing, verdict);
        List<Said> reasons = verdict.reasons().stream()
                .map(words::say)
                .map(said -> new Said(names.in(said.sentence()), names.in(said.change()), said.source()))
                .toList();
        if (activity instanceof Activity.Exercise exercise) {
            return new RungPanel(
                    sign,
                    dose(exercise.dose()),
                    names.in(load(verdict.reducedTo().orElse(role))),
                    Terms.progression(exercise.progression()),
                    course.course().resolved().pain().map(Words::say).orElse(""),
                    exercise.purpose().name().toLowerCase(Locale.ROOT),
                    exercise.harder(),
                    reasons,
                    beside(course, standing, verdict),
                    exercise.teaching().cues(),
                    exercise.teaching().faults(),
                    exercise.teaching().easier(),
                    exercise.teaching().stop(),
                    "");
        }
        Activity.Test test = (Activity.Test) activity;
        return new RungPanel(
                sign,
                "",
                "",
                "",
                "",
                "test",
                "",
                reasons,
                "",
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                test.alternative());
    }

    private static String beside(LoadedCourse course, Standing standing, Verdict verdict) {
        Neighbours neighbours = new Neighbours(standing);
        return verdict.kind().isOpen()
                ? neighbours
                        .next(verdict.role())
                        .map(next -> "Next on the ladder: " + title(course, next) + " ("
                                + Terms.verdict(standing.verdict(next).kind()) + ").")
                        .orElse("")
                : neighbours
                        .nearestOpen(verdict.role())
                        .map(open -> "Open meanwhile: " + title(course, open) + ".")
                        .orElse("");
    }

    private static String title(LoadedCourse course, RoleKey key) {
        Activity activity = activity(course, key);
        return activity.roles().size() > 1
                ? activity.title() + ", " + role(activity, key).title()
                : activity.title();
    }

    private static String load(Role role) {
        return role.demands().stream()
                .filter(Demand.Held.class::isInstance)
                .map(demand -> Terms.load(((Demand.Held) demand).load()))
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private static String dose(Dose dose) {
        String tempo = dose.tempo().map(t -> " · tempo " + t).orElse("");
        return dose.sets() + " × " + dose.amount() + tempo + " · " + dose.frequency();
    }

    private static Activity activity(LoadedCourse course, RoleKey key) {
        return course.bundle().findActivity(key.activity()).orElseThrow(NotFoundException::new);
    }

    private static Role role(Activity activity, RoleKey key) {
        Optional<Role> role = activity.roles().stream()
                .filter(r -> r.name().equals(key.role()))
                .findFirst();
        return role.orElseThrow(NotFoundException::new);
    }

    private static int rung(Activity activity) {
        return activity instanceof Activity.Exercise exercise ? exercise.rung() : 0;
    }

    private static String ladder(LoadedCourse course, Verdict verdict) {
        if (activity(course, verdict.role()) instanceof Activity.Exercise exercise) {
            return course.bundle().ladders().stream()
                    .filter(l -> l.id().equals(exercise.ladder()))
                    .map(Ladder::title)
                    .findFirst()
                    .orElseThrow();
        }
        return TESTS;
    }
}
