package waypost.library.bundle;

import java.util.LinkedHashMap;
import java.util.Map;
import waypost.core.battery.Battery;
import waypost.core.battery.EarlyReturn;
import waypost.core.battery.Station;
import waypost.core.criterion.Criterion;
import waypost.library.text.Entry;
import waypost.library.text.Suggestion;

/** Reads tests of return; each station names a milestone that readings decide. */
record BatteryReader(Map<String, Criterion> milestones, Map<String, Battery> batteries) {

    void read(Entry top) {
        Map<String, Station> stations = new LinkedHashMap<>();
        top.list("stations", entry -> entry.make(each -> station(each))).forEach(station -> {
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

    private Station station(Entry entry) {
        Criterion.Measured measured = entry.at("wants").as(this::measured);
        return new Station(
                measured,
                entry.text("how"),
                entry.at("practice").as(Integer::parseInt),
                entry.at("tries").as(Integer::parseInt),
                entry.at("rest-seconds").as(Integer::parseInt));
    }

    private Criterion.Measured measured(String id) {
        Criterion milestone = milestones.get(id);
        if (milestone == null) {
            throw new IllegalArgumentException(Suggestion.oneOf(id, milestones.keySet()));
        }
        if (milestone instanceof Criterion.Measured measured) {
            return measured;
        }
        throw new IllegalArgumentException("found '" + id
                + "', which no reading decides, allowed: reach, no-further, deficit," + " symmetry, ratio or observed");
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
