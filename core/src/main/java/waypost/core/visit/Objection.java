package waypost.core.visit;

import waypost.core.progression.Allowed;
import waypost.core.progression.PainLimit;

/** What speaks against writing a dose as it is. */
public sealed interface Objection {

    /**
     * The gate lets it pass only in part today, or not at all.
     *
     * @param allowed what it leaves, and why
     */
    record Cut(Allowed allowed) implements Objection {}

    /** It would allow more pain than the protocol's rule does. */
    record MorePain(int asked, PainLimit ruled) implements Objection {}
}
