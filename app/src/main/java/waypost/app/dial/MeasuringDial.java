package waypost.app.dial;

import java.util.List;
import waypost.core.body.Arc;

/**
 * A dial to measure by: its hand is dragged or moved by arrows.
 *
 * @param range the angles that the hand may take
 * @param measures the ends of the motion that it reads
 */
public record MeasuringDial(Dial dial, Arc range, List<String> measures) {

    public MeasuringDial {
        measures = List.copyOf(measures);
    }

    public long least() {
        return Math.round(range.least().value());
    }

    public long most() {
        return Math.round(range.most().value());
    }
}
