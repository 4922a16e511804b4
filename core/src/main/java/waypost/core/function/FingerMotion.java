package waypost.core.function;

/** How a finger's motion after a tendon repair is graded (Strickland and Glogovac 1980, original, from memory). */
public enum FingerMotion {
    EXCELLENT(85),
    GOOD(70),
    FAIR(50),
    POOR(0);

    private final double least;

    FingerMotion(double least) {
        this.least = least;
    }

    /** PIP and DIP flexion less their extension lag, ÷ 175 × 100. */
    public static double percent(double pipFlexion, double dipFlexion, double extensionLags) {
        return (pipFlexion + dipFlexion - extensionLags) / 175 * 100;
    }

    /** The grade of a percentage. */
    public static FingerMotion of(double percent) {
        for (FingerMotion grade : values()) {
            if (percent >= grade.least) {
                return grade;
            }
        }
        return POOR;
    }
}
