package waypost.app.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import waypost.app.plan.Block;
import waypost.core.block.BlockChange;
import waypost.core.block.BlockDone;
import waypost.core.block.BlockSpan;
import waypost.core.block.Meant;
import waypost.core.block.MeasuredAcross;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.measure.Reading;
import waypost.core.prescription.Prescription;
import waypost.library.words.BlockChangeWords;
import waypost.library.words.Dates;

/** Lays out each block beside the one before it: what it changed and why, what was done of it, what was measured. */
final class BlockSheets {

    private final DayOfVisit day;
    private final BlockChangeWords words;

    BlockSheets(DayOfVisit day) {
        this.day = day;
        this.words = new BlockChangeWords(day.signs()::title);
    }

    /**
     * A block on paper.
     *
     * @param writtenBy empty where nobody wrote it
     */
    record Sheet(String title, String writtenBy, List<Line> lines, List<Measured> measured) {}

    /**
     * One exercise.
     *
     * @param done such as "9 of 12 sets on 4 days"; empty where nothing was meant or done yet
     * @param doses what was done first and last
     */
    record Line(String title, String change, String why, String done, String doses, String pain) {}

    /** One measure at the beginning and at the end. */
    record Measured(String title, String before, String after, String change) {}

    /** The latest first. */
    List<Sheet> sheets() {
        List<Sheet> sheets = new ArrayList<>();
        List<RoleKey> before = List.of();
        for (Block block : day.plan().blocks().standing()) {
            sheets.add(sheet(block, before));
            before = block.meant().stream()
                    .map(Meant::role)
                    .filter(day.signs()::knows)
                    .toList();
        }
        Collections.reverse(sheets);
        return sheets;
    }

    private Sheet sheet(Block block, List<RoleKey> before) {
        Map<RoleKey, Meant> meant = new HashMap<>();
        block.meant().forEach(each -> meant.put(each.role(), each));
        List<RoleKey> after = block.meant().stream()
                .map(Meant::role)
                .filter(day.signs()::knows)
                .toList();
        Map<RoleKey, String> why = block.reasons();
        List<Line> lines = Stream.concat(
                        BlockChange.between(day.standing().course(), before, after).stream()
                                .map(change -> line(
                                        block,
                                        change.role(),
                                        before.isEmpty() ? "" : words.say(change),
                                        why.getOrDefault(change.role(), ""),
                                        Optional.ofNullable(meant.get(change.role())))),
                        besides(block, after, before)
                                .map(role -> line(block, role, "done besides", "", Optional.empty())))
                .toList();
        return new Sheet(
                Dates.say(block.beginsOn()) + " to "
                        + Dates.say(block.endsBefore().minusDays(1)) + ", " + block.weeks() + " weeks",
                block.proposed() ? "" : block.writtenBy(),
                lines,
                MeasuredAcross.of(day.standing().course(), block.span()).stream()
                        .map(BlockSheets::measured)
                        .toList());
    }

    /** What was done in its weeks and is in no plan. */
    private Stream<RoleKey> besides(Block block, List<RoleKey> after, List<RoleKey> before) {
        BlockSpan span = block.span();
        return day.visit().work().sets().stream()
                .filter(set -> span.contains(set.on()))
                .map(set -> set.role())
                .distinct()
                .filter(role -> day.signs().knows(role) && !after.contains(role) && !before.contains(role));
    }

    private Line line(Block block, RoleKey role, String change, String why, Optional<Meant> meant) {
        Activity.Exercise exercise = (Activity.Exercise) day.signs().activity(role);
        Optional<Prescription> prescribed = day.visit().prescribed(role);
        BlockDone done = BlockDone.of(
                new BlockDone.Asked(
                        meant.orElse(Meant.always(role)),
                        prescribed.map(Prescription::days).orElse(Set.of()),
                        meant.isEmpty()
                                ? 0
                                : prescribed
                                        .map(each -> each.dose().sets())
                                        .orElse(exercise.dose().sets())),
                day.visit().work(),
                block.span(),
                block.week());
        return new Line(
                day.signs().title(role),
                change,
                why,
                BlockChangeWords.done(done),
                doses(done, exercise),
                pain(done.worstPain()));
    }

    private String doses(BlockDone done, Activity.Exercise exercise) {
        DoneLines lines = new DoneLines(day);
        Optional<String> first = done.first().map(bout -> lines.amounts(bout, exercise));
        Optional<String> last = done.last()
                .map(bout -> lines.amounts(bout, exercise))
                .filter(said -> !Optional.of(said).equals(first));
        return first.orElse("") + last.map(said -> " → " + said).orElse("");
    }

    private static String pain(OptionalInt worst) {
        return worst.isPresent() ? String.valueOf(worst.getAsInt()) : "";
    }

    private static Measured measured(MeasuredAcross across) {
        return new Measured(
                across.measure().title()
                        + across.measure()
                                .motion()
                                .map(motion -> ", " + BlockChangeWords.mode(across.mode()))
                                .orElse(""),
                across.before().map(reading -> said(across, reading)).orElse("not measured"),
                said(across, across.after()),
                BlockChangeWords.change(across.change()));
    }

    private static String said(MeasuredAcross across, Reading reading) {
        return BlockChangeWords.amount(across.measure(), reading) + ", " + Dates.say(reading.date());
    }
}
