package waypost.core.limit;

import java.util.Set;
import waypost.core.question.Condition;

/**
 * What every rule carries besides its substance.
 *
 * @param id permanent, shown and stored
 * @param title may change
 * @param when the answers under which it applies
 * @param surgeonOnly only the surgeon's own signature loosens it
 * @param exempt ids of activities that it does not touch, by name
 * @param unless set-ups under which it does not hold, such as "brace-locked"
 * @param clock the clock it counts on; empty for the course's own
 * @param anew the events from which it counts anew, beside its clock
 * @param forGood it has no end, and is meant so: what a new joint is never asked
 * @param part title and version of the healing part it belongs to; empty for a rule of the protocol itself
 */
public record RuleHead(
        String id,
        String title,
        Condition when,
        boolean surgeonOnly,
        Set<String> exempt,
        Set<String> unless,
        String clock,
        Set<String> anew,
        boolean forGood,
        String part) {

    public RuleHead {
        exempt = Set.copyOf(exempt);
        unless = Set.copyOf(unless);
        anew = Set.copyOf(anew);
    }

    /** A rule that always applies, on the course's own clock, without exceptions. */
    public static RuleHead of(String id, String title) {
        return new RuleHead(id, title, Condition.ALWAYS, false, Set.of(), Set.of(), "", Set.of(), false, "");
    }

    /** This under a condition. */
    public RuleHead when(Condition condition) {
        return new RuleHead(id, title, condition, surgeonOnly, exempt, unless, clock, anew, forGood, part);
    }

    /** This as a rule of a healing part. */
    public RuleHead ofPart(String face) {
        return new RuleHead(id, title, when, surgeonOnly, exempt, unless, clock, anew, forGood, face);
    }
}
