package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.measure.Measure;
import waypost.core.strength.SessionLoad;

/** Load of a session. */
@Component
final class SessionLoadBench implements Calculator {

    private static final Field EFFORT = Field.number("effort", "Effort", "of 10", "5");
    private static final Field MINUTES = Field.number("minutes", "Minutes", "min", "45");

    @Override
    public String id() {
        return "session-load";
    }

    @Override
    public Face face() {
        return new Face(
                "Load of a session",
                "Effort 0 to 10 × minutes.",
                "Foster et al. 2001, from memory",
                "Asked half an hour after the session; compare weeks, not people.");
    }

    @Override
    public List<Field> fields() {
        return List.of(EFFORT, MINUTES);
    }

    @Override
    public Answer work(Inputs inputs) {
        SessionLoad load = SessionLoad.of(inputs.number(EFFORT), inputs.number(MINUTES));
        return Answer.of(new Answer.Line("session load", number(load.value()))).yielding(load.value());
    }

    @Override
    public boolean yields(Measure measure) {
        return measure.id().equals("session-load");
    }
}
