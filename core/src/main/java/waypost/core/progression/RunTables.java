package waypost.core.progression;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.exercise.RoleKey;

/** Works out every way in which a session of stages can go. */
final class RunTables {

    /** What is asked of a day. */
    interface Rules {
        /** The stage that opens at once after one; why none does, otherwise. */
        Opens after(RoleKey stage);

        /** Whether one more on a stage stays under what the day allows, after what was done on each in this session. */
        boolean hasRoom(RoleKey stage, Map<RoleKey, Integer> done);
    }

    /** What opens after a stage. */
    record Opens(Optional<RoleKey> next, Optional<Ground> shut) {}

    private final Rules rules;
    private final int most;
    private final List<RoleKey> stages = new ArrayList<>();
    private final List<Optional<Ground>> shut = new ArrayList<>();
    private final Map<At, Integer> numbers = new HashMap<>();
    private final List<RunTable.State> states = new ArrayList<>();

    /** Where a session stands, with what it has done on each stage. */
    private record At(int stage, int clean, int other, boolean opened, List<Integer> done) {

        int total() {
            return done.stream().mapToInt(Integer::intValue).sum();
        }

        List<Integer> andOne() {
            List<Integer> more = new ArrayList<>(done);
            more.addAll(Collections.nCopies(Math.max(0, stage + 1 - more.size()), 0));
            more.set(stage, more.get(stage) + 1);
            return more;
        }
    }

    private RunTables(Rules rules, int most) {
        this.rules = rules;
        this.most = most;
    }

    /**
     * The table of a session that begins on a stage.
     *
     * @param most repetitions over all stages, at least one
     */
    static RunTable of(RoleKey first, int most, Rules rules) {
        RunTables tables = new RunTables(rules, most);
        tables.climb(first);
        tables.number(new At(0, 0, 0, false, List.of()));
        List<RunTable.Stage> stages = new ArrayList<>();
        for (int at = 0; at < tables.stages.size(); at++) {
            stages.add(new RunTable.Stage(tables.stages.get(at), tables.shut.get(at)));
        }
        return new RunTable(stages, tables.states, most);
    }

    /** No session comes further than its clean ones reach. */
    private void climb(RoleKey first) {
        Optional<RoleKey> next = Optional.of(first);
        while (next.isPresent()) {
            stages.add(next.get());
            Opens opens = rules.after(next.get());
            shut.add(opens.shut());
            next = stages.size() * RunTable.CLEAN_TO_OPEN < most ? opens.next() : Optional.empty();
        }
    }

    private int number(At at) {
        Integer known = numbers.get(at);
        if (known != null) {
            return known;
        }
        int number = states.size();
        numbers.put(at, number);
        Optional<RunTable.End> ended = ended(at);
        states.add(state(at, ended, number, number));
        if (ended.isEmpty()) {
            states.set(number, state(at, ended, number(clean(at)), number(other(at))));
        }
        return number;
    }

    private static RunTable.State state(At at, Optional<RunTable.End> ended, int afterClean, int afterOther) {
        return new RunTable.State(at.stage(), at.clean(), at.total(), at.opened(), ended, afterClean, afterOther);
    }

    private Optional<RunTable.End> ended(At at) {
        if (at.total() >= most) {
            return Optional.of(RunTable.End.ENOUGH);
        }
        if (at.other() >= RunTable.NOT_CLEAN_TO_END) {
            return Optional.of(RunTable.End.FORM);
        }
        return hasRoom(at.stage(), at.done()) ? Optional.empty() : Optional.of(RunTable.End.FULL);
    }

    private boolean hasRoom(int stage, List<Integer> done) {
        Map<RoleKey, Integer> byStage = new HashMap<>();
        for (int nth = 0; nth < done.size(); nth++) {
            byStage.put(stages.get(nth), done.get(nth));
        }
        return rules.hasRoom(stages.get(stage), byStage);
    }

    /** The next stage opens only where it has room: what fits no more is not begun. */
    private At clean(At at) {
        List<Integer> done = at.andOne();
        int clean = at.clean() + 1;
        boolean opens =
                clean >= RunTable.CLEAN_TO_OPEN && at.stage() + 1 < stages.size() && hasRoom(at.stage() + 1, done);
        return opens
                ? new At(at.stage() + 1, 0, 0, true, done)
                : new At(at.stage(), Math.min(clean, RunTable.CLEAN_TO_OPEN), 0, false, done);
    }

    private static At other(At at) {
        return new At(at.stage(), 0, at.other() + 1, false, at.andOne());
    }
}
