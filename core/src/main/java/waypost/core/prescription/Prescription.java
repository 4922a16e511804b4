package waypost.core.prescription;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Frequency;
import waypost.core.strength.Tempo;

/**
 * The dose that a therapist wrote for one exercise. A rule goes on from it; it never falls back to the library's.
 *
 * @param since from when it counts; what was done before no longer counts for the rule
 * @param restSeconds between sets, 5 to 600; empty for the usual
 * @param often empty for the library's
 * @param painMost in a set, 0 to 10; never more than the protocol allows, whatever is written
 * @param days the kinds of days it is meant for; none for every day
 * @param words the therapist's own, at most 300 characters
 */
public record Prescription(
        RoleKey role,
        Since since,
        WorkingDose dose,
        Optional<Tempo> tempo,
        OptionalInt restSeconds,
        WorkedSide side,
        Optional<Frequency> often,
        OptionalInt painMost,
        Set<DayKind> days,
        GoesOnBy goesOnBy,
        String words) {

    /** Of every stage together in one session (Hickey et al. 2020, from memory). */
    public static final int MOST_RUNS = 9;

    private static final int LONGEST_WORDS = 300;
    private static final int SHORTEST_REST = 5;
    private static final int LONGEST_REST = 600;
    private static final int WORST_PAIN = 10;

    public Prescription {
        days = Set.copyOf(days);
        within("rest in seconds", restSeconds, SHORTEST_REST, LONGEST_REST);
        within("pain", painMost, 0, WORST_PAIN);
        int runs =
                dose.aim().counted() == Counted.RUNS ? dose.sets() * dose.aim().most() : 0;
        if (runs > MOST_RUNS) {
            throw new IllegalArgumentException(
                    "runs in a session: found " + runs + ", allowed: " + MOST_RUNS + " at most");
        }
        if (words.length() > LONGEST_WORDS) {
            throw new IllegalArgumentException(
                    "words: found " + words.length() + " characters, allowed: " + LONGEST_WORDS + " at most");
        }
    }

    private static void within(String what, OptionalInt found, int least, int most) {
        if (found.isPresent() && (found.getAsInt() < least || found.getAsInt() > most)) {
            throw new IllegalArgumentException(
                    what + ": found " + found.getAsInt() + ", allowed: " + least + " to " + most);
        }
    }

    /** This so often; as it is where nothing is said. */
    public Prescription asOften(Optional<Frequency> other) {
        return new Prescription(
                role, since, dose, tempo, restSeconds, side, other.or(() -> often), painMost, days, goesOnBy, words);
    }

    /** This going on by another rule. */
    public Prescription goingOnBy(GoesOnBy other) {
        return new Prescription(role, since, dose, tempo, restSeconds, side, often, painMost, days, other, words);
    }

    /** This with another dose, written anew. */
    public Prescription dosed(WorkingDose other, Since from) {
        return new Prescription(role, from, other, tempo, restSeconds, side, often, painMost, days, goesOnBy, words);
    }

    /** A dose as an exercise's own rule goes on from it, nothing else said. */
    public static Prescription plain(Activity.Exercise exercise, RoleKey role, Since since, WorkingDose dose) {
        return new Prescription(
                role,
                since,
                dose,
                exercise.dose().tempo().map(Tempo::parse),
                OptionalInt.empty(),
                WorkedSide.OPERATED,
                Optional.empty(),
                OptionalInt.empty(),
                Set.of(),
                GoesOnBy.usual(exercise.progression()),
                "");
    }
}
