package waypost.library.bundle;

import java.util.List;
import java.util.Map;
import java.util.Set;
import waypost.core.measure.Measure;
import waypost.core.protocol.FollowUp;
import waypost.core.protocol.Frequency;
import waypost.core.time.Moment;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads how a course is followed. */
record FollowUpReader(Map<String, Measure> measures, Set<String> batteries, ConditionReader conditions) {

    FollowUp followUp(Entry entry) {
        return new FollowUp(
                measuring(entry),
                entry.list(
                        "corridors",
                        corridor -> new FollowUp.Corridor(
                                measure(corridor),
                                corridor.list("points", FollowUpReader::point),
                                conditions.when(corridor))),
                stretches(entry, "visits"),
                stretches(entry, "home"),
                entry.maybe("battery", this::battery));
    }

    /** What is measured when, as a protocol's follow-up or a part says it. */
    List<FollowUp.Measuring> measuring(Entry entry) {
        return entry.list(
                "measuring",
                due -> new FollowUp.Measuring(
                        measure(due),
                        due.at("from").as(Moment::parse),
                        due.at("every-days").as(Integer::parseInt),
                        conditions.when(due)));
    }

    private static FollowUp.Point point(Entry entry) {
        return new FollowUp.Point(
                entry.at("from").as(Moment::parse),
                entry.at("low").as(Double::parseDouble),
                entry.at("high").as(Double::parseDouble));
    }

    private static List<FollowUp.Stretch> stretches(Entry entry, String key) {
        return entry.list(
                key,
                stretch -> new FollowUp.Stretch(
                        stretch.at("from").as(Moment::parse),
                        stretch.at("often").as(Frequency::parse)));
    }

    private String battery(String id) {
        if (!batteries.contains(id)) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, batteries));
        }
        return id;
    }

    private String measure(Entry entry) {
        return entry.at("measure").as(id -> {
            if (!measures.containsKey(id)) {
                throw new IllegalArgumentException(Suggestion.oneOf(id, measures.keySet()));
            }
            return id;
        });
    }
}
