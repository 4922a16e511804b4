package waypost.core.paper;

import java.util.List;

/** What became of a line. */
public sealed interface Understanding {

    /**
     * It is understood as rules.
     *
     * @param spelling words that were read as others: "slign as sling"
     */
    record Understood(List<PaperRule> rules, List<String> spelling) implements Understanding {
        public Understood {
            rules = List.copyOf(rules);
            spelling = List.copyOf(spelling);
        }
    }

    /** It may be meant in more than one way. */
    record Asks(PaperQuestion question) implements Understanding {}

    /**
     * It can't be read.
     *
     * @param unknown the first words that no rule knows
     */
    record Unread(String unknown) implements Understanding {}
}
