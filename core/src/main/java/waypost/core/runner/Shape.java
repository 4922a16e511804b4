package waypost.core.runner;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import waypost.core.prescription.WorkingDose;

/** What a session of an exercise looks like from the side of the one who counts it. */
public sealed interface Shape {

    /** Its script, where a clock leads it; empty where repetitions do. */
    default Optional<Script> script(WorkingDose dose, int restSeconds, long seed) {
        return Optional.empty();
    }

    /** In words, for what is done. */
    String says();

    /**
     * A run that speeds up, holds its speed, and slows down.
     *
     * @param speedUp metres, 1 to 200; so are the others, and hold may be 0
     * @param effort how fast, of 10
     */
    record Run(int speedUp, int hold, int slowDown, Effort effort) implements Shape {

        private static final int LONGEST = 200;

        public Run {
            within("metres", Math.min(speedUp, slowDown), 1, LONGEST);
            within("metres", Math.max(speedUp, slowDown), 1, LONGEST);
            within("metres", hold, 0, LONGEST);
        }

        /** All of it, in metres. */
        public int metres() {
            return speedUp + hold + slowDown;
        }

        @Override
        public String says() {
            return "Speed up over " + speedUp + " m, hold it for " + hold + " m, slow down over " + slowDown
                    + " m. Effort " + effort + ".";
        }
    }

    /**
     * Work and easy work by turns; a set is one of both.
     *
     * @param work what is worked, such as "run"
     * @param easySeconds 5 to 1,200
     */
    record Turns(String work, Effort hard, String easy, int easySeconds, Effort light) implements Shape {

        private static final int LEAST = 5;
        private static final int MOST = 1200;

        public Turns {
            within("easy, in seconds", easySeconds, LEAST, MOST);
        }

        @Override
        public Optional<Script> script(WorkingDose dose, int restSeconds, long seed) {
            ScriptWriter writer = new ScriptWriter();
            int seconds = ScriptWriter.seconds(dose);
            for (int round = 1; round <= dose.sets(); round++) {
                String of = "Round " + round + " of " + dose.sets() + ". ";
                writer.part(Beat.Kind.WORK, round, of + part(work, seconds, hard), seconds);
                writer.part(Beat.Kind.EASY, round, part(easy, easySeconds, light), easySeconds);
                writer.roundOver(round);
            }
            return Optional.of(writer.over());
        }

        private static String part(String what, int seconds, Effort effort) {
            return what.substring(0, 1).toUpperCase(Locale.ROOT) + what.substring(1) + ", "
                    + ScriptWriter.lasting(seconds) + ", effort " + effort + ".";
        }

        @Override
        public String says() {
            return "By turns: " + work + " at " + hard + ", then " + easy + " for " + ScriptWriter.lasting(easySeconds)
                    + " at " + light + ".";
        }
    }

    /** The same all along, with the half called, or the least where a range is asked. */
    record Steady(String work, Effort effort) implements Shape {

        @Override
        public Optional<Script> script(WorkingDose dose, int restSeconds, long seed) {
            ScriptWriter writer = new ScriptWriter();
            int seconds = ScriptWriter.seconds(dose);
            for (int round = 1; round <= dose.sets(); round++) {
                int begins = writer.second();
                writer.part(
                        Beat.Kind.WORK,
                        round,
                        work + ", " + ScriptWriter.lasting(seconds) + ", effort " + effort + ".",
                        seconds);
                OptionalInt least = ScriptWriter.least(dose);
                writer.call(
                        begins + least.orElse(seconds / 2), round, least.isPresent() ? onTo(seconds) : "Half of it.");
                writer.roundOver(round);
                writer.rest(round, dose.sets(), restSeconds);
            }
            return Optional.of(writer.over());
        }

        private static String onTo(int seconds) {
            return "The least is done. On to " + ScriptWriter.lasting(seconds) + " while it stays easy.";
        }

        @Override
        public String says() {
            return work + " at " + effort + " all along.";
        }
    }

    /**
     * Something is called at moments that nobody can foresee: a direction to push, a drop, a side to cut to, a light to tap.
     *
     * @param calls what may be called, two at least
     * @param least seconds between two, 1 to 60
     * @param most seconds between two, up to 60
     * @param tapped whether the one who is called to answers by a tap
     */
    record Calls(List<String> calls, int least, int most, boolean tapped) implements Shape {

        private static final int LONGEST = 60;

        public Calls {
            calls = List.copyOf(calls);
            within("seconds between calls", least, 1, LONGEST);
            within("seconds between calls", most, least, LONGEST);
            if (calls.size() < 2) {
                throw new IllegalArgumentException("calls: found " + calls.size() + ", allowed: 2 at least");
            }
        }

        @Override
        public Optional<Script> script(WorkingDose dose, int restSeconds, long seed) {
            return Optional.of(new CallScript(this, dose, restSeconds, seed).script());
        }

        @Override
        public String says() {
            return "Called at random, every " + least + " to " + most + " s: " + String.join(", ", calls) + ".";
        }
    }

    /**
     * Throws over a distance, counted one by one.
     *
     * @param metres 1 to 120
     * @param percent of the full effort, 10 to 100
     */
    record Throws(int metres, int percent) implements Shape {

        private static final int FARTHEST = 120;
        private static final int LEAST_PERCENT = 10;
        private static final int FULL = 100;

        public Throws {
            within("metres", metres, 1, FARTHEST);
            within("percent of the full effort", percent, LEAST_PERCENT, FULL);
        }

        @Override
        public String says() {
            return "Over " + metres + " m at " + percent + " % of the full effort.";
        }
    }

    private static void within(String what, int found, int least, int most) {
        if (found < least || found > most) {
            throw new IllegalArgumentException(what + ": found " + found + ", allowed: " + least + " to " + most);
        }
    }
}
