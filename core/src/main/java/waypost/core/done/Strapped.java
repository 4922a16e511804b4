package waypost.core.done;

import java.util.ArrayList;
import java.util.List;
import waypost.core.anatomy.Spot;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Pressed;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;

/** Beside which joints a role has something strapped on, by what is drawn and what is held. */
public final class Strapped {

    private Strapped() {}

    /** The loop of a band, and the cuff weight of a leg that swings; what a file says of a joint is taken from the file. */
    public static List<Demand> of(Pose pose, Role role) {
        List<Demand> strapped = new ArrayList<>(2);
        pose.band().ifPresent(band -> {
            if (band.at() == Spot.ANKLE) {
                strapped.add(new Pressed(Joint.ANKLE, Level.MODERATE));
            } else if (band.at() == Spot.KNEE) {
                strapped.add(new Pressed(Joint.KNEE, Level.MODERATE));
            }
        });
        if (strapped.isEmpty() && swingsWeight(role)) {
            strapped.add(new Pressed(Joint.ANKLE, Level.LOW));
        }
        return strapped.stream()
                .filter(demand -> role.demands().stream().noneMatch(demand::isOfTheSameAs))
                .filter(demand -> role.besides().operated().stream().noneMatch(demand::isOfTheSameAs))
                .toList();
    }

    private static boolean swingsWeight(Role role) {
        boolean weight = role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Held held
                        && held.limb() == Limb.LEG
                        && held.load().unit() == LoadUnit.KILOGRAMS);
        return weight && Done.swings(role);
    }
}
