package waypost.app.caseload;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import waypost.app.account.Staff;
import waypost.app.audit.ReadLog;
import waypost.app.course.CourseHeads;
import waypost.app.store.CourseLoader;
import waypost.app.store.LoadedCourse;
import waypost.app.today.OpenVisits;
import waypost.app.today.TodayRow;
import waypost.core.caseload.Concern;
import waypost.core.caseload.Seen;
import waypost.core.course.Standing;
import waypost.library.words.ConcernWords;
import waypost.library.words.Words;

/** Puts the running courses together, with the same few queries for one as for a hundred. */
@Component
class Caseload {

    private static final Logger LOG = LoggerFactory.getLogger(Caseload.class);

    private final CaseloadMapper mapper;
    private final CourseLoader loader;
    private final ReadLog readLog;
    private final OpenVisits openVisits;

    Caseload(CaseloadMapper mapper, CourseLoader loader, ReadLog readLog, OpenVisits openVisits) {
        this.mapper = mapper;
        this.loader = loader;
        this.readLog = readLog;
        this.openVisits = openVisits;
    }

    /**
     * The rows, and how many courses could not be put together.
     *
     * @param rows the gravest first
     */
    record Read(List<CaseloadRow> rows, int unreadable) {}

    List<String> surgeons(Staff staff) {
        return mapper.surgeons(staff.clinicId());
    }

    /** All running courses of a surgeon, or of the clinic where none is named. */
    Read read(Staff staff, LocalDate today, String surgeon) {
        List<UUID> running = mapper.running(staff.clinicId(), today, surgeon);
        UUID[] ids = running.toArray(UUID[]::new);
        Map<UUID, LoadedCourse> courses = loader.loadAll(staff.clinicId(), running);
        Map<UUID, CaseloadMapper.SeenRow> seen = mapper.seen(ids, today, staff.zone()).stream()
                .collect(Collectors.toMap(CaseloadMapper.SeenRow::courseId, Function.identity()));
        Map<UUID, List<Concern.Unsigned>> open = unsigned(running, today);
        List<CaseloadRow> rows = new ArrayList<>();
        for (UUID id : running) {
            LoadedCourse course = courses.get(id);
            if (course == null) {
                continue;
            }
            try {
                Standing standing = course.on(today);
                List<Concern> concerns =
                        Concern.of(standing, seen(Optional.ofNullable(seen.get(id))), open.getOrDefault(id, List.of()));
                rows.add(row(course, standing, concerns));
            } catch (RuntimeException odd) {
                LOG.error("the caseload's row of course {} can't be made: {}", id, odd.getClass());
            }
        }
        readLog.sawAll(staff, courses.keySet(), ReadLog.CASELOAD);
        rows.sort(CaseloadRow.GRAVEST_FIRST);
        return new Read(rows, running.size() - rows.size());
    }

    /** By course the visits before today without a note, and the notes without a signature. */
    private Map<UUID, List<Concern.Unsigned>> unsigned(List<UUID> running, LocalDate today) {
        return openVisits.find(running).stream()
                .filter(visit -> visit.written() || visit.visitedOn().isBefore(today))
                .collect(Collectors.groupingBy(
                        OpenVisits.Open::courseId,
                        Collectors.mapping(
                                visit -> new Concern.Unsigned(visit.visitedOn(), visit.written()),
                                Collectors.toList())));
    }

    private static Seen seen(Optional<CaseloadMapper.SeenRow> row) {
        return row.map(found -> new Seen(
                        Optional.ofNullable(found.last()),
                        Optional.ofNullable(found.next()),
                        found.lately(),
                        Optional.ofNullable(found.reported())))
                .orElse(Seen.NEVER);
    }

    private static CaseloadRow row(LoadedCourse course, Standing standing, List<Concern> concerns) {
        ConcernWords words = new ConcernWords(Words.of(standing.course().resolved()));
        return new CaseloadRow(
                course.row().id(),
                course.row().patientName(),
                course.row().patientNumber(),
                CourseHeads.operation(course),
                course.row().surgeon(),
                standing.day().number(),
                standing.phase().title(),
                standing.next()
                        .map(next -> next.met() + " of " + next.milestones().size())
                        .orElse("last phase"),
                TodayRow.SmallWay.of(course, standing),
                concerns.stream()
                        .map(concern -> new CaseloadRow.Line(
                                concern.kind(),
                                ConcernWords.kind(concern.kind()),
                                words.say(concern),
                                place(concern),
                                here(course.row().id(), concern)))
                        .toList());
    }

    private static String here(UUID course, Concern concern) {
        if (concern instanceof Concern.Unanswered unanswered) {
            return "/courses/" + course + "/answers?about="
                    + unanswered.question().id();
        }
        return concern instanceof Concern.Clearance ? "/courses/" + course + "/clearances" : "";
    }

    private static String place(Concern concern) {
        if (concern instanceof Concern.Unanswered) {
            return "referral";
        }
        if (concern instanceof Concern.NotLookedAfter) {
            return "events";
        }
        return switch (concern.kind()) {
            case UNSIGNED -> "wrap-up";
            case REPORT_DUE -> "reports";
            case TOO_SELDOM, TOO_OFTEN, BEHIND, STANDS_STILL -> "measures/trends";
            case HELD, OVERDUE, FOR_THE_SURGEON, READY -> "milestones";
        };
    }
}
