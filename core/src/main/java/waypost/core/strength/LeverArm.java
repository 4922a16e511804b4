package waypost.core.strength;

/** From the joint's axis to where the dynamometer presses, in metres: 0.02 to 1. */
public record LeverArm(double metres) {

    public LeverArm {
        if (!(metres >= 0.02 && metres <= 1)) {
            throw new IllegalArgumentException("lever arm: found " + metres * 100 + " cm, allowed: 2 to 100 cm");
        }
    }

    public static LeverArm ofCentimetres(double centimetres) {
        return new LeverArm(centimetres / 100);
    }
}
