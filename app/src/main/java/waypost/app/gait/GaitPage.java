package waypost.app.gait;

import java.util.List;
import waypost.app.figure.Shape;

/**
 * A walk as it is shown.
 *
 * @param weight what the leg may carry, in words
 * @param turning how to turn; blank on other ways
 * @param box the viewBox of every picture from above
 * @param sideBox of every one from the side; blank where none is drawn
 * @param treads where the edges of steps lie; none on the level
 */
public record GaitPage(
        List<Choice> aids,
        List<Choice> patterns,
        List<Choice> ways,
        String weight,
        String turning,
        String box,
        String sideBox,
        List<String> treads,
        List<Frame> frames,
        List<Frame> faults) {

    public GaitPage {
        aids = List.copyOf(aids);
        patterns = List.copyOf(patterns);
        ways = List.copyOf(ways);
        treads = List.copyOf(treads);
        frames = List.copyOf(frames);
        faults = List.copyOf(faults);
    }

    /** Something to choose. */
    public record Choice(String value, String title, boolean chosen) {}

    /**
     * A moment: what was done, and where everything stands; what was moved is marked.
     *
     * @param side the body from the side; none for a turn
     */
    public record Frame(String says, List<Mark> marks, List<Shape> side) {
        public Frame {
            marks = List.copyOf(marks);
            side = List.copyOf(side);
        }
    }

    /**
     * Something that stands.
     *
     * @param kind {@code operated}, {@code other}, {@code frame} or {@code tip}
     * @param at an SVG transform
     */
    public record Mark(String kind, String at, boolean moved, boolean lifted) {}
}
