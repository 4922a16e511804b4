package waypost.core.runner;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import waypost.core.exercise.Counted;
import waypost.core.prescription.WorkingDose;

/** Writes a script part by part. */
final class ScriptWriter {

    private static final int SECONDS_OF_A_MINUTE = 60;

    /** A change is told so long before, where the part is long enough to have forgotten the clock. */
    private static final int SOON_SECONDS = 10;

    private static final int LONG_SECONDS = 30;

    private final List<Beat> beats = new ArrayList<>();
    private int second;

    int second() {
        return second;
    }

    void part(Beat.Kind kind, int round, String says, int seconds) {
        beats.add(new Beat(second, round, kind, says));
        if (seconds > LONG_SECONDS) {
            beats.add(new Beat(second + seconds - SOON_SECONDS, round, Beat.Kind.SOON, SOON_SECONDS + " seconds."));
        }
        second += seconds;
    }

    void call(int at, int round, String says) {
        beats.add(new Beat(at, round, Beat.Kind.CALL, says));
    }

    void roundOver(int round) {
        beats.add(new Beat(second, round, Beat.Kind.ROUND_OVER, "Round " + round + " is done."));
    }

    /** Between two rounds; none after the last. */
    void rest(int round, int of, int seconds) {
        if (round < of && seconds > 0) {
            part(Beat.Kind.EASY, round, "Rest, " + lasting(seconds) + ".", seconds);
        }
    }

    Script over() {
        beats.add(new Beat(second, Math.max(1, rounds()), Beat.Kind.OVER, "That was all."));
        List<Beat> inOrder =
                beats.stream().sorted(Comparator.comparingInt(Beat::second)).toList();
        return new Script(inOrder, second);
    }

    private int rounds() {
        return beats.stream().mapToInt(Beat::round).max().orElse(0);
    }

    /** How long a set of a dose lasts that a clock counts: the most of it. */
    static int seconds(WorkingDose dose) {
        if (!dose.aim().counted().isTime()) {
            throw new IllegalArgumentException(
                    "a session led by a clock: found " + dose.aim().counted().word() + ", allowed: s or min");
        }
        return seconds(dose, dose.aim().most());
    }

    private static int seconds(WorkingDose dose, int amount) {
        return dose.aim().counted() == Counted.MINUTES ? amount * SECONDS_OF_A_MINUTE : amount;
    }

    /** After how many seconds the least of a range is done; empty where no range is asked. */
    static OptionalInt least(WorkingDose dose) {
        return dose.aim().least() < dose.aim().most()
                ? OptionalInt.of(seconds(dose, dose.aim().least()))
                : OptionalInt.empty();
    }

    /** "3 minutes", "90 seconds". */
    static String lasting(int seconds) {
        boolean whole = seconds % SECONDS_OF_A_MINUTE == 0;
        int number = whole ? seconds / SECONDS_OF_A_MINUTE : seconds;
        return number + (whole ? " minute" : " second") + (number == 1 ? "" : "s");
    }
}
