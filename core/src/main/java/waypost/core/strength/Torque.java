package waypost.core.strength;

import waypost.core.measure.Amount;
import waypost.core.measure.Unit;

/** Force times lever arm, in newton metres. */
public record Torque(double newtonMetres) {

    public static Torque of(Force force, LeverArm arm) {
        return new Torque(force.newtons() * arm.metres());
    }

    /** In N·m for each kilogram of body mass. */
    public double perKilogram(BodyMass mass) {
        return newtonMetres / mass.kilograms();
    }

    public Amount amount() {
        return Amount.of(newtonMetres, Unit.NEWTON_METRES);
    }
}
