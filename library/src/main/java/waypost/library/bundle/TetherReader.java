package waypost.library.bundle;

import java.util.Optional;
import waypost.core.anatomy.Contact;
import waypost.core.anatomy.Spot;
import waypost.core.anatomy.Tether;
import waypost.library.text.Entry;

/**
 * Reads where a band pulls and where it is fixed: "{ at: palm, from: other side, high: 100 cm, away: 100 cm }", or where the
 * springs of a carriage do: "{ at: palm, from: carriage }".
 */
final class TetherReader {

    private static final String CARRIAGE = "carriage";

    private TetherReader() {}

    static Tether tether(Entry entry) {
        Spot at = entry.at("at").as(Touch::spot);
        Optional<Contact> body = entry.maybe("to", Touch::place);
        return entry.make(band -> new Tether(
                at,
                body.<Tether.End>map(to -> new Tether.Body(to.half(), to.spot()))
                        .orElseGet(() -> fixed(band, at))));
    }

    private static Tether.End fixed(Entry entry, Spot at) {
        return entry.maybe("from", text -> text).filter(CARRIAGE::equals).isPresent()
                ? new Tether.Carriage(at)
                : anchor(entry);
    }

    private static Tether.Anchor anchor(Entry entry) {
        return new Tether.Anchor(
                Word.at(entry, "from", Tether.Toward.class),
                entry.at("high").as(Centimetres::metres),
                entry.at("away").as(Centimetres::metres));
    }
}
