package waypost.library.bundle;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.measure.Derivation;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Questionnaire;
import waypost.core.measure.Taken;
import waypost.core.measure.Tool;
import waypost.core.measure.Unit;
import waypost.library.text.Entry;

/**
 * Reads a catalogue of measures. A clinic's own begin with "own-" and are numbers beside the others: no motion is read from
 * them, and they are worked out from nothing, so that they reach only what a protocol asks of them by name.
 */
record MeasureReader(Map<String, Measure> measures) {

    private static final String OWN = "own";
    private static final List<String> NOT_OWN = List.of("motion", "end", "derived", "questionnaire");

    /** A file that must be a clinic's own. */
    void readOwn(Entry top) {
        if (!top.text("measures").equals(OWN)) {
            top.problem("found 'measures: " + top.text("measures") + "', allowed: measures: " + OWN);
        }
        read(top);
    }

    void read(Entry top) {
        boolean own = top.text("measures").equals(OWN);
        top.list("catalogue", entry -> checked(entry, own)).forEach(measure -> {
            if (measures.put(measure.id(), measure) != null) {
                top.problem("found the measure '" + measure.id() + "' twice, allowed: once");
            }
        });
    }

    private static Measure checked(Entry entry, boolean own) {
        if (entry.text("id").startsWith(OWN + "-") != own) {
            throw new IllegalArgumentException(
                    own
                            ? "found '" + entry.text("id") + "', allowed: own- and small letters"
                            : "found own-, allowed: in a clinic's own file");
        }
        NOT_OWN.stream().filter(key -> own && entry.has(key)).findFirst().ifPresent(key -> {
            throw new IllegalArgumentException("found '" + key + "' in a clinic's own measure, allowed: none");
        });
        return measure(entry);
    }

    private static Measure measure(Entry entry) {
        Unit unit = Word.at(entry, "unit", Unit.class);
        Optional<Integer> every = entry.maybe("every-days", Integer::parseInt);
        return new Measure(
                entry.text("id"),
                entry.text("title"),
                unit,
                Word.maybe(entry, "motion", Motion.class),
                Word.maybe(entry, "end", Direction.class),
                error(entry),
                entry.list("tools", MeasureReader::toolError),
                entry.at("valid-days").as(Integer::parseInt),
                entry.at("both-sides").as(Boolean::parseBoolean),
                Word.at(entry, "better", Measure.Better.class),
                entry.at("least").as(Double::parseDouble),
                entry.at("most").as(Double::parseDouble),
                entry.find("norm")
                        .map(norm -> new Measure.Norm(norm.at("value").as(Double::parseDouble), norm.text("source"))),
                every.map(OptionalInt::of).orElseGet(OptionalInt::empty),
                taken(entry, unit),
                entry.text("source"));
    }

    private static MeasuringError error(Entry entry) {
        Optional<Double> important = entry.maybe("important", Double::parseDouble);
        return new MeasuringError(
                entry.at("error").as(Double::parseDouble),
                entry.maybe("error-percent", Double::parseDouble).orElse(0.0),
                important.map(OptionalDouble::of).orElseGet(OptionalDouble::empty));
    }

    private static Measure.ToolError toolError(Entry entry) {
        return new Measure.ToolError(
                Word.at(entry, "tool", Tool.class),
                entry.at("same-rater").as(Double::parseDouble),
                entry.at("other-rater").as(Double::parseDouble));
    }

    private static Taken taken(Entry entry, Unit unit) {
        return entry.find("questionnaire")
                .map(MeasureReader::questionnaire)
                .map(Taken::by)
                .or(() -> entry.find("derived").map(MeasureReader::derivation).map(Taken::by))
                .orElseGet(() ->
                        Taken.by(Word.maybe(entry, "taken", Method.class).orElseGet(() -> Method.usualFor(unit))));
    }

    private static Questionnaire questionnaire(Entry entry) {
        return new Questionnaire(
                entry.at("items").as(Integer::parseInt),
                entry.at("fewest").as(Integer::parseInt),
                entry.at("least").as(Integer::parseInt),
                entry.at("most").as(Integer::parseInt),
                Word.at(entry, "scoring", Questionnaire.Scoring.class));
    }

    private static Derivation derivation(Entry entry) {
        Optional<Double> whole = entry.maybe("percent-of", Double::parseDouble);
        return new Derivation(
                entry.whole("terms", MeasureReader::term),
                whole.map(OptionalDouble::of).orElseGet(OptionalDouble::empty));
    }

    private static Derivation.Term term(Entry entry) {
        return new Derivation.Term(
                entry.text("measure"),
                Word.at(entry, "mode", Mode.class),
                Word.at(entry, "counts", Derivation.Counts.class));
    }
}
