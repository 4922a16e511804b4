package waypost.core.log;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.core.exercise.RoleKey;

/** Every set that was done in a course, in the order done, and how the region answered. */
public final class WorkLog {

    public static final WorkLog NONE = new WorkLog(List.of(), List.of());

    private final List<SetDone> sets;
    private final List<Response> responses;
    private final Map<LocalDate, Response> answers = new HashMap<>();
    private final Map<RoleKey, List<Bout>> bouts = new HashMap<>();

    public WorkLog(List<SetDone> sets, List<Response> responses) {
        this.sets = List.copyOf(sets);
        this.responses = List.copyOf(responses);
        responses.forEach(response -> answers.put(response.session(), response));
        sets.stream()
                .collect(Collectors.groupingBy(SetDone::role))
                .forEach((role, done) -> bouts.put(role, byDay(done)));
    }

    private List<Bout> byDay(List<SetDone> done) {
        Map<LocalDate, List<SetDone>> days =
                done.stream().collect(Collectors.groupingBy(SetDone::on, TreeMap::new, Collectors.toList()));
        return days.entrySet().stream()
                .map(day -> new Bout(day.getKey(), day.getValue(), answer(day.getKey())))
                .toList();
    }

    public List<SetDone> sets() {
        return sets;
    }

    public List<Response> responses() {
        return responses;
    }

    /** What was done of a role, by day, oldest first. */
    public List<Bout> bouts(RoleKey role) {
        return bouts.getOrDefault(role, List.of());
    }

    /** Whether a role was done, and not on an earlier day than another. */
    public boolean isNoOlder(RoleKey role, RoleKey other) {
        List<Bout> own = bouts(role);
        List<Bout> others = bouts(other);
        return !own.isEmpty()
                && (others.isEmpty()
                        || !own.get(own.size() - 1)
                                .on()
                                .isBefore(others.get(others.size() - 1).on()));
    }

    /** How the region answered the session of a day, as said last. */
    public Optional<Response> answer(LocalDate session) {
        return Optional.ofNullable(answers.get(session));
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

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof WorkLog log && sets.equals(log.sets) && responses.equals(log.responses);
    }

    @Override
    public int hashCode() {
        return Objects.hash(sets, responses);
    }
}
