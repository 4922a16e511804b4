package waypost.library.secondjudge;

import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.demand.GettingDown;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.Posture;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;

/** What a demand asks of a region, told from its data alone. */
final class Asking {

    private Asking() {}

    /** Whether the demand asks anything of what the region names: joints, tissues, limbs. */
    static boolean concerns(Demand demand, Set<Object> region) {
        if (demand instanceof Demand.Movement movement) {
            return region.contains(movement.motion().joint());
        }
        if (demand instanceof Demand.TissueLoad load) {
            return load.effort() != Level.NONE && region.contains(load.tissue());
        }
        if (demand instanceof Demand.Bearing bearing) {
            return bearing.share().percent() > 0 && region.contains(bearing.limb());
        }
        if (demand instanceof Demand.Strain strain) {
            return strain.level() != Level.NONE && region.contains(strain.limb());
        }
        if (demand instanceof Demand.Held held) {
            return held.load().amount() > 0 && region.contains(held.limb());
        }
        if (demand instanceof Pressed pressed) {
            return pressed.level() != Level.NONE && region.contains(pressed.joint());
        }
        if (demand instanceof Demand.Lever lever) {
            return region.contains(lever.limb());
        }
        if (demand instanceof Demand.Contacts contacts) {
            return contacts.count().number() > 0 && region.contains(Limb.LEG);
        }
        if (demand instanceof RunningSteps steps) {
            return steps.count().number() > 0 && region.contains(Limb.LEG);
        }
        if (demand instanceof GettingDown) {
            return region.contains(Limb.LEG);
        }
        if (demand instanceof Kneeling kneeling) {
            return kneeling.share().percent() > 0 && region.contains(Joint.KNEE);
        }
        if (demand instanceof Reaching) {
            return region.contains(Limb.ARM);
        }
        return demand instanceof Demand.Placed placed && placed.posture() == Posture.ON_OPERATED_SIDE;
    }
}
