package waypost.core.program;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import waypost.core.exercise.RoleKey;

/**
 * A way of many sessions, stage by stage.
 *
 * @param says what it is for and how it goes, in a sentence or two
 * @param stages at least two; a later one of the same exercise asks more in all
 * @param daysBetween days without it between two sessions, 0 to 7
 * @param flareBack stages back after pain over the rule or a flare, 1 to 5
 * @param missed by days, the shortest first
 * @param after what has to be under way before, where both are trained
 */
public record Program(
        String id,
        String title,
        String says,
        List<Stage> stages,
        int daysBetween,
        int flareBack,
        List<Missed> missed,
        Optional<LighterWeek> lighter,
        Optional<After> after) {

    private static final int MOST_BETWEEN = 7;
    private static final int MOST_FLARE_BACK = 5;

    /**
     * Something that begins earlier, where both are trained.
     *
     * @param roles by which it is known that it has begun
     * @param title what it is called
     */
    public record After(String title, List<RoleKey> roles, int days) {

        private static final int MOST_DAYS = 90;

        public After {
            roles = List.copyOf(roles);
            if (days < 1 || days > MOST_DAYS) {
                throw new IllegalArgumentException("after: found " + days + " days, allowed: 1 to " + MOST_DAYS);
            }
        }
    }

    public Program {
        stages = List.copyOf(stages);
        missed = List.copyOf(missed);
        within("stages", stages.size(), 2, 40);
        within("days between", daysBetween, 0, MOST_BETWEEN);
        within("stages back after a flare", flareBack, 1, MOST_FLARE_BACK);
        risesWithin(stages);
        for (int nth = 1; nth < missed.size(); nth++) {
            if (missed.get(nth).days() <= missed.get(nth - 1).days()
                    || missed.get(nth).back() < missed.get(nth - 1).back()) {
                throw new IllegalArgumentException(
                        "missed: found " + missed + ", allowed: more days and no fewer stages back in each");
            }
        }
    }

    /** A session is known by its exercise and how much it was: two stages that look alike could not be told apart. */
    private static void risesWithin(List<Stage> stages) {
        Map<RoleKey, Integer> before = new HashMap<>();
        for (Stage stage : stages) {
            Integer least = before.put(stage.role(), stage.least());
            if (least != null && stage.least() <= least) {
                throw new IllegalArgumentException("stages: found " + stage.role() + " with " + stage.least()
                        + " in all after one with " + least + ", allowed: more in all than before");
            }
        }
    }

    private static void within(String what, int found, int least, int most) {
        if (found < least || found > most) {
            throw new IllegalArgumentException(what + ": found " + found + ", allowed: " + least + " to " + most);
        }
    }

    /** The exercises that it is made of, each once, in the order of its stages. */
    public List<RoleKey> roles() {
        return stages.stream().map(Stage::role).distinct().toList();
    }

    /** Whether an exercise would go on by both: then only one of them is followed. */
    public boolean sharesAnExerciseWith(Program other) {
        return !Collections.disjoint(roles(), other.roles());
    }

    /** The first stage of one of its exercises, counted from 0. */
    public int firstStageOf(RoleKey role) {
        return IntStream.range(0, stages.size())
                .filter(nth -> stages.get(nth).role().equals(role))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("a program: found " + role + ", allowed: " + roles()));
    }

    /** How many stages somebody goes back who was away for so many days. */
    public int backAfter(int days) {
        return missed.stream()
                .filter(each -> each.days() <= days)
                .mapToInt(Missed::back)
                .max()
                .orElse(0);
    }
}
