package waypost.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import waypost.app.signature.Signature;
import waypost.core.exercise.Activity;
import waypost.core.exercise.RoleKey;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.desk.Desk;
import waypost.library.desk.DeskParts;
import waypost.library.desk.TextChange;
import waypost.library.lint.Lint;
import waypost.library.paper.Paper;
import waypost.library.paper.PaperDifference;
import waypost.library.paper.PaperSaid;
import waypost.library.text.RefusedException;

/**
 * A paper that was looked through: what it comes to, and what it changes in the protocol below.
 *
 * @param bundle with the paper as one more protocol
 * @param drawn what was changed on the map, post by post, in words
 * @param text every line of its files that is not so below
 * @param findings what lint finds in it and not in the protocol below
 */
record CheckedPaper(
        PaperRow row,
        ReadPaper read,
        Bundle bundle,
        PaperDifference difference,
        List<String> findings,
        List<String> drawn,
        List<TextChange> text) {

    private static final int LONGEST = 200_000;

    /** What a paper comes to over a bundle that ships. */
    static CheckedPaper of(ReadPaper read, Bundle shipped, DeskParts parts) {
        Bundle bundle = read.paper().over(shipped);
        Paper blank =
                new Paper(read.row().protocol(), read.row().title(), read.row().base(), List.of());
        Desk below = blank.desk(parts, shipped);
        Desk desk = read.paper().desk(parts, shipped);
        Protocol base = bundle.protocol(read.row().base());
        Protocol own = bundle.protocol(read.row().protocol());
        return new CheckedPaper(
                read.row(),
                read,
                bundle,
                PaperDifference.of(base, own, bundle),
                findings(base, own, bundle),
                desk.changes(below, named(bundle)),
                desk.linesUnlike(below));
    }

    /** What lint finds in a paper that is not kept yet. */
    static List<String> findings(ReadPaper read, Bundle shipped, DeskParts parts) {
        Paper paper = read.paper();
        Bundle bundle = paper.desk(parts, shipped).read(paper.id(), paper.supplements(shipped));
        return findings(bundle.protocol(read.row().base()), bundle.protocol(paper.id()), bundle);
    }

    private static List<String> findings(Protocol base, Protocol own, Bundle bundle) {
        return Lint.beyond(base, own, bundle).stream()
                .map(finding -> finding.rule() + ": " + finding.says())
                .toList();
    }

    private static UnaryOperator<String> named(Bundle bundle) {
        return role -> bundle.findActivity(RoleKey.of(role).activity())
                .map(Activity::title)
                .orElse(role);
    }

    /** Whether whoever signs says that they read what may allow more than below. */
    public boolean isToBeTicked() {
        return difference.loosens() || !text.isEmpty();
    }

    /** What is shown must be short enough to be read, and kept. */
    boolean isTooLong() {
        return shown().length() > LONGEST;
    }

    /** What has to be settled first; nothing where it can be looked through. */
    static List<String> problems(ReadPaper read, Bundle shipped) {
        if (read.lines().isEmpty() && read.row().files() == null) {
            return List.of("There is no line yet, and nothing was changed on the desk.");
        }
        if (read.open() > 0) {
            return List.of(read.open() == 1 ? "One line is open." : read.open() + " lines are open.");
        }
        try {
            return read.paper().problems(shipped);
        } catch (RefusedException refused) {
            return refused.problems().stream().map(Object::toString).toList();
        }
    }

    /** Everything that is shown to whoever signs, as text. */
    String shown() {
        PaperSaid said = new PaperSaid(bundle);
        List<String> text = new ArrayList<>();
        text.add(row.title() + ", over " + bundle.protocol(row.base()).face() + ", revision " + row.revision());
        read.lines().forEach(line -> {
            text.add("> " + line.written());
            line.rules().forEach(rule -> text.add(said.say(rule)));
        });
        difference
                .later()
                .forEach(later -> text.add("Later: " + later.title() + ", day " + later.before() + " → "
                        + later.now().map(day -> "day " + day).orElse("never")));
        difference
                .earlier()
                .forEach(sooner -> text.add("Sooner: " + sooner.title() + ", "
                        + sooner.before().map(day -> "day " + day).orElse("not opened") + " → day " + sooner.now()));
        difference.loosened().forEach(held -> text.add("No longer held as strictly: " + held));
        difference.looser().forEach(held -> text.add("The protocol below holds: " + held));
        difference
                .open()
                .forEach(day -> text.add("Open on day " + day.day() + ": " + day.before() + " → " + day.now()));
        text.addAll(written());
        findings.forEach(finding -> text.add("Found: " + finding));
        return String.join("\n", text);
    }

    private List<String> written() {
        List<String> lines = new ArrayList<>();
        drawn.forEach(each -> lines.add("On the map: " + each));
        text.forEach(change -> {
            lines.add("Text " + (change.file().isEmpty() ? "of the protocol" : change.file()) + ", line "
                    + change.line());
            change.gone().forEach(line -> lines.add("- " + line));
            change.come().forEach(line -> lines.add("+ " + line));
        });
        return lines;
    }

    /** SHA-256 over what is shown. */
    String hash() {
        return Signature.hash("I have read this paper as it was understood; it is to be followed.", shown());
    }
}
