package waypost.core.function;

/** How far one leg reaches in three directions while the other stands, in centimetres. */
public record ReachBalance(double anterior, double posteromedial, double posterolateral) {

    public ReachBalance {
        if (!(anterior > 0 && posteromedial > 0 && posterolateral > 0)
                || Math.max(anterior, Math.max(posteromedial, posterolateral)) > 200) {
            throw new IllegalArgumentException("reaches: found " + anterior + ", " + posteromedial + ", "
                    + posterolateral + " cm, allowed: above 0 to 200 cm each");
        }
    }

    /** The composite: the three added, ÷ (3 × leg length) × 100 (Plisky et al. 2006, from memory). */
    public double compositePercent(double legLengthCentimetres) {
        if (!(legLengthCentimetres >= 30 && legLengthCentimetres <= 140)) {
            throw new IllegalArgumentException(
                    "leg length: found " + legLengthCentimetres + " cm, allowed: 30 to 140 cm");
        }
        return (anterior + posteromedial + posterolateral) / (3 * legLengthCentimetres) * 100;
    }
}
