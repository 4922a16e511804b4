package waypost.app.desk;

import java.util.List;
import java.util.stream.Collectors;

/**
 * One rule, or all rungs of a ladder, over time.
 *
 * @param kind how it is drawn
 * @param rule key of the rule that it shows; blank where it shows several
 * @param from the part that it is of, in words; blank for the protocol itself
 * @param branches under which answers alone it holds; none for always
 */
record DeskLane(
        String kind, String title, String rule, String from, List<OpenDesk.Branch> branches, List<DeskMark> marks) {
    DeskLane {
        branches = List.copyOf(branches);
        marks = List.copyOf(marks);
    }

    /** Under which answers alone it holds, in words; blank for always. */
    public String branch() {
        return branches.stream().map(OpenDesk.Branch::answer).collect(Collectors.joining("; "));
    }

    /** The questions that it hangs on. */
    public String asked() {
        return branches.stream().map(OpenDesk.Branch::asked).collect(Collectors.joining(" "));
    }

    /** What it is called to whoever can't see where it stands. */
    public String said() {
        return branches.isEmpty() ? title : title + ", only: " + asked() + " " + branch();
    }

    /** Whether what is chosen lies on it. */
    public boolean holds(String key) {
        return marks.stream().anyMatch(mark -> mark.key().equals(key));
    }
}
