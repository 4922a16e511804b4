package waypost.core.strength;

/** What several equal sets come to: 1 to 20 sets of 1 to 200 repetitions. */
public record SetWork(int sets, int repetitions) {

    public SetWork {
        if (sets < 1 || sets > 20 || repetitions < 1 || repetitions > 200) {
            throw new IllegalArgumentException(
                    "sets: found " + sets + " × " + repetitions + ", allowed: 1 to 20 sets of 1 to 200 repetitions");
        }
    }

    /** Sets × repetitions × load, in the load's own unit. */
    public double volume(double load) {
        if (!(load >= 0 && load <= 1000)) {
            throw new IllegalArgumentException("load: found " + load + ", allowed: 0 to 1000");
        }
        return sets * repetitions * load;
    }

    /** The seconds that the muscle works in all sets. */
    public int secondsUnderTension(Tempo tempo) {
        return sets * repetitions * tempo.secondsPerRepetition();
    }
}
