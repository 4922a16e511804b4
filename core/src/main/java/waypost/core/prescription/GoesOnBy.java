package waypost.core.prescription;

import java.util.Optional;
import waypost.core.exercise.Progression;

/**
 * By which rule a dose goes on, with the number that is set in it.
 *
 * @param number within what the rule allows; 0 where it has none
 */
public record GoesOnBy(Progression rule, int number) {

    public GoesOnBy {
        if (rule.number().isPresent()) {
            rule.number().get().check(number);
        } else if (number != 0) {
            throw new IllegalArgumentException("the rule's number: found " + number + ", allowed: none for this rule");
        }
    }

    /** By how many percent ground contacts may rise in a week, whichever rule it is. */
    public int shareOfContacts() {
        return rule == Progression.CONTACTS ? number : Progression.CONTACTS.usual();
    }

    /**
     * A rule as it was chosen for an exercise: its own, or none at all.
     *
     * @param number empty for the usual one
     */
    public static GoesOnBy chosen(Progression own, Progression chosen, Optional<Integer> number) {
        if (chosen != own && chosen != Progression.AS_WRITTEN) {
            throw new IllegalArgumentException(
                    "found another rule, allowed: the exercise's own, or staying as prescribed");
        }
        return new GoesOnBy(chosen, number.orElse(chosen.usual()));
    }

    /** A rule with its usual number. */
    public static GoesOnBy usual(Progression rule) {
        return new GoesOnBy(rule, rule.usual());
    }
}
