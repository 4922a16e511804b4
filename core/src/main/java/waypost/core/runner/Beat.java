package waypost.core.runner;

/**
 * A moment of a script at which something is said.
 *
 * @param second from the beginning
 * @param round the set it belongs to, from 1
 */
public record Beat(int second, int round, Kind kind, String says) {

    /** What begins with it. */
    public enum Kind {
        /** The work of a round. */
        WORK,
        /** The easy part of a round, or the rest between two. */
        EASY,
        /** Something is called in the middle of the work. */
        CALL,
        /** A change is near. */
        SOON,
        /** A round is over. */
        ROUND_OVER,
        /** All is over. */
        OVER
    }
}
