package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import waypost.core.function.BloodFlowRestriction;
import waypost.core.function.BloodFlowRestriction.Caution;

/** The cuff of blood-flow restriction: its questions first, and no pressure before each is answered no. */
@Component
final class CuffBench implements Calculator {

    private static final List<Choice> ANSWERS =
            List.of(new Choice("", "not asked"), new Choice("no", "no"), new Choice("yes", "yes"));
    private static final Field PRESSURE =
            Field.number("pressure", "Occlusion pressure, measured on this limb", "mmHg", "");
    private static final Field MAXIMUM = Field.number("maximum", "One-repetition maximum", "kg", "");

    @Override
    public String id() {
        return "cuff";
    }

    @Override
    public Face face() {
        return new Face(
                "Blood-flow restriction",
                "40 to 80 % of the occlusion pressure, 20 to 40 % of the maximum, 30-15-15-15 repetitions, 30 to 60 s"
                        + " between.",
                "Position stand, Patterson et al. 2019, from memory",
                "Only by trained staff, with the pressure measured; asked before every use.");
    }

    @Override
    public List<Field> fields() {
        List<Field> fields = new ArrayList<>();
        for (Caution caution : Caution.values()) {
            fields.add(Field.choice(name(caution), question(caution), ANSWERS));
        }
        fields.add(PRESSURE);
        fields.add(MAXIMUM);
        return fields;
    }

    private static String name(Caution caution) {
        return caution.name().toLowerCase(Locale.ROOT);
    }

    private static String question(Caution caution) {
        return switch (caution) {
            case CLOTS -> "Ever a blood clot?";
            case POOR_CIRCULATION -> "Poor circulation in the limb?";
            case UNCONTROLLED_BLOOD_PRESSURE -> "Blood pressure not under control?";
            case PREGNANCY -> "Pregnant?";
            case OPEN_WOUND -> "An open wound under the cuff?";
            case INFECTION_UNDER_CUFF -> "An infection in the limb?";
            case SICKLE_CELL -> "Sickle-cell disease or trait?";
            case LYMPH_NODES_REMOVED -> "Lymph nodes removed on that side?";
            case UNTRAINED_STAFF -> "Anybody at it who is not trained for it?";
        };
    }

    @Override
    public Answer work(Inputs inputs) {
        Set<Caution> denied = Arrays.stream(Caution.values())
                .filter(caution -> inputs.text(name(caution)).equals("no"))
                .collect(Collectors.toSet());
        BloodFlowRestriction.requireAllDenied(denied);
        BloodFlowRestriction cuff = BloodFlowRestriction.of(denied, inputs.number(PRESSURE), inputs.number(MAXIMUM));
        return Answer.of(
                new Answer.Line("cuff", number(cuff.pressureLeast()) + " to " + number(cuff.pressureMost()) + " mmHg"),
                new Answer.Line("load", number(cuff.loadLeast()) + " to " + number(cuff.loadMost()) + " kg"),
                new Answer.Line(
                        "repetitions",
                        BloodFlowRestriction.REPETITIONS.stream()
                                .map(Object::toString)
                                .collect(Collectors.joining("-"))),
                new Answer.Line("rest between sets", "30 to 60 s, cuff on"),
                new Answer.Line("sessions a week", "2 or 3"));
    }
}
