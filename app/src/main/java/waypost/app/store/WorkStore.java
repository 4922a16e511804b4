package waypost.app.store;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Response;
import waypost.core.log.Session;
import waypost.core.log.Telling;
import waypost.core.log.WorkLog;
import waypost.library.coursefile.CheckedIn;

/** What was done in a course, and how the region answered as the next check-in told it. */
@Service
public class WorkStore {

    private final WorkMapper mapper;
    private final SetLog sets;

    WorkStore(WorkMapper mapper, SetLog sets) {
        this.mapper = mapper;
        this.sets = sets;
    }

    /** Every set that stands, in the order done. */
    public List<SetRow> sets(UUID courseId) {
        return sets.of(courseId);
    }

    /** The same for the rules, with what was told on coming in, which answers it. */
    public WorkLog log(List<SetRow> sets, List<CheckedIn> told) {
        NavigableSet<LocalDate> days = new TreeSet<>();
        sets.forEach(set -> days.add(set.doneOn()));
        return new WorkLog(sets.stream().map(SetRow::done).toList(), responses(days, told));
    }

    /** What was told on coming in, by course and in the order of the days. */
    Map<UUID, List<CheckedIn>> checkIns(UUID[] courseIds) {
        return mapper.findAnswers(courseIds).stream()
                .collect(Collectors.groupingBy(
                        AnswerRow::courseId, Collectors.mapping(AnswerRow::checkedIn, Collectors.toList())));
    }

    /** The sessions of many courses with one query. */
    Map<UUID, List<Session>> sessions(UUID[] courseIds, Map<UUID, List<CheckedIn>> told) {
        Map<UUID, TreeMap<LocalDate, List<String>>> days = new HashMap<>();
        for (WorkMapper.WorkDay day : mapper.findWorkDays(courseIds)) {
            days.computeIfAbsent(day.courseId(), id -> new TreeMap<>())
                    .computeIfAbsent(day.doneOn(), on -> new ArrayList<>())
                    .add(RoleKey.of(day.role()).activity());
        }
        Map<UUID, List<Session>> sessions = new HashMap<>();
        days.forEach((course, work) -> sessions.put(course, sessions(work, told.getOrDefault(course, List.of()))));
        return sessions;
    }

    private static List<Session> sessions(TreeMap<LocalDate, List<String>> work, List<CheckedIn> told) {
        Map<LocalDate, Response> bySession = new HashMap<>();
        responses(work.navigableKeySet(), told).forEach(response -> bySession.put(response.session(), response));
        return work.entrySet().stream()
                .map(day -> new Session(
                        day.getKey(),
                        Set.copyOf(day.getValue()),
                        bySession.containsKey(day.getKey())
                                && bySession.get(day.getKey()).flared()))
                .toList();
    }

    private static List<Response> responses(NavigableSet<LocalDate> sessions, List<CheckedIn> told) {
        return Telling.responses(sessions, told.stream().map(CheckedIn::telling).toList());
    }
}
