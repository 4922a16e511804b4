package waypost.library.desk;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * What undo and redo lead to, among revisions that all stay.
 *
 * @param back the revision before the last change; empty where nothing was changed
 * @param forth the revision that was undone last; empty where none was since the last change
 */
public record Turns(Optional<Integer> back, Optional<Integer> forth) {

    /**
     * A revision.
     *
     * @param same the earlier revision that it gives back; empty where it is new
     */
    public record Revision(int number, Optional<Integer> same) {}

    /** After these revisions, oldest first. */
    public static Turns after(List<Revision> revisions) {
        Deque<Integer> done = new ArrayDeque<>();
        Deque<Integer> undone = new ArrayDeque<>();
        for (Revision revision : revisions) {
            if (revision.same().isPresent() && revision.same().equals(below(done))) {
                undone.push(done.pop());
            } else if (revision.same().isPresent() && revision.same().equals(Optional.ofNullable(undone.peek()))) {
                done.push(undone.pop());
            } else {
                done.push(revision.number());
                undone.clear();
            }
        }
        return new Turns(below(done), Optional.ofNullable(undone.peek()));
    }

    private static Optional<Integer> below(Deque<Integer> done) {
        return done.stream().skip(1).findFirst();
    }
}
