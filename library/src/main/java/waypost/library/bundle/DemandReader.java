package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import waypost.core.body.Degrees;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Lasting;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.RunningSteps;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.library.text.Entry;

/** Reads one demand. */
final class DemandReader {

    private static final Map<String, Function<Entry, Demand>> KINDS = new LinkedHashMap<>();

    static {
        KINDS.put("motion", DemandReader::movement);
        KINDS.put("tissue", DemandReader::tissue);
        KINDS.put("bears", DemandReader::bearing);
        KINDS.put("strain", DemandReader::strain);
        KINDS.put("pressed", e -> new Pressed(Word.at(e, "pressed", Joint.class), Word.at(e, "level", Level.class)));
        KINDS.put("held", e -> new Demand.Held(limb(e), e.at("held").as(Load::parse)));
        KINDS.put("lever", e -> new Demand.Lever(limb(e), Word.at(e, "lever", LeverLength.class)));
        KINDS.put("height", e -> new Reaching(Word.at(e, "height", ArmHeight.class)));
        KINDS.put("posture", e -> new Demand.Placed(Word.at(e, "posture", Posture.class)));
        KINDS.put("contacts", e -> new Demand.Contacts(e.at("contacts").as(Count::parse)));
        KINDS.put(
                "running-steps",
                e -> new RunningSteps(
                        e.at("running-steps").as(Count::parse),
                        e.maybe("per-minute", Count::parse).orElse(new Count(0))));
        KINDS.put("minutes", e -> new Lasting(e.at("minutes").as(Count::parse)));
    }

    private DemandReader() {}

    static Demand demand(Entry entry) {
        return entry.byKind(KINDS);
    }

    private static Limb limb(Entry entry) {
        return Word.maybe(entry, "limb", Limb.class).orElse(Limb.LEG);
    }

    private static Demand movement(Entry entry) {
        Motion motion = Word.at(entry, "motion", Motion.class);
        return new Demand.Movement(
                motion,
                entry.at("arc").as(text -> Word.arc(motion, text)),
                entry.maybe("needs", Degrees::parse),
                entry.at("working").as(word -> Word.direction(motion, word)),
                Word.at(entry, "mode", Mode.class),
                Word.at(entry, "chain", Chain.class),
                Word.at(entry, "loaded", Loading.class),
                Word.maybe(entry, "end", EndRange.class).orElse(EndRange.SHORT_OF_IT));
    }

    private static Demand tissue(Entry entry) {
        return new Demand.TissueLoad(
                Word.at(entry, "tissue", Tissue.class),
                Word.at(entry, "effort", Level.class),
                Word.at(entry, "mode", Mode.class),
                Word.maybe(entry, "action", Action.class));
    }

    private static Demand bearing(Entry entry) {
        return new Demand.Bearing(
                limb(entry), entry.at("bears").as(BodyShare::parse), Word.at(entry, "support", Support.class));
    }

    private static Demand strain(Entry entry) {
        return new Demand.Strain(
                Word.at(entry, "strain", StrainKind.class), limb(entry), Word.at(entry, "level", Level.class));
    }
}
