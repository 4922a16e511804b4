package waypost.app.battery;

import java.util.List;
import waypost.app.measure.SheetRow;

/**
 * Tests of return on a page.
 *
 * @param early what returning today would risk; blank when nothing is to be said
 * @param stations in their order
 * @param besides what the protocol wants besides
 * @param at the station that is shown whole; its rows are what has to be measured for it
 */
public record ReturnPage(
        String title,
        String warmUp,
        List<Answer> answers,
        String early,
        List<Line> stations,
        List<Besides> besides,
        Shown at,
        List<SheetRow> rows) {

    public ReturnPage {
        answers = List.copyOf(answers);
        stations = List.copyOf(stations);
        besides = List.copyOf(besides);
        rows = List.copyOf(rows);
    }

    /** One of the three questions: its state is "yes" or "no" for the drawing, its word for the reader. */
    public record Answer(String question, boolean yes, String word, String says) {}

    /**
     * A station.
     *
     * @param mark for the drawing: pass, just, near, fail, old, not_taken, closed
     * @param sides each side's reading; blank where there is only one
     */
    public record Line(
            int number,
            String id,
            String title,
            String mark,
            String word,
            String found,
            String sides,
            String error,
            String says) {}

    /** A milestone of the protocol that no station asks. */
    public record Besides(String title, boolean met, String state, String says) {}

    /** The station that is done. */
    public record Shown(String id, String title, String how, String taking, int restSeconds) {}
}
