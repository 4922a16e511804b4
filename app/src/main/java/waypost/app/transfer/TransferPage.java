package waypost.app.transfer;

import java.util.List;
import waypost.app.figure.Shape;

/**
 * A script as it is followed.
 *
 * @param what its id
 * @param role as which it is kept; blank where it is no exercise
 * @param closed why that exercise is not open today; blank where it is
 * @param ceiling of the hip; blank without one
 * @param seat what sitting on the seat that was typed asks; blank where none was
 */
public record TransferPage(
        List<Choice> choices,
        String what,
        String title,
        String role,
        String closed,
        List<Line> steps,
        int painNow,
        int painMost,
        String pain,
        String ceiling,
        String seat) {

    public TransferPage {
        choices = List.copyOf(choices);
        steps = List.copyOf(steps);
    }

    /** Another script. */
    public record Choice(String what, String title, boolean chosen) {}

    /**
     * A step.
     *
     * @param shows the body in it from the side; nothing where that would not tell it
     * @param box the viewBox of it
     */
    public record Line(String say, String guard, String watch, List<Shape> shows, String box) {
        public Line {
            shows = List.copyOf(shows);
        }
    }
}
