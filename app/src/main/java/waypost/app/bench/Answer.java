package waypost.app.bench;

import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * What a calculation comes to.
 *
 * @param lines what it is and how much, the result first
 * @param remarks what to look at
 * @param value the result as a reading of the measure that it yields; empty when it is none
 * @param seat the seated figure, for a seat
 * @param scale the scale that moves, for weight bearing
 */
record Answer(
        List<Line> lines,
        List<String> remarks,
        OptionalDouble value,
        @Nullable SeatFigure seat,
        @Nullable ScaleFigure scale) {

    /** A figure with its name. */
    record Line(String what, String value) {}

    Answer {
        lines = List.copyOf(lines);
        remarks = List.copyOf(remarks);
    }

    static Answer of(Line... lines) {
        return new Answer(List.of(lines), List.of(), OptionalDouble.empty(), null, null);
    }

    Answer with(String... remarks) {
        return new Answer(lines, List.of(remarks), value, seat, scale);
    }

    Answer yielding(double reading) {
        return new Answer(lines, remarks, OptionalDouble.of(reading), seat, scale);
    }

    Answer drawn(SeatFigure figure) {
        return new Answer(lines, remarks, value, figure, scale);
    }

    Answer drawn(ScaleFigure figure) {
        return new Answer(lines, remarks, value, seat, figure);
    }

    /** Everything in one line, as it is kept. */
    String said() {
        return String.join(
                "; ",
                lines.stream().map(line -> line.what() + " " + line.value()).toList());
    }
}
