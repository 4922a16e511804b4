package waypost.app.diary;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.shell.ClinicClock;
import waypost.core.exercise.RoleKey;
import waypost.core.progression.SoFar;

/** What was said of days at home; of a slot of a day the last word holds. */
@Service
public class Diary {

    private static final int DAYS_OF_A_WEEK = 7;

    private final DiaryMapper mapper;
    private final ClinicClock clock;

    Diary(DiaryMapper mapper, ClinicClock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * Keeps a report; one that came before is kept once.
     *
     * @param amount how much was done of it, as its sets count
     */
    public void add(UUID courseId, HomeReport report, int amount) {
        mapper.insert(courseId, report, amount, clock.now());
    }

    /** What holds of each slot of the days since one, in the order in which it came. */
    public List<HomeReport> since(UUID courseId, LocalDate from) {
        record Slot(String role, LocalDate on, int nth, String flag) {}
        Map<Slot, HomeReport> last = new LinkedHashMap<>();
        for (HomeReport each : mapper.find(courseId, from)) {
            last.put(new Slot(each.role(), each.doneOn(), each.slot(), each.flag()), each);
        }
        return List.copyOf(last.values());
    }

    /** What was done of each exercise on a day. */
    public List<SoFar.Portion> done(UUID courseId, LocalDate day) {
        return mapper.findDone(courseId, day).stream()
                .map(row -> SoFar.Portion.atHome(RoleKey.of(row.role()), row.amount()))
                .toList();
    }

    /** The seven days before a day. */
    public DiaryWeek week(UUID courseId, LocalDate today) {
        return new DiaryWeek(since(courseId, today.minusDays(DAYS_OF_A_WEEK)).stream()
                .filter(each -> each.doneOn().isBefore(today))
                .toList());
    }

    /** What of the clinic's patients waits to be looked at. */
    public List<Waiting> waiting(Staff staff) {
        LocalDate today = clock.today(staff);
        return Waiting.of(
                mapper.findAlarms(staff.clinicId(), today.minusDays(4L * DAYS_OF_A_WEEK)),
                mapper.findOnPhones(staff.clinicId(), today),
                today);
    }

    /** Somebody has looked at everything that a patient said so far. */
    public void seen(Staff staff, UUID courseId) {
        mapper.insertSeen(courseId, clock.today(staff), staff.id(), clock.now());
    }
}
