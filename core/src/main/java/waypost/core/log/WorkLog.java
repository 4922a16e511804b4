package waypost.core.log;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import waypost.core.exercise.RoleKey;

/** Every set that was done in a course, in the order done, and how the region answered. */
public record WorkLog(List<SetDone> sets, List<Response> responses) {

    public static final WorkLog NONE = new WorkLog(List.of(), List.of());

    public WorkLog {
        sets = List.copyOf(sets);
        responses = List.copyOf(responses);
    }

    /** What was done of a role, by day, oldest first. */
    public List<Bout> bouts(RoleKey role) {
        TreeMap<LocalDate, List<SetDone>> byDay = sets.stream()
                .filter(set -> set.role().equals(role))
                .collect(Collectors.groupingBy(SetDone::on, TreeMap::new, Collectors.toList()));
        return byDay.entrySet().stream()
                .map(day -> new Bout(day.getKey(), day.getValue(), answer(day.getKey())))
                .toList();
    }

    /** How the region answered the session of a day, as said last. */
    public Optional<Response> answer(LocalDate session) {
        return responses.stream()
                .filter(response -> response.session().equals(session))
                .reduce((earlier, later) -> later);
    }

    /** The days on which something was done, with what was done. */
    public List<Session> sessions() {
        Map<LocalDate, List<SetDone>> byDay =
                sets.stream().collect(Collectors.groupingBy(SetDone::on, TreeMap::new, Collectors.toList()));
        return byDay.entrySet().stream()
                .map(day -> new Session(
                        day.getKey(),
                        day.getValue().stream()
                                .map(set -> set.role().activity())
                                .collect(Collectors.toSet()),
                        answer(day.getKey()).map(Response::flared).orElse(false)))
                .toList();
    }

    /** What was known on or before {@code date}. */
    public WorkLog upTo(LocalDate date) {
        return new WorkLog(
                sets.stream().filter(set -> !set.on().isAfter(date)).toList(),
                responses.stream()
                        .filter(response -> !response.session().isAfter(date))
                        .toList());
    }
}
