package waypost.app.version;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import waypost.app.difference.ComparePage;
import waypost.app.difference.DifferencePage;
import waypost.app.signature.Signature;

/**
 * A running course behind the last version of its protocol.
 *
 * @param to the hash of the bundle in which the later version stands
 * @param today what following would change today; nothing where it can't be put together under it
 * @param later what it would change over the days to come
 */
public record Behind(
        UUID id,
        String patient,
        String protocol,
        String day,
        String to,
        boolean readable,
        DifferencePage today,
        ComparePage later) {

    static final String WORDING = "I have read what this version changes for this patient; it is followed from now on.";

    /** Whether for this patient nothing changes, today or later. */
    public boolean isNothing() {
        return readable && today.isNothing() && later.isNothing();
    }

    /** "3 rungs today, 2 limits and 5 rungs later". */
    public String said() {
        if (!readable) {
            return "What is on record does not fit the later version: it stays on its own.";
        }
        if (isNothing()) {
            return "Nothing changes for this patient.";
        }
        List<String> said = new ArrayList<>();
        said.add(counted(today.turned(), "rung") + " today");
        said.add(counted(later.limits().size(), "limit") + " and "
                + counted(later.rungs().size(), "rung") + " over the days to come");
        if (!later.only().isEmpty()) {
            said.add(counted(later.only().size(), "other thing"));
        }
        return String.join(", ", said);
    }

    private static String counted(int many, String what) {
        return many + " " + what + (many == 1 ? "" : "s");
    }

    /** Everything that is shown, as it is signed. */
    String shown() {
        List<String> lines = new ArrayList<>(List.of(patient + ", " + protocol + ", " + day, "To version " + to));
        today.groups()
                .forEach(group -> group.turns()
                        .forEach(turn -> lines.add("Today: " + turn.after().title() + ": "
                                + turn.before().word() + " → " + turn.after().word() + ". " + turn.why())));
        today.lines().forEach(part -> part.sentences().forEach(sentence -> lines.add(part.title() + ": " + sentence)));
        later.limits().forEach(line -> lines.add(said(line)));
        later.rungs().forEach(line -> lines.add(said(line)));
        later.only().forEach(only -> {
            only.left().forEach(gone -> lines.add(only.what() + ", no more: " + gone));
            only.right().forEach(anew -> lines.add(only.what() + ", new: " + anew));
        });
        return String.join("\n", lines);
    }

    private static String said(ComparePage.Line line) {
        return line.title() + ": " + line.left() + " → " + line.right() + " (" + line.when() + ")";
    }

    String hash() {
        return Signature.hash(WORDING, shown());
    }
}
