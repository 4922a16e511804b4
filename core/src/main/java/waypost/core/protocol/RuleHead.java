package waypost.core.protocol;

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
 */
public record RuleHead(String id, String title, Condition when, boolean surgeonOnly, Set<String> exempt) {

    public RuleHead {
        exempt = Set.copyOf(exempt);
    }
}
