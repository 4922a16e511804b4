package waypost.core.resolved;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.Limit;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.SetUp;
import waypost.core.time.Clocks;

/** Puts the rules that apply on the days of a course. */
record Dating(Protocol protocol, Clocks clocks) {

    List<InForce<?>> limits(List<Applying.Of<Limit<?>>> applying) {
        List<InForce<?>> limits = new ArrayList<>();
        for (Applying.Of<Limit<?>> each : applying) {
            limits.addAll(onEachStart(each.rule(), each));
        }
        return limits;
    }

    /** A limit on another clock holds anew from every start of that clock. */
    private <T> List<InForce<T>> onEachStart(Limit<T> limit, Applying.Of<Limit<?>> applying) {
        List<InForce<T>> held = new ArrayList<>(1);
        for (LocalDate start : starts(limit.head())) {
            held.add(new InForce<>(limit, limit.schedule().on(clocks, start), applying.from(), List.of()));
        }
        return held;
    }

    private List<LocalDate> starts(RuleHead head) {
        return clocks.startsOf(head.clock(), head.anew());
    }

    List<Resolved.DutyInForce> duties(List<Applying.Of<Duty>> applying) {
        return applying.stream()
                .flatMap(each -> starts(each.rule().head()).stream()
                        .map(start ->
                                new Resolved.DutyInForce(each.rule(), each.from(), start, each.unclear(), List.of())))
                .toList();
    }

    List<Resolved.SetUpInForce> setUps(List<Applying.Of<SetUp>> applying) {
        return applying.stream()
                .flatMap(each -> starts(each.rule().head()).stream()
                        .map(start -> new Resolved.SetUpInForce(
                                each.rule(), each.rule().schedule().on(clocks, start), each.from(), each.unclear())))
                .toList();
    }

    Map<RoleKey, OpeningInForce> openings(List<Applying.Opens> applying) {
        Map<RoleKey, OpeningInForce> openings = new HashMap<>();
        for (Applying.Opens each : applying) {
            List<OpeningInForce.Needed> needed = new ArrayList<>(each.cases().size());
            for (Applying.Case one : each.cases()) {
                needed.add(needed(one));
            }
            openings.put(
                    each.opening().role(),
                    new OpeningInForce(Optional.of(each.opening()), needed, each.unsaid(), List.of()));
        }
        return openings;
    }

    private OpeningInForce.Needed needed(Applying.Case applying) {
        Opening.Case written = applying.written();
        List<LocalDate> starts = clocks.startsOf(written.clock(), applying.anew());
        Optional<LocalDate> latest = starts.isEmpty() ? Optional.empty() : Optional.of(starts.get(starts.size() - 1));
        return new OpeningInForce.Needed(
                latest.map(start -> clocks.day(written.from(), start)),
                latest.flatMap(start -> written.until().map(moment -> clocks.day(moment, start))),
                written,
                applying.phase(),
                applying.criteria(),
                latest.flatMap(start -> written.regardless().map(moment -> clocks.day(moment, start))),
                applying.from());
    }
}
