package waypost.app.store;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
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

    WorkStore(WorkMapper mapper) {
        this.mapper = mapper;
    }

    /** Every set that stands, in the order done. */
    public List<SetRow> sets(UUID courseId) {
        return mapper.findSets(courseId);
    }

    /** What was told on coming in, by day. */
    public List<CheckedIn> checkIns(UUID courseId) {
        return mapper.findAnswers(new UUID[] {courseId}).stream()
                .map(AnswerRow::checkedIn)
                .toList();
    }

    /** The same for the rules, with the answers. */
    public WorkLog log(UUID courseId, List<SetRow> sets) {
        NavigableSet<LocalDate> days = new TreeSet<>();
        sets.forEach(set -> days.add(set.doneOn()));
        return new WorkLog(
                sets.stream().map(SetRow::done).toList(), responses(days, mapper.findAnswers(new UUID[] {courseId})));
    }

    /** The sessions of many courses with the same two queries. */
    Map<UUID, List<Session>> sessions(Collection<UUID> courseIds) {
        UUID[] ids = courseIds.toArray(UUID[]::new);
        Map<UUID, TreeMap<LocalDate, List<String>>> days = new HashMap<>();
        for (WorkMapper.WorkDay day : mapper.findWorkDays(ids)) {
            days.computeIfAbsent(day.courseId(), id -> new TreeMap<>())
                    .computeIfAbsent(day.doneOn(), on -> new ArrayList<>())
                    .add(RoleKey.of(day.role()).activity());
        }
        Map<UUID, List<AnswerRow>> answers =
                mapper.findAnswers(ids).stream().collect(Collectors.groupingBy(AnswerRow::courseId));
        Map<UUID, List<Session>> sessions = new HashMap<>();
        days.forEach((course, work) -> sessions.put(course, sessions(work, answers.getOrDefault(course, List.of()))));
        return sessions;
    }

    private static List<Session> sessions(TreeMap<LocalDate, List<String>> work, List<AnswerRow> answers) {
        Map<LocalDate, Response> bySession = new HashMap<>();
        responses(work.navigableKeySet(), answers).forEach(response -> bySession.put(response.session(), response));
        return work.entrySet().stream()
                .map(day -> new Session(
                        day.getKey(),
                        Set.copyOf(day.getValue()),
                        bySession.containsKey(day.getKey())
                                && bySession.get(day.getKey()).flared()))
                .toList();
    }

    private static List<Response> responses(NavigableSet<LocalDate> sessions, List<AnswerRow> answers) {
        return Telling.responses(
                sessions, answers.stream().map(AnswerRow::telling).toList());
    }
}
