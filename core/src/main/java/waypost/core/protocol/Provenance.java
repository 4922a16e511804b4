package waypost.core.protocol;

import java.util.List;
import java.util.Set;

/**
 * Where a rule comes from: which protocol, and which answers switched it on.
 *
 * @param source such as "Knee ligament reconstruction 1.0"
 */
public record Provenance(String ruleId, String title, String source, List<Because> because, boolean surgeonOnly) {

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
