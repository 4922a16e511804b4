package waypost.library.bundle;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import waypost.core.body.Direction;
import waypost.core.body.Motion;
import waypost.core.measure.Measure;
import waypost.core.measure.Tool;
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
        Optional<Integer> every = entry.maybe("every-days", Integer::parseInt);
        return new Measure(
                entry.text("id"),
                entry.text("title"),
                Word.at(entry, "unit", Unit.class),
                Word.maybe(entry, "motion", Motion.class),
                Word.maybe(entry, "end", Direction.class),
                entry.at("error").as(Double::parseDouble),
                entry.list("tools", MeasureReader::toolError),
                entry.at("valid-days").as(Integer::parseInt),
                entry.at("both-sides").as(Boolean::parseBoolean),
                Word.at(entry, "better", Measure.Better.class),
                entry.at("least").as(Double::parseDouble),
                entry.at("most").as(Double::parseDouble),
                entry.find("norm")
                        .map(norm -> new Measure.Norm(norm.at("value").as(Double::parseDouble), norm.text("source"))),
                every.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                entry.text("source"));
    }

    private static Measure.ToolError toolError(Entry entry) {
        return new Measure.ToolError(
                Word.at(entry, "tool", Tool.class),
                entry.at("same-rater").as(Double::parseDouble),
                entry.at("other-rater").as(Double::parseDouble));
    }
}
