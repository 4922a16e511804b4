package waypost.library.bundle;

import waypost.core.body.Degrees;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.Support;
import waypost.library.text.Entry;

/** Reads one demand. */
final class DemandReader {

    private DemandReader() {}

    static Demand demand(Entry entry) {
        if (entry.has("motion")) {
            return movement(entry, entry.at("motion").as(word -> Word.read(Motion.class, word)));
        }
        if (entry.has("tissue")) {
            return new Demand.TissueLoad(
                    entry.at("tissue").as(word -> Word.read(Tissue.class, word)),
                    entry.at("effort").as(word -> Word.read(Level.class, word)),
                    entry.at("mode").as(word -> Word.read(Mode.class, word)));
        }
        if (entry.has("strain")) {
            return new Demand.Strain(
                    entry.at("strain").as(word -> Word.read(Demand.StrainKind.class, word)),
                    entry.at("level").as(word -> Word.read(Level.class, word)));
        }
        return new Demand.Bearing(
                entry.at("bears").as(BodyShare::parse), entry.at("support").as(word -> Word.read(Support.class, word)));
    }

    private static Demand movement(Entry entry, Motion motion) {
        return new Demand.Movement(
                motion,
                entry.at("arc").as(text -> Word.arc(motion, text)),
                entry.maybe("needs", Degrees::parse),
                entry.at("working").as(word -> Word.direction(motion, word)),
                entry.at("mode").as(word -> Word.read(Mode.class, word)),
                entry.at("chain").as(word -> Word.read(Chain.class, word)),
                entry.at("loaded").as(word -> Word.read(Loading.class, word)));
    }
}
