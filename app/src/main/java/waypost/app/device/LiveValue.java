package waypost.app.device;

import java.util.Map;

/**
 * What an instrument says at a moment.
 *
 * @param values by quantity; empty unless live
 * @param refused how many lines could not be understood so far
 */
record LiveValue(State state, Map<String, Double> values, long refused) {

    /** How it stands with an instrument. */
    enum State {
        /** Heard within the last two seconds. */
        LIVE,
        /** Connected, and nothing sensible heard for two seconds. */
        SILENT,
        /** Not reached; it is tried again and again. */
        LOST
    }

    LiveValue {
        values = Map.copyOf(values);
    }

    static LiveValue without(State state, long refused) {
        return new LiveValue(state, Map.of(), refused);
    }
}
