package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.strength.SetWork;
import waypost.core.strength.Tempo;

/** Tempo and time under tension. */
@Component
final class TempoBench implements Calculator {

    private static final Field SETS = Field.number("sets", "Sets", "", "3");
    private static final Field REPETITIONS = Field.number("repetitions", "Repetitions", "", "12");
    private static final Field TEMPO =
            new Field("tempo", "Tempo: lowering-pause-lifting-pause", "s", List.of(), "3-0-2-1");
    private static final Field LOAD = Field.number("load", "Load", "kg", "2");

    @Override
    public String id() {
        return "tempo";
    }

    @Override
    public Face face() {
        return new Face(
                "Tempo and time under tension",
                "Sets × repetitions × (lowering + pause + lifting + pause); volume is sets × repetitions × load.",
                "By definition; usual cuff tempo 2 to 3 s out and 3 to 4 s back, common practice, no source",
                "Counts the seconds written, not those done: count aloud.");
    }

    @Override
    public List<Field> fields() {
        return List.of(SETS, REPETITIONS, TEMPO, LOAD);
    }

    @Override
    public Answer work(Inputs inputs) {
        SetWork work = new SetWork(inputs.whole(SETS), inputs.whole(REPETITIONS));
        Tempo tempo = Tempo.parse(inputs.text(TEMPO.name()));
        return Answer.of(
                new Answer.Line("time under tension", work.secondsUnderTension(tempo) + " s"),
                new Answer.Line("one repetition", tempo.secondsPerRepetition() + " s"),
                new Answer.Line("volume", number(work.volume(inputs.number(LOAD))) + " kg"));
    }
}
