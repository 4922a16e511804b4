package waypost.app.program;

import java.util.List;

/**
 * A program as it is shown.
 *
 * @param today what it asks today, in words; why not, where it asks nothing
 * @param role of what it asks today; empty where that is nothing
 * @param led whether the runner leads it
 */
record ProgramPage(
        String id,
        String title,
        String says,
        boolean followed,
        boolean open,
        String today,
        String why,
        String role,
        boolean led,
        List<String> rules,
        List<Step> steps) {

    /**
     * One stage.
     *
     * @param place "behind", "here", "next" or "ahead"
     * @param closed why it is not open today; empty where it is
     */
    record Step(int number, String place, String exercise, String dose, String clean, String closed) {}
}
