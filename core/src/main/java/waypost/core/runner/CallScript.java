package waypost.core.runner;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import waypost.core.prescription.WorkingDose;

/** Draws what is called and when. The same seed draws the same; no call comes a third time running. */
record CallScript(Shape.Calls shape, WorkingDose dose, int restSeconds, long seed) {

    Script script() {
        SplittableRandom random = new SplittableRandom(seed);
        ScriptWriter writer = new ScriptWriter();
        for (int round = 1; round <= dose.sets(); round++) {
            if (dose.aim().counted().isTime()) {
                timed(writer, random, round, ScriptWriter.seconds(dose));
            } else {
                counted(writer, random, round, dose.aim().most());
            }
            writer.roundOver(round);
            writer.rest(round, dose.sets(), restSeconds);
        }
        return writer.over();
    }

    private void timed(ScriptWriter writer, SplittableRandom random, int round, int seconds) {
        int begins = writer.second();
        writer.part(Beat.Kind.WORK, round, begin(round), seconds);
        List<String> drawn = new ArrayList<>();
        for (int at = wait(random); at < seconds; at += wait(random)) {
            writer.call(begins + at, round, draw(random, drawn));
        }
    }

    /** So many calls, however long they take. */
    private void counted(ScriptWriter writer, SplittableRandom random, int round, int number) {
        int begins = writer.second();
        List<String> drawn = new ArrayList<>();
        List<Integer> at = new ArrayList<>();
        int second = 0;
        for (int nth = 0; nth < number; nth++) {
            second += wait(random);
            at.add(second);
        }
        writer.part(Beat.Kind.WORK, round, begin(round), second + shape.most());
        at.forEach(each -> writer.call(begins + each, round, draw(random, drawn)));
    }

    private String begin(int round) {
        return "Round " + round + " of " + dose.sets() + ". Ready.";
    }

    private int wait(SplittableRandom random) {
        return random.nextInt(shape.least(), shape.most() + 1);
    }

    private String draw(SplittableRandom random, List<String> drawn) {
        int before = drawn.size();
        String next = shape.calls().get(random.nextInt(shape.calls().size()));
        while (before > 1 && next.equals(drawn.get(before - 1)) && next.equals(drawn.get(before - 2))) {
            next = shape.calls().get(random.nextInt(shape.calls().size()));
        }
        drawn.add(next);
        return next;
    }
}
