package waypost.app.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.message.Messages;
import waypost.app.shell.ClinicClock;
import waypost.core.course.Standing;
import waypost.core.home.HomeDay;
import waypost.core.home.HomeDays;
import waypost.core.home.HomeLine;
import waypost.core.home.HomeProgram;
import waypost.core.home.HomeSays;
import waypost.core.log.WorkLog;
import waypost.library.words.Words;

/** Keeps programs for home; rows are only added, and the last one of a course holds. */
@Service
public class HomePrograms {

    private static final int WORST_PAIN = 10;

    private final HomeMapper mapper;
    private final Messages messages;
    private final ClinicClock clock;

    HomePrograms(HomeMapper mapper, Messages messages, ClinicClock clock) {
        this.mapper = mapper;
        this.messages = messages;
        this.clock = clock;
    }

    /** The one that stands; empty while none was written. */
    public Optional<WrittenProgram> of(UUID courseId) {
        List<HomeMapper.ProgramRow> last = mapper.findLast(courseId);
        if (last.isEmpty()) {
            return Optional.empty();
        }
        List<HomeMapper.LineRow> lines = mapper.findLines(courseId);
        HomeMapper.ProgramRow standing = last.get(0);
        return Optional.of(new WrittenProgram(
                standing.id(),
                HomeRows.program(standing, lines),
                Locale.forLanguageTag(standing.language()),
                standing.words(),
                standing.writtenBy(),
                last.stream().skip(1).findFirst().map(row -> HomeRows.program(row, lines))));
    }

    /** One of a course, whether it still stands or not. */
    Optional<HomeProgram> named(UUID courseId, UUID id) {
        return mapper.findOne(courseId, id).map(row -> HomeRows.program(row, mapper.findLinesOf(courseId, id)));
    }

    /**
     * Writes a program in the place of the one that was seen. Sent twice, it is written once.
     *
     * @throws FormProblem where something of it is not open on its first day, or another was written meanwhile
     */
    @Transactional
    public void write(Staff staff, UUID courseId, Standing standing, HomeForm form) {
        UUID id = form.readId();
        if (mapper.isWritten(id)) {
            return;
        }
        HomeProgram program = form.read(standing);
        check(standing, program);
        Optional<UUID> seen = form.readSeen();
        Optional<UUID> last = mapper.findLast(courseId).stream().findFirst().map(HomeMapper.ProgramRow::id);
        if (!seen.equals(last)) {
            throw meanwhile();
        }
        try {
            mapper.insert(row(staff, courseId, standing, form, program));
        } catch (DuplicateKeyException twoAtOnce) {
            throw meanwhile();
        }
        for (int place = 0; place < program.lines().size(); place++) {
            HomeLine line = program.lines().get(place);
            String title = standing.course().exercise(line.role().activity()).title();
            mapper.insertLine(courseId, place, title, HomeRows.row(id, line));
        }
        messages.planIsReady(courseId, id);
    }

    private HomeMapper.NewProgram row(
            Staff staff, UUID courseId, Standing standing, HomeForm form, HomeProgram program) {
        return new HomeMapper.NewProgram(
                form.readId(),
                courseId,
                form.readSeen().orElse(null),
                program.from(),
                program.until(),
                program.waking().from(),
                program.waking().to(),
                form.readLanguage().getLanguage(),
                form.readWords(),
                standing.course()
                        .resolved()
                        .pain()
                        .map(pain -> pain.rule().most())
                        .orElse(WORST_PAIN),
                staff.id(),
                clock.now());
    }

    private static FormProblem meanwhile() {
        return new FormProblem(
                "seen",
                "Somebody else wrote a program for this patient a moment ago. Look at the page again; yours was not kept.");
    }

    /** What goes home is open today; what closes later ends by itself. */
    private static void check(Standing standing, HomeProgram program) {
        LocalDate today = standing.date();
        HomeDay first = new HomeDays(standing.course(), today, program, WorkLog.NONE).of(today);
        for (HomeDay.Judged judged : first.lines()) {
            if (judged.says() instanceof HomeSays.Closed closed) {
                Words words = Words.of(standing.course().resolved());
                throw new FormProblem(
                        judged.line().role().toString(),
                        standing.course()
                                        .exercise(judged.line().role().activity())
                                        .title() + " can't go home with this dose"
                                + (closed.together() ? " and the others of the day" : "") + ": "
                                + words.why(closed.verdict()));
            }
        }
    }
}
