package waypost.app.bench;

import static waypost.core.measure.Plain.number;

import java.util.List;
import org.springframework.stereotype.Component;
import waypost.core.function.Seat;

/** Hip bend on a seat. */
@Component
final class SeatBench implements Calculator {

    private static final Field KNEE = Field.number("knee", "Floor to the hollow of the knee", "cm", "46");
    private static final Field THIGH = Field.number("thigh", "Thigh, hip to knee", "cm", "44");
    private static final Field SEAT = Field.number("seat", "Seat height", "cm", "40");
    private static final Field LEAN = Field.number("lean", "Lean back", "°", "0");

    @Override
    public String id() {
        return "seat";
    }

    @Override
    public Face face() {
        return new Face(
                "Hip bend on a seat",
                "90° + asin((knee height − seat height) ÷ thigh) − lean back.",
                "Common practice, no source",
                "At rest, an estimate: rising, sitting down and reaching bend more. Seat 5 to 10 cm above the hollow of the knee, measured on the pressed cushion.");
    }

    @Override
    public List<Field> fields() {
        return List.of(KNEE, THIGH, SEAT, LEAN);
    }

    @Override
    public Answer work(Inputs inputs) {
        Seat seat = new Seat(inputs.number(KNEE), inputs.number(THIGH), inputs.number(SEAT));
        double bend = seat.hipFlexion(inputs.number(LEAN)).value();
        String said = "hip bends " + number(bend) + "°";
        return Answer.of(
                        new Answer.Line("hip bends", number(bend) + "°"),
                        new Answer.Line("advised seat", "at least " + number(seat.leastAdvised()) + " cm"))
                .drawn(SeatFigure.of(seat, inputs.number(LEAN), said));
    }
}
