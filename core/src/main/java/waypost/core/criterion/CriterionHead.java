package waypost.core.criterion;

import java.util.OptionalInt;

/**
 * What every criterion carries.
 *
 * @param latched once met it stays met; else it is live: lost again, it is not met again
 * @param validDays how old evidence may be, where that differs from its measure's
 */
public record CriterionHead(String id, String title, boolean latched, OptionalInt validDays) {

    /** A live criterion whose evidence is valid as long as its measure says. */
    public static CriterionHead of(String id, String title) {
        return new CriterionHead(id, title, false, OptionalInt.empty());
    }
}
