package waypost.library.words;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.body.Arc;
import waypost.core.demand.Demand;
import waypost.core.demand.GettingDown;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Lasting;
import waypost.core.demand.Loading;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;
import waypost.core.demand.Support;
import waypost.core.measure.Plain;

/** Says what doing something asks: "the leg alone to carry 100 % of body mass; to kneel on 37 % of body mass". */
public final class AskedWords {

    private AskedWords() {}

    public static String say(List<Demand> asked) {
        return asked.stream().map(AskedWords::say).distinct().collect(Collectors.joining("; "));
    }

    private static String say(Demand demand) {
        if (demand instanceof Demand.Bearing bearing) {
            String alone = bearing.support() == Support.ONE ? " alone" : "";
            return "the " + Terms.plain(bearing.limb()) + alone + " to carry "
                    + Plain.number(bearing.share().percent()) + " % of body mass";
        }
        if (demand instanceof Kneeling kneeling) {
            return "to kneel on " + Plain.number(kneeling.share().percent()) + " % of body mass";
        }
        if (demand instanceof GettingDown) {
            return "to get down to the floor and up again";
        }
        if (demand instanceof Demand.Movement movement) {
            return Terms.bend(movement.motion()) + " " + angles(movement.arc()) + under(movement.loading());
        }
        if (demand instanceof Demand.TissueLoad load) {
            return Terms.plain(load.effort()) + " effort of the " + Terms.plain(load.tissue());
        }
        if (demand instanceof Demand.Strain strain) {
            return Terms.plain(strain.level()) + " " + Terms.plain(strain.kind()) + " for the "
                    + Terms.plain(strain.limb());
        }
        return demand instanceof Demand.Placed placed ? Terms.posture(placed.posture()) : amount(demand);
    }

    private static String amount(Demand demand) {
        if (demand instanceof Demand.Held held) {
            return Plain.number(held.load().amount()) + " " + held.load().unit().word() + " with the "
                    + Terms.plain(held.limb());
        }
        if (demand instanceof Demand.Contacts contacts) {
            return contacts.count().number() + " ground contacts";
        }
        if (demand instanceof RunningSteps steps) {
            return steps.count().number() + " steps of running";
        }
        if (demand instanceof Lasting lasting) {
            return lasting.minutes().number() + " minutes";
        }
        if (demand instanceof Pressed pressed) {
            return Terms.plain(pressed.level()) + " pressure on the " + Terms.plain(pressed.joint());
        }
        if (demand instanceof Demand.Lever lever) {
            return "a " + Terms.plain(lever.length()) + " lever of the " + Terms.plain(lever.limb());
        }
        return "the hand " + Terms.plain(((Reaching) demand).height());
    }

    private static String angles(Arc arc) {
        return arc.span() == 0 ? "held at " + Terms.degrees(arc.least()) : Terms.arc(arc);
    }

    private static String under(Loading loading) {
        return switch (loading) {
            case NONE -> "";
            case OWN_WEIGHT -> " under the body's own weight";
            case ADDED -> " against added load";
        };
    }
}
