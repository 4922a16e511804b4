package waypost.core.strength;

/** A body's mass in kilograms: 2 to 400. */
public record BodyMass(double kilograms) {

    private static final double KILOGRAMS_IN_A_POUND = 0.45359237;

    public BodyMass {
        if (!(kilograms >= 2 && kilograms <= 400)) {
            throw new IllegalArgumentException("body mass: found " + kilograms + " kg, allowed: 2 to 400 kg");
        }
    }

    /** From avoirdupois pounds, 0.45359237 kg each by definition. */
    public static BodyMass ofPounds(double pounds) {
        return new BodyMass(pounds * KILOGRAMS_IN_A_POUND);
    }
}
