package waypost.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import waypost.app.signature.Signature;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.lint.Finding;
import waypost.library.lint.Lint;
import waypost.library.paper.PaperDifference;
import waypost.library.paper.PaperSaid;
import waypost.library.text.RefusedException;

/**
 * A paper that was looked through: what it comes to, and what it changes in the protocol below.
 *
 * @param bundle with the paper as one more protocol
 * @param findings what lint finds in it and not in the protocol below
 */
record CheckedPaper(PaperRow row, ReadPaper read, Bundle bundle, PaperDifference difference, List<String> findings) {

    /** What a paper comes to over a bundle that ships. */
    static CheckedPaper of(ReadPaper read, Bundle shipped) {
        Bundle bundle = read.paper().over(shipped);
        Protocol base = bundle.protocol(read.row().base());
        Protocol own = bundle.protocol(read.row().protocol());
        Set<String> known =
                Lint.of(base, bundle).stream().map(CheckedPaper::said).collect(Collectors.toSet());
        return new CheckedPaper(
                read.row(),
                read,
                bundle,
                PaperDifference.of(base, own, bundle),
                Lint.of(own, bundle).stream()
                        .map(CheckedPaper::said)
                        .filter(message -> !known.contains(message))
                        .distinct()
                        .toList());
    }

    private static String said(Finding finding) {
        return finding.rule() + ": " + finding.says();
    }

    /** What has to be settled first; nothing where it can be looked through. */
    static List<String> problems(ReadPaper read, Bundle shipped) {
        if (read.lines().isEmpty()) {
            return List.of("There is no line yet.");
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
        difference.looser().forEach(held -> text.add("The protocol below holds: " + held));
        difference
                .open()
                .forEach(day -> text.add("Open on day " + day.day() + ": " + day.before() + " → " + day.now()));
        findings.forEach(finding -> text.add("Found: " + finding));
        return String.join("\n", text);
    }

    /** SHA-256 over what is shown. */
    String hash() {
        return Signature.hash("I have read this paper as it was understood; it is to be followed.", shown());
    }
}
