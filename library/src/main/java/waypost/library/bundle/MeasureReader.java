package waypost.library.bundle;

import java.util.Map;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.measure.Measure;
import waypost.core.measure.Unit;
import waypost.library.text.Entry;

/** Reads the catalogue of measures. */
record MeasureReader(Map<String, Measure> measures) {

    void read(Entry top) {
        top.list("catalogue", MeasureReader::measure).forEach(measure -> {
            if (measures.put(measure.id(), measure) != null) {
                top.problem("found the measure '" + measure.id() + "' twice, allowed: once");
            }
        });
    }

    private static Measure measure(Entry entry) {
        return new Measure(
                entry.text("id"),
                entry.text("title"),
                entry.at("unit").as(word -> Word.read(Unit.class, word)),
                entry.maybe("motion", word -> Word.read(Motion.class, word)),
                entry.maybe("end", word -> Word.read(Direction.class, word)),
                entry.at("error").as(Double::parseDouble),
                entry.at("valid-days").as(Integer::parseInt),
                entry.at("both-sides").as(Boolean::parseBoolean),
                entry.at("better").as(word -> Word.read(Measure.Better.class, word)),
                entry.at("least").as(Double::parseDouble),
                entry.at("most").as(Double::parseDouble),
                entry.text("source"));
    }
}
