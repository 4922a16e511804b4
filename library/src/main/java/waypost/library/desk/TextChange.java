package waypost.library.desk;

import com.github.difflib.DiffUtils;
import java.util.List;

/**
 * Lines of a file that are not so in the file below.
 *
 * @param file "" for the protocol, else the id of the part
 * @param line the first of them, from 1
 * @param gone the lines below that they stand instead of
 * @param come the lines here
 */
public record TextChange(String file, int line, List<String> gone, List<String> come) {

    public TextChange {
        gone = List.copyOf(gone);
        come = List.copyOf(come);
    }

    /** Where {@code here} is not as {@code below}. */
    public static List<TextChange> between(String file, String below, String here) {
        return DiffUtils.diff(below.lines().toList(), here.lines().toList()).getDeltas().stream()
                .map(delta -> new TextChange(
                        file,
                        delta.getTarget().getPosition() + 1,
                        delta.getSource().getLines(),
                        delta.getTarget().getLines()))
                .toList();
    }
}
