package waypost.core.strength;

/** Effort of a whole session, 0 to 10, times its minutes (Foster et al. 2001, from memory). */
public record SessionLoad(double value) {

    public static SessionLoad of(double effort, double minutes) {
        if (!(effort >= 0 && effort <= 10) || !(minutes >= 0 && minutes <= 600)) {
            throw new IllegalArgumentException("session load: found effort " + effort + " for " + minutes
                    + " min, allowed: an effort of 0 to 10 for 0 to 600 min");
        }
        return new SessionLoad(effort * minutes);
    }
}
