package waypost.app.work;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.app.rack.Signs;
import waypost.core.block.BlockAhead;
import waypost.core.block.BlockSpan;
import waypost.core.block.FirstDay;
import waypost.core.block.Meant;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.progression.Proposal;
import waypost.library.words.Dates;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Lays out the exercises of the running plan beside what opens in the weeks of the next block. */
final class BlockRows {

    private final DayOfVisit day;
    private final Signs signs;
    private final BlockSpan span;
    private final BlockAhead ahead;
    private final Optional<Set<String>> chosen;

    BlockRows(DayOfVisit day, BlockSpan span, Optional<BlockForm> typed) {
        this.day = day;
        this.signs = day.signs();
        this.span = span;
        this.ahead = BlockAhead.of(day.standing().course(), day.date(), span);
        this.chosen = typed.map(BlockForm::chosen);
    }

    /**
     * One exercise of the running block beside what could follow.
     *
     * @param step what gets harder, by name; empty where it stays
     * @param closed why what is proposed can't be planned in these weeks; empty where it can
     * @param rungs those of its ladder that open in the block
     */
    record Row(String now, String nowDose, String way, String why, String step, String closed, List<Rung> rungs) {}

    /** A rung, its title with the day from which it is meant where that is not the block's first. */
    record Rung(String role, String title, boolean chosen) {}

    List<Row> rows() {
        return day.plan().meant().stream().map(this::row).toList();
    }

    private Row row(Meant now) {
        Proposal proposal = day.visit().proposal(now.role());
        RoleKey next = next(proposal);
        Activity.Exercise to = (Activity.Exercise) signs.activity(next);
        String step = next.equals(now.role()) ? "" : to.rises().name().toLowerCase(Locale.ROOT) + ": " + to.harder();
        return new Row(
                signs.title(now.role()),
                proposal.toDo()
                        .map(toDo -> day.bands().in(ProgressionWords.dose(toDo.dose())))
                        .orElse(""),
                now.isMeantOn(day.date())
                        ? way(proposal)
                        : "from " + now.from().map(Dates::say).orElseThrow(),
                why(day, proposal),
                step,
                ahead.of(next).isPresent() ? "" : closed(next),
                rungs(to, next));
    }

    private static RoleKey next(Proposal proposal) {
        return proposal.toDo().map(Proposal.Do::role).orElse(proposal.asked());
    }

    private static String way(Proposal proposal) {
        return proposal.toDo().map(toDo -> ProgressionWords.way(toDo.way())).orElse("not today");
    }

    private static String why(DayOfVisit day, Proposal proposal) {
        return proposal.toDo()
                .map(toDo -> day.bands().in(day.words().say(toDo.why())))
                .orElse("");
    }

    private String closed(RoleKey role) {
        Words words = Words.of(day.standing().course().resolved());
        return "Not in these weeks: " + ahead.atBegin(role).map(words::why).orElse("they are over.");
    }

    private List<Rung> rungs(Activity.Exercise to, RoleKey next) {
        List<Rung> rungs = new ArrayList<>();
        for (Activity.Exercise exercise : day.standing().course().ladder(to.ladder())) {
            for (Role role : exercise.roles()) {
                ahead.of(role.key())
                        .ifPresent(first -> rungs.add(rung(
                                role.key(),
                                first,
                                chosen.map(roles -> roles.contains(role.key().toString()))
                                        .orElse(role.key().equals(next)))));
            }
        }
        return rungs;
    }

    private Rung rung(RoleKey role, FirstDay first, boolean isChosen) {
        return new Rung(role.toString(), signs.title(role) + when(first), isChosen);
    }

    /** Such as " · from Mon 5 May", " · about Mon 5 May, if all goes to plan"; nothing for the whole of the block. */
    private String when(FirstDay first) {
        LocalDate begins = span.firstFrom(day.date()).orElse(span.begins());
        String until = first.closes()
                .map(closes -> " · until " + Dates.say(closes.minusDays(1)))
                .orElse("");
        if (!first.isCertain()) {
            return " · about " + Dates.say(first.on()) + ", if all goes to plan" + until;
        }
        return (first.on().isAfter(begins) ? " · from " + Dates.say(first.on()) : "") + until;
    }

    /** What speaks for what is proposed, by role. */
    static Map<RoleKey, String> reasons(DayOfVisit day) {
        Map<RoleKey, String> reasons = new HashMap<>();
        for (Meant now : day.plan().meant()) {
            Proposal proposal = day.visit().proposal(now.role());
            reasons.put(next(proposal), (way(proposal) + ". " + why(day, proposal)).strip());
        }
        return reasons;
    }

    /** What else opens in the block and the protocol speaks of, by ladder. */
    List<WorkPage.Ladder> others() {
        Set<RoleKey> planned = day.plan().meant().stream().map(Meant::role).collect(Collectors.toSet());
        Set<RoleKey> off = Set.copyOf(day.standing().switchedOff());
        Map<String, List<Card.Choice>> byLadder = new LinkedHashMap<>();
        for (Activity activity : day.standing().course().activities()) {
            if (activity instanceof Activity.Exercise exercise
                    && day.standing().course().speaksOf(exercise)) {
                for (Role role : exercise.roles()) {
                    ahead.of(role.key())
                            .filter(first -> !planned.contains(role.key()) && !off.contains(role.key()))
                            .ifPresent(first -> byLadder.computeIfAbsent(exercise.ladder(), id -> new ArrayList<>())
                                    .add(new Card.Choice(
                                            role.key().toString(), signs.title(role.key()) + when(first))));
                }
            }
        }
        return WorkPages.titled(day, byLadder);
    }

    /** Into which directions the running plan works. */
    List<Planes.Line> planes() {
        return Planes.of(day, ahead);
    }

    /** What was chosen on a page that does not stand any more, and has no row here: it is not lost. */
    List<Rung> chosenBefore(List<Row> rows) {
        Set<String> shown = rows.stream()
                .flatMap(row -> row.rungs().stream())
                .map(Rung::role)
                .collect(Collectors.toSet());
        return chosen.orElse(Set.of()).stream()
                .filter(role -> !shown.contains(role))
                .map(RoleKey::of)
                .filter(signs::knows)
                .map(role -> new Rung(role.toString(), signs.title(role), true))
                .toList();
    }
}
