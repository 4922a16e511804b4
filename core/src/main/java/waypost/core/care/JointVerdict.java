package waypost.core.care;

import java.util.List;
import waypost.core.body.Side;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.reason.VerdictKind;

/**
 * What all courses of a person together say of a role played on one side.
 *
 * @param side the side that plays the role
 * @param said what each course says, the one that the role was asked of first
 */
public record JointVerdict(RoleKey role, Side side, List<Said> said) {

    /** One course's verdict; {@code verdict} is about the role that this course's own side plays meanwhile. */
    public record Said(String episode, Verdict verdict) {}

    public JointVerdict {
        said = List.copyOf(said);
    }

    /** The worst of all: what one course closes no other opens. */
    public VerdictKind kind() {
        return said.stream().map(s -> s.verdict().kind()).reduce(VerdictKind.OPEN, VerdictKind::worse);
    }
}
