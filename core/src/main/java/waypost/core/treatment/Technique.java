package waypost.core.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;

/**
 * What hands do for a range, in general terms. The four grades of a glide, small or large, short of the resistance or into
 * it, are those of manual therapy (Maitland, from memory); a fast thrust is none of them and is not offered.
 */
public enum Technique {
    CARRIED(EndRange.FIRST_RESISTANCE),
    GLIDE_1(EndRange.SHORT_OF_IT),
    GLIDE_2(EndRange.SHORT_OF_IT),
    GLIDE_3(EndRange.STRETCH),
    GLIDE_4(EndRange.STRETCH),
    HELD_STRETCH(EndRange.STRETCH),
    TIGHTEN_AND_LET_GO(EndRange.FIRST_RESISTANCE);

    private final EndRange end;

    Technique(EndRange end) {
        this.end = end;
    }

    /** What it asks of the limb: the joint is carried; what lies against that end is stretched, or pulls lightly. */
    List<Demand> asks(Motion motion, Direction toward, Arc arc) {
        List<Demand> asked = new ArrayList<>();
        asked.add(new Demand.Movement(
                motion, arc, Optional.empty(), toward, Mode.PASSIVE, Chain.OPEN, Loading.NONE, end));
        for (Tissue tissue : Against.moving(motion, toward)) {
            if (this == TIGHTEN_AND_LET_GO) {
                asked.add(new Demand.TissueLoad(tissue, Level.LOW, Mode.ACTIVE, Optional.of(Action.HOLDING)));
            } else if (end == EndRange.STRETCH) {
                asked.add(new Demand.TissueLoad(tissue, Level.LOW, Mode.PASSIVE, Optional.of(Action.LENGTHENING)));
            }
        }
        return asked;
    }
}
