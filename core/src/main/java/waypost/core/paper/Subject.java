package waypost.core.paper;

import java.util.List;

/**
 * What a clause speaks of, without its time.
 *
 * @param how how a time is meant with it
 */
record Subject(List<What> whats, How how) {

    /** What a time does to it. */
    enum How {
        /** It holds while the time lasts. */
        HOLDS,
        /** It begins then and is not done before. */
        BEGINS,
        /** It is over then. */
        STOPS,
        /** From then on it is free. */
        FREES
    }

    Subject {
        whats = List.copyOf(whats);
    }

    static Subject holding(What... whats) {
        return new Subject(List.of(whats), How.HOLDS);
    }
}
