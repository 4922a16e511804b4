package waypost.core.limit;

import java.util.List;
import java.util.Set;

/**
 * Where a rule comes from: who said it, and which answers switched it on.
 *
 * @param authority the protocol, an order or a therapist
 */
public record Provenance(String ruleId, String title, Authority authority, List<Because> because, boolean surgeonOnly) {

    /**
     * An answer that keeps the rule in force.
     *
     * @param values the possible values that make it apply
     * @param certain false when other values are possible too: the stricter branch applies
     */
    public record Because(String question, String prompt, Set<String> values, boolean certain) {}

    public Provenance {
        because = List.copyOf(because);
    }
}
