package waypost.core.compare;

import java.util.List;

/** Where two courses leave otherwise of one thing. */
public record LimitDifference(List<Stretch<Restricted>> stretches) {

    public LimitDifference {
        stretches = List.copyOf(stretches);
    }

    /** One of them, to tell what it is about. */
    public Restricted about() {
        return stretches.get(0).what();
    }
}
