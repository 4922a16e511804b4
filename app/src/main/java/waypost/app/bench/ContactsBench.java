package waypost.app.bench;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.function.GroundContacts;

/** Ground contacts of a run. */
@Component
final class ContactsBench implements Calculator {

    private static final Field MINUTES = Field.number("minutes", "Minutes", "min", "10");
    private static final Field STEPS = Field.number("steps", "Steps a minute", "", "165");

    @Override
    public String id() {
        return "contacts";
    }

    @Override
    public Face face() {
        return new Face(
                "Ground contacts of a run",
                "Minutes × steps a minute, both feet together.",
                "By definition",
                "Warm-up contacts should reach this number, tolerated, before the first run.");
    }

    @Override
    public List<Field> fields() {
        return List.of(MINUTES, STEPS);
    }

    @Override
    public Answer work(Inputs inputs) {
        GroundContacts contacts = GroundContacts.ofRun(inputs.number(MINUTES), inputs.number(STEPS));
        return Answer.of(
                new Answer.Line("contacts", Integer.toString(contacts.count())),
                new Answer.Line("of each foot", Integer.toString(contacts.perFoot())));
    }
}
