package waypost.app.desk;

import java.util.List;

/**
 * One rule, or all rungs of a ladder, over time.
 *
 * @param kind how it is drawn
 * @param rule key of the rule that it shows; blank where it shows several
 * @param from the part that it is of, in words; blank for the protocol itself
 */
record DeskLane(String kind, String title, String rule, String from, List<DeskMark> marks) {
    DeskLane {
        marks = List.copyOf(marks);
    }

    /** Whether what is chosen lies on it. */
    public boolean holds(String key) {
        return marks.stream().anyMatch(mark -> mark.key().equals(key));
    }
}
