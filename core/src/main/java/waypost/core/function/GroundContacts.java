package waypost.core.function;

/** How often the feet strike the ground in a run: warm-up contacts should reach it before the first one. */
public record GroundContacts(int count) {

    /**
     * Minutes × steps a minute.
     *
     * @param minutes 0 to 300
     * @param stepsPerMinute 60 to 240, both feet together
     */
    public static GroundContacts ofRun(double minutes, double stepsPerMinute) {
        if (!(minutes >= 0 && minutes <= 300) || !(stepsPerMinute >= 60 && stepsPerMinute <= 240)) {
            throw new IllegalArgumentException("run: found " + minutes + " min at " + stepsPerMinute
                    + " steps a minute, allowed: 0 to 300 min at 60 to 240");
        }
        return new GroundContacts((int) Math.round(minutes * stepsPerMinute));
    }

    /** Those of one foot. */
    public int perFoot() {
        return (count + 1) / 2;
    }
}
