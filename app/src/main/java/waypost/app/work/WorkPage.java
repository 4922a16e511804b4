package waypost.app.work;

import java.util.List;
import java.util.Optional;
import waypost.app.course.CourseHead;

/**
 * The working part of a visit.
 *
 * @param checkedIn whether the red flags were asked today
 * @param stopped the red flag for which nothing is done today; empty otherwise
 * @param held why the operated region is on hold; empty otherwise
 * @param brake why nothing goes up today; empty otherwise
 * @param later what is meant for a later day of the block, with its day
 * @param sums what was done today and in seven days, of what adds up
 * @param others open exercises that could be added, by ladder
 */
public record WorkPage(
        CourseHead head,
        List<Item> plan,
        Optional<Card> card,
        boolean checkedIn,
        String stopped,
        String held,
        String brake,
        String block,
        List<String> later,
        List<String> sums,
        List<Ladder> others) {

    /**
     * A line of the plan.
     *
     * @param state "do", "rest", "closed" or "finished"
     * @param asked sets asked; 0 where nothing is to be done
     */
    public record Item(
            String role, String title, String dose, String way, String state, int done, int asked, boolean now) {
        public boolean isDone() {
            return asked > 0 && done >= asked;
        }
    }

    /** Open exercises of a ladder. */
    public record Ladder(String title, List<Card.Choice> open) {}
}
