package waypost.core.protocol;

import waypost.core.limit.RuleHead;

/**
 * How much pain is acceptable while exercising.
 *
 * @param most 0 to 10; 0 is no pain at all
 */
public record PainRule(RuleHead head, int most) {

    private static final int WORST = 10;

    public PainRule {
        if (most < 0 || most > WORST) {
            throw new IllegalArgumentException("pain: found " + most + ", allowed: 0 to 10");
        }
    }
}
