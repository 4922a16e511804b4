package waypost.library.words;

import java.util.stream.Collectors;
import waypost.core.limit.Circumstance;
import waypost.core.limit.LimbQuantity;
import waypost.core.limit.Quantity;

/** Says where a quantity counts: "for the hamstring (resisted)", "on the affected leg", "in knee extension". */
enum QuantityWords implements Quantity.Visitor<String> {
    WHERE;

    @Override
    public String effort(Quantity.Effort quantity) {
        String modes = quantity.modes().stream().map(Terms::plain).sorted().collect(Collectors.joining(" or "));
        return " for the " + Terms.plain(quantity.tissue()) + (modes.isEmpty() ? "" : " (" + modes + ")");
    }

    @Override
    public String share(LimbQuantity.Share quantity) {
        String support = quantity.support()
                .map(s -> switch (s) {
                    case ONE -> " standing on it alone";
                    case BOTH -> " beside the other";
                    case ASSISTED -> " with support";
                })
                .orElse("");
        return " on " + Terms.limb(quantity.limb()) + support;
    }

    @Override
    public String against(Quantity.Against quantity) {
        return " in " + movements(quantity.circumstance());
    }

    @Override
    public String endForce(Quantity.EndForce quantity) {
        return " in " + movements(quantity.circumstance());
    }

    @Override
    public String holding(LimbQuantity.Holding quantity) {
        return " in " + Terms.limb(quantity.limb());
    }

    @Override
    public String reach(LimbQuantity.Reach quantity) {
        return " for " + Terms.limb(quantity.limb());
    }

    @Override
    public String handHeight(Quantity.HandHeight quantity) {
        return " for the working hand";
    }

    @Override
    public String straining(LimbQuantity.Straining quantity) {
        return "";
    }

    @Override
    public String contacts(Quantity.Contacts quantity) {
        return " a session";
    }

    @Override
    public String steps(Quantity.Steps quantity) {
        return " a session";
    }

    @Override
    public String onKnee(LimbQuantity.OnKnee quantity) {
        return " on the knee";
    }

    @Override
    public String pressing(LimbQuantity.Pressing quantity) {
        return " on the " + Terms.plain(quantity.joint());
    }

    /** The movements that a circumstance is about: "knee extension", "shoulder movement". */
    static String movements(Circumstance circumstance) {
        if (circumstance.motions().size() > 1) {
            return Terms.joint(circumstance.motions().iterator().next()) + " movement";
        }
        var motion = circumstance.motions().iterator().next();
        return circumstance
                .working()
                .map(working -> Terms.joint(motion) + " " + motion.name(working))
                .orElseGet(() -> Terms.bend(motion));
    }
}
