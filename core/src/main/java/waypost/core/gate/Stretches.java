package waypost.core.gate;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import waypost.core.resolved.OpeningInForce;
import waypost.core.resolved.Resolved;
import waypost.core.time.CourseDay;

/**
 * The days between which what the rules say of one role does not change, as plain numbers; what was said in each is kept, so
 * that it is worked out once. What is kept depends on the stretch, the signed phase and the criteria met, and on nothing
 * else; two threads at worst work it out twice.
 */
final class Stretches {

    private static final int MOST_CRITERIA = Long.SIZE;

    private final int[] begin;
    private final String[] criteria;
    private final boolean byPhase;
    private final @Nullable Said[] said;

    private Stretches(int[] begin, String[] criteria, boolean byPhase) {
        this.begin = begin;
        this.criteria = criteria;
        this.byPhase = byPhase;
        this.said = new Said[begin.length + 1];
    }

    /**
     * The stretches of a role.
     *
     * @param turns those of every limit that may look at it
     */
    static Stretches of(
            LimitsInForce.Turns turns, List<Resolved.SetUpInForce> setUps, @Nullable OpeningInForce opening) {
        if (setUps.isEmpty() && opening == null) {
            return new Stretches(turns.days(), turns.criteria(), false);
        }
        List<CourseDay> days = new ArrayList<>(4);
        List<String> criteria = new ArrayList<>(2);
        for (Resolved.SetUpInForce setUp : setUps) {
            setUp.steps().changes().forEach(days::add);
            setUp.steps().needs().forEach(criteria::add);
        }
        if (opening != null) {
            opening.changes().forEach(days::add);
            opening.criteria().forEach(criteria::add);
        }
        return new Stretches(days(turns.days(), days), criteria(turns.criteria(), criteria), byPhase(opening));
    }

    private static boolean byPhase(@Nullable OpeningInForce opening) {
        if (opening != null) {
            for (OpeningInForce.Needed needed : opening.needed()) {
                if (needed.phase().isPresent()) {
                    return true;
                }
            }
        }
        return false;
    }

    /** All of them in order, without doubles. */
    private static int[] days(int[] some, List<CourseDay> more) {
        int[] all = Arrays.copyOf(some, some.length + more.size());
        int count = some.length;
        for (CourseDay day : more) {
            if (Arrays.binarySearch(some, day.number()) < 0) {
                all[count++] = day.number();
            }
        }
        if (count == some.length) {
            return some;
        }
        return IntStream.of(all).limit(count).sorted().distinct().toArray();
    }

    private static String[] criteria(String[] some, List<String> more) {
        return more.isEmpty()
                ? some
                : Stream.concat(Stream.of(some), more.stream()).distinct().toArray(String[]::new);
    }

    /** What was said in the stretch of these facts, or else is now. */
    Said on(Facts facts, Work work) {
        if (criteria.length > MOST_CRITERIA) {
            return work.out(facts, 0);
        }
        int at = stretch(facts.day().number());
        long met = met(facts);
        Said before = said[at];
        if (before != null && before.met() == met && (!byPhase || before.phase().equals(facts.phase()))) {
            return before;
        }
        Said now = work.out(facts, met);
        said[at] = now;
        return now;
    }

    /** Works out what is said on a day. */
    interface Work {
        Said out(Facts facts, long met);
    }

    private int stretch(int day) {
        int found = Arrays.binarySearch(begin, day);
        return found >= 0 ? found + 1 : -found - 1;
    }

    private long met(Facts facts) {
        long bits = 0;
        for (int i = 0; i < criteria.length; i++) {
            if (facts.met().contains(criteria[i])) {
                bits |= 1L << i;
            }
        }
        return bits;
    }
}
