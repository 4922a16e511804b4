package waypost.core.runner;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;

/**
 * Whether a limb holds still against small pushes, position by position: each is an exercise of stability whose directions
 * are called at random. No progress without it (handbook), so it is held still only when no push of any open position was
 * answered by a waver.
 *
 * @param positions in the order of the ladder
 */
public record HoldsStill(List<Position> positions) {

    /** The measure that is seen or not. */
    public static final String MEASURE = "arm-steady";

    /** Each direction so often in a position (ours, unreviewed). */
    private static final int EACH_DIRECTION = 3;

    private static final int FEWEST_DIRECTIONS = 4;

    /**
     * A position.
     *
     * @param directions that a push may come from
     * @param verdict whether it may be pushed there today
     */
    public record Position(Role role, String title, List<String> directions, Verdict verdict) {
        public Position {
            directions = List.copyOf(directions);
        }

        public boolean isOpen() {
            return verdict.kind().isOpen();
        }

        /** Every direction equally often, in an order that nobody foresees; the same seed gives the same. */
        public List<String> pushes(long seed) {
            List<String> pushes = new ArrayList<>();
            for (int time = 0; time < EACH_DIRECTION; time++) {
                pushes.addAll(directions);
            }
            Collections.shuffle(pushes, new Random(seed));
            return List.copyOf(pushes);
        }
    }

    /** How a push was answered. */
    public enum Answer {
        STILL,
        WAVERS,
        PAIN
    }

    public HoldsStill {
        positions = List.copyOf(positions);
    }

    /**
     * The positions of a course; none where the protocol speaks of none.
     *
     * @param shapes by an exercise's id
     */
    public static HoldsStill of(Standing standing, Map<String, Shape> shapes) {
        List<Position> positions = new ArrayList<>();
        for (Activity activity : standing.course().activities()) {
            if (activity instanceof Activity.Exercise exercise
                    && exercise.purpose() == Purpose.STABILITY
                    && shapes.get(exercise.id()) instanceof Shape.Calls calls
                    && calls.calls().size() >= FEWEST_DIRECTIONS
                    && standing.course().speaksOf(exercise)) {
                Role role = exercise.roles().get(0);
                positions.add(new Position(role, exercise.title(), calls.calls(), standing.verdict(role.key())));
            }
        }
        return new HoldsStill(positions);
    }

    /** Those that are open today. */
    public List<Position> open() {
        return positions.stream().filter(Position::isOpen).toList();
    }

    /**
     * Whether it is held still: every push of every open position answered, and none by a waver or pain.
     *
     * @param answers by the position's place among the open ones
     */
    public boolean isStill(List<List<Answer>> answers) {
        List<Position> open = open();
        if (open.isEmpty() || answers.size() != open.size()) {
            return false;
        }
        for (int at = 0; at < open.size(); at++) {
            int asked = EACH_DIRECTION * open.get(at).directions().size();
            if (answers.get(at).size() != asked || answers.get(at).stream().anyMatch(each -> each != Answer.STILL)) {
                return false;
            }
        }
        return true;
    }

    /** Answers as they are sent: a letter for each push, S, W or P; positions apart by a blank. */
    public static List<List<Answer>> answers(String sent) {
        return Arrays.stream(sent.strip().split(" "))
                .map(position -> position.chars().mapToObj(HoldsStill::answer).collect(Collectors.toList()))
                .toList();
    }

    private static Answer answer(int letter) {
        return switch (letter) {
            case 'S' -> Answer.STILL;
            case 'W' -> Answer.WAVERS;
            case 'P' -> Answer.PAIN;
            default ->
                throw new IllegalArgumentException(
                        "answers: found '" + (char) letter + "', allowed: S, W or P for each push");
        };
    }
}
