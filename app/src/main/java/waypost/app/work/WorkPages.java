package waypost.app.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;
import waypost.app.course.CourseHeads;
import waypost.app.plan.Block;
import waypost.app.plan.CurrentPlan;
import waypost.app.rack.Signs;
import waypost.app.store.SetRow;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Hold;
import waypost.core.progression.Proposal;
import waypost.library.words.Dates;
import waypost.library.words.PrescriptionWords;
import waypost.library.words.ProgressionWords;

/** Lays out a day's work. */
@Component
class WorkPages {

    private static final int WEEK = 7;

    private final CourseHeads heads;
    private final StopLog stops;

    WorkPages(CourseHeads heads, StopLog stops) {
        this.heads = heads;
        this.stops = stops;
    }

    /** The page with one card open: the wanted one, or the first of the plan that is not done. */
    WorkPage page(DayOfVisit day, Optional<RoleKey> wanted, boolean stay) {
        List<WorkPage.Item> items = items(day);
        Optional<RoleKey> open = wanted.filter(
                        role -> day.signs().knows(role) && day.signs().activity(role) instanceof Activity.Exercise)
                .or(() -> items.stream()
                        .filter(item -> item.asked() > 0 && !item.isDone())
                        .findFirst()
                        .or(() -> items.stream().findFirst())
                        .map(item -> RoleKey.of(item.role())));
        return new WorkPage(
                heads.head(day.course(), day.standing(), day.date()),
                items.stream().map(item -> marked(item, open)).toList(),
                open.map(role -> card(day, role, stay)),
                day.said().isPresent(),
                stopped(day),
                held(day, hold -> hold.kind() != Hold.Kind.RED_FLAG),
                day.visit().day().brake().map(ProgressionWords::brake).orElse(""),
                block(day.plan()),
                later(day),
                sums(day),
                others(day));
    }

    /** Back to the work with the card of a role open. */
    static ModelAndView at(UUID id, RoleKey role) {
        return new ModelAndView("redirect:"
                + UriComponentsBuilder.fromPath("/courses/" + id + "/work")
                        .queryParam("role", "{role}")
                        .build(role));
    }

    Card card(DayOfVisit day, RoleKey role, boolean stay) {
        return new Cards(day).of(role, stay);
    }

    private static WorkPage.Item marked(WorkPage.Item item, Optional<RoleKey> open) {
        boolean now = open.map(role -> role.toString().equals(item.role())).orElse(false);
        return new WorkPage.Item(
                item.role(), item.title(), item.dose(), item.way(), item.state(), item.done(), item.asked(), now);
    }

    List<WorkPage.Item> items(DayOfVisit day) {
        return day.plan().roles().stream()
                .map(role -> item(day, day.visit().proposal(role)))
                .toList();
    }

    private static WorkPage.Item item(DayOfVisit day, Proposal proposal) {
        Signs signs = day.signs();
        Optional<Proposal.Do> toDo = proposal.toDo();
        RoleKey role = toDo.map(Proposal.Do::role).orElse(proposal.asked());
        String state = proposal instanceof Proposal.Closed
                ? "closed"
                : proposal instanceof Proposal.Rest
                        ? "rest"
                        : proposal instanceof Proposal.Finished ? "finished" : "do";
        return new WorkPage.Item(
                proposal.asked().toString(),
                signs.title(role),
                toDo.map(leads -> day.bands().in(ProgressionWords.dose(leads.dose())))
                        .orElse(""),
                toDo.map(leads -> ProgressionWords.way(leads.way())).orElse(state),
                state,
                day.today(role).size(),
                toDo.map(leads -> leads.dose().sets()).orElse(0),
                false);
    }

    private static String stopped(DayOfVisit day) {
        return day.standing().stops().stream()
                .findFirst()
                .map(hold -> "On hold: " + hold.why() + ".")
                .orElse("");
    }

    private static String held(DayOfVisit day, Predicate<Hold> which) {
        return day.standing().facts().holds().stream()
                .filter(which)
                .findFirst()
                .map(hold -> "On hold: " + hold.why() + ".")
                .orElse("");
    }

    static String block(CurrentPlan plan) {
        String running = plan.block()
                .map(block -> running(block, plan.date()))
                .orElse(
                        plan.coming().isPresent()
                                ? "Until the block begins this is what is proposed."
                                : "No block is written yet: this is what is proposed.");
        return running
                + plan.coming()
                        .map(next -> " The next one is written and begins on " + Dates.say(next.beginsOn()) + ".")
                        .orElse("");
    }

    private static String running(Block block, LocalDate today) {
        String last = Dates.say(block.endsBefore().minusDays(1));
        String kind = block.week()
                .kindOf(today)
                .map(day -> "Today is for " + PrescriptionWords.day(day) + ". ")
                .orElse("");
        return kind
                + (block.span().contains(today)
                        ? "Block of " + block.weeks() + " weeks since " + Dates.say(block.beginsOn()) + ", until "
                                + last + "."
                        : "The block ended on " + last + ". Write the next one.");
    }

    /** What of the plan is not meant yet, with its day. */
    private static List<String> later(DayOfVisit day) {
        return day.plan().later().stream()
                .map(meant -> day.signs().title(meant.role()) + ", from "
                        + meant.from().map(Dates::say).orElseThrow())
                .toList();
    }

    /** What adds up over sessions, today and in seven days. */
    private static List<String> sums(DayOfVisit day) {
        Signs signs = day.signs();
        LocalDate since = day.date().minusDays(WEEK - 1L);
        Map<Counted, int[]> sums = new LinkedHashMap<>();
        for (SetRow set : day.sets()) {
            if (set.doneOn().isBefore(since) || !signs.knows(set.key())) {
                continue;
            }
            Counted counted =
                    ((Activity.Exercise) signs.activity(set.key())).dose().aim().counted();
            if (Set.of(Counted.MINUTES, Counted.CONTACTS, Counted.THROWS, Counted.RUNS)
                    .contains(counted)) {
                int[] sum = sums.computeIfAbsent(counted, key -> new int[2]);
                sum[0] += set.doneOn().equals(day.date()) ? set.amount() : 0;
                sum[1] += set.amount();
            }
        }
        return sums.entrySet().stream()
                .map(sum -> sum.getKey().word() + ": " + sum.getValue()[0] + " today, " + sum.getValue()[1]
                        + " in seven days")
                .toList();
    }

    static List<WorkPage.Ladder> others(DayOfVisit day) {
        Signs signs = day.signs();
        Set<RoleKey> planned = Set.copyOf(day.plan().roles());
        Set<RoleKey> off = Set.copyOf(day.standing().switchedOff());
        Map<String, List<Card.Choice>> byLadder = new LinkedHashMap<>();
        day.standing().verdicts().stream()
                .filter(verdict ->
                        verdict.kind().isOpen() && !planned.contains(verdict.role()) && !off.contains(verdict.role()))
                .forEach(verdict -> {
                    Activity activity = signs.activity(verdict.role());
                    if (activity instanceof Activity.Exercise exercise
                            && day.standing().course().speaksOf(exercise)) {
                        byLadder.computeIfAbsent(exercise.ladder(), id -> new ArrayList<>())
                                .add(new Card.Choice(verdict.role().toString(), signs.title(verdict.role())));
                    }
                });
        return titled(day, byLadder);
    }

    static List<WorkPage.Ladder> titled(DayOfVisit day, Map<String, List<Card.Choice>> byLadder) {
        Map<String, String> titles = day.course().bundle().ladders().stream()
                .collect(Collectors.toMap(ladder -> ladder.id(), ladder -> ladder.title()));
        return byLadder.entrySet().stream()
                .map(ladder ->
                        new WorkPage.Ladder(titles.getOrDefault(ladder.getKey(), ladder.getKey()), ladder.getValue()))
                .toList();
    }
}
