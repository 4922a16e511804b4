package waypost.app.rung;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.app.band.BandOrders;
import waypost.app.dial.Dials;
import waypost.app.rack.Signs;
import waypost.core.course.Neighbours;
import waypost.core.course.Standing;
import waypost.core.course.WaysOpen;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.question.Question;
import waypost.library.bundle.Bundle;
import waypost.library.words.BandNames;
import waypost.library.words.Dates;
import waypost.library.words.Said;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Opens a rung on a day. */
@Component
public class RungPanels {

    private final BandOrders bands;

    RungPanels(BandOrders bands) {
        this.bands = bands;
    }

    /** The panel of one role in the words of a clinic, as things are known on {@code today}. */
    public RungPanel panel(UUID clinicId, Bundle bundle, Standing standing, RoleKey key, LocalDate today) {
        Signs signs = new Signs(standing);
        Activity activity = signs.activity(key);
        Role role = signs.role(key);
        Verdict verdict = standing.verdict(key);
        BandNames names = bands.names(clinicId);
        Words words = Words.of(standing.course().resolved());
        Teach teach = Teach.of(activity);
        return new RungPanel(
                signs.of(verdict),
                role.title(),
                reasons(verdict, words, names),
                verdict.kind().isOpen() ? List.of() : opens(key, standing, today, words.dates()),
                new Dials(standing, bundle.measures()).of(role),
                teach.setUp(role),
                teach.figure(verdict.reducedTo().orElse(role), standing.facts().side()),
                teach.dose(),
                names.in(load(verdict.reducedTo().orElse(role))),
                teach.progression(),
                standing.course().resolved().pain().map(Words::say).orElse(""),
                teach.purpose(),
                teach.harder(),
                beside(signs, standing, verdict),
                teach.words(exercise -> exercise.teaching().cues()),
                teach.words(exercise -> exercise.teaching().faults()),
                teach.words(exercise -> exercise.teaching().easier()),
                teach.words(exercise -> exercise.teaching().stop()),
                teach.words(exercise -> exercise.teaching().equipment()),
                activity instanceof Activity.Test test ? test.alternative() : "");
    }

    private static List<Said> reasons(Verdict verdict, Words words, BandNames names) {
        return verdict.reasons().stream()
                .map(words::say)
                .map(said -> new Said(names.in(said.sentence()), names.in(said.change()), said.source()))
                .toList();
    }

    private static List<String> opens(RoleKey key, Standing standing, LocalDate today, Dates dates) {
        WaysOpen ways = WaysOpen.of(key, standing, today);
        List<String> opens = new ArrayList<>();
        ways.byTime().ifPresent(day -> opens.add("Time alone: " + dates.say(day) + "."));
        ways.toPlan()
                .filter(day -> !ways.byTime().map(day::equals).orElse(false))
                .ifPresent(day -> opens.add("If all goes to plan: " + dates.say(day) + "."));
        Map<Question, List<WaysOpen.Answer>> byQuestion =
                ways.byAnswer().stream().collect(Collectors.groupingBy(WaysOpen.Answer::question));
        byQuestion.forEach((question, answers) -> opens.add("The answer "
                + answers.stream()
                        .map(answer -> "“" + question.titleOf(answer.value()) + "”")
                        .collect(Collectors.joining(" or "))
                + " to: " + question.prompt()));
        if (opens.isEmpty()) {
            opens.add("Nothing that is written: only an order of the surgeon.");
        }
        return opens;
    }

    private static String beside(Signs signs, Standing standing, Verdict verdict) {
        Neighbours neighbours = new Neighbours(standing);
        return verdict.kind().isOpen()
                ? neighbours
                        .next(verdict.role())
                        .map(next -> "Next on the ladder: " + signs.title(next) + " ("
                                + Terms.verdict(standing.verdict(next).kind()) + ").")
                        .orElse("")
                : neighbours
                        .nearestOpen(verdict.role())
                        .map(open -> "Open meanwhile: " + signs.title(open) + ".")
                        .orElse("");
    }

    private static String load(Role role) {
        return role.demands().stream()
                .filter(Demand.Held.class::isInstance)
                .map(demand -> Terms.load(((Demand.Held) demand).load()))
                .distinct()
                .collect(Collectors.joining(", "));
    }
}
