package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.strength.RepetitionMaximum;

/** One-repetition maximum. */
@Component
final class RepetitionMaximumBench implements Calculator {

    private static final Field LOAD = Field.number("load", "Load", "kg", "40");
    private static final Field REPETITIONS = Field.number("repetitions", "Repetitions", "", "8");

    @Override
    public String id() {
        return "repetition-maximum";
    }

    @Override
    public Face face() {
        return new Face(
                "One-repetition maximum",
                "Epley: load × (1 + repetitions ÷ 30). Brzycki: 36 × load ÷ (37 − repetitions).",
                "Epley 1985 and Brzycki 1993, from memory",
                "From a set to real fatigue of at most 12 repetitions; an estimate, and no reason to test a maximum.");
    }

    @Override
    public List<Field> fields() {
        return List.of(LOAD, REPETITIONS);
    }

    @Override
    public Answer work(Inputs inputs) {
        double load = inputs.number(LOAD);
        int repetitions = inputs.whole(REPETITIONS);
        return Answer.of(
                new Answer.Line(
                        "by Epley",
                        number(RepetitionMaximum.epley(load, repetitions).load()) + " kg"),
                new Answer.Line(
                        "by Brzycki",
                        number(RepetitionMaximum.brzycki(load, repetitions).load()) + " kg"));
    }
}
