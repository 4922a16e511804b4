package waypost.library.bundle;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.Map;
import waypost.core.battery.Battery;
import waypost.core.battery.EarlyReturn;
import waypost.core.battery.Station;
import waypost.core.criterion.Criterion;
import waypost.core.measure.Measure;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads tests of return; each station has a criterion of its own that readings decide. */
record BatteryReader(Map<String, Measure> measures, Collection<Criterion> shared, Map<String, Battery> batteries) {

    void read(Entry top) {
        CriterionReader criteria = new CriterionReader(measures, shared);
        Map<String, Station> stations = new LinkedHashMap<>();
        top.list("stations", entry -> entry.make(each -> station(each, criteria)))
                .forEach(station -> {
                    if (stations.put(station.id(), station) != null) {
                        top.problem("found the station '" + station.id() + "' twice, allowed: once");
                    }
                });
        top.list("batteries", entry -> entry.make(each -> battery(each, stations)))
                .forEach(battery -> {
                    if (batteries.put(battery.id(), battery) != null) {
                        top.problem("found the battery '" + battery.id() + "' twice, allowed: once");
                    }
                });
    }

    private static Battery battery(Entry entry, Map<String, Station> stations) {
        return new Battery(
                entry.text("id"),
                entry.text("title"),
                entry.text("warm-up"),
                entry.whole("stations", named -> named.as(id -> station(id, stations))),
                entry.text("cleared"),
                entry.find("early").map(early -> early.make(BatteryReader::early)));
    }

    private static Station station(String id, Map<String, Station> stations) {
        Station station = stations.get(id);
        if (station == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, stations.keySet()));
        }
        return station;
    }

    private static Station station(Entry entry, CriterionReader criteria) {
        Entry wants = entry.at("wants");
        if (!(criteria.criterion(wants) instanceof Criterion.Measured measured)) {
            throw new IllegalArgumentException(
                    "found a milestone that no reading decides, allowed: reach, no-further, deficit,"
                            + " symmetry, ratio or observed");
        }
        return new Station(
                measured,
                entry.text("how"),
                entry.at("practice").as(Integer::parseInt),
                entry.at("tries").as(Integer::parseInt),
                entry.at("rest-seconds").as(Integer::parseInt));
    }

    private static EarlyReturn early(Entry entry) {
        return new EarlyReturn(
                entry.text("sport"),
                entry.at("until-month").as(Integer::parseInt),
                entry.at("from-month").as(Integer::parseInt),
                entry.at("times-per-month").as(Double::parseDouble),
                entry.text("source"));
    }
}
