package waypost.app.work;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
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
        List<Block> blocks = day.plan().blocks().standing();
        List<Sheet> sheets = new ArrayList<>();
        List<RoleKey> before = List.of();
        for (int nth = 0; nth < blocks.size(); nth++) {
            Block block = blocks.get(nth);
            BlockSpan ran = nth + 1 < blocks.size()
                    ? block.span().until(blocks.get(nth + 1).beginsOn())
                    : block.span();
            Map<RoleKey, Meant> meant = meant(block);
            sheets.add(sheet(block, ran, meant, before));
            before = List.copyOf(meant.keySet());
        }
        Collections.reverse(sheets);
        return sheets;
    }

    private Map<RoleKey, Meant> meant(Block block) {
        Map<RoleKey, Meant> meant = new LinkedHashMap<>();
        block.meant().stream()
                .filter(each -> day.signs().knows(each.role()))
                .forEach(each -> meant.put(each.role(), each));
        return meant;
    }

    /** @param ran the days until the next block took over, so that no set counts in two */
    private Sheet sheet(Block block, BlockSpan ran, Map<RoleKey, Meant> meant, List<RoleKey> before) {
        List<RoleKey> after = List.copyOf(meant.keySet());
        Map<RoleKey, String> why = block.reasons();
        List<Line> lines = Stream.concat(
                        BlockChange.between(day.standing().course(), before, after).stream()
                                .map(change -> line(
                                        block,
                                        ran,
                                        change.role(),
                                        before.isEmpty() ? "" : words.say(change),
                                        why.getOrDefault(change.role(), ""),
                                        Optional.ofNullable(meant.get(change.role())))),
                        besides(ran, after, before)
                                .map(role -> line(block, ran, role, "done besides", "", Optional.empty())))
                .toList();
        return new Sheet(
                Dates.say(block.beginsOn()) + " to "
                        + Dates.say(ran.endsBefore().minusDays(1)) + ", written for " + block.weeks() + " weeks",
                block.proposed() ? "" : block.writtenBy(),
                lines,
                MeasuredAcross.of(day.standing().course(), ran).stream()
                        .map(BlockSheets::measured)
                        .toList());
    }

    /** What was done in its weeks and is in no plan. */
    private Stream<RoleKey> besides(BlockSpan ran, List<RoleKey> after, List<RoleKey> before) {
        return day.visit().work().sets().stream()
                .filter(set -> ran.contains(set.on()))
                .map(set -> set.role())
                .distinct()
                .filter(role -> day.signs().knows(role) && !after.contains(role) && !before.contains(role));
    }

    private Line line(Block block, BlockSpan ran, RoleKey role, String change, String why, Optional<Meant> meant) {
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
                ran,
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
