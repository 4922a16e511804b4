package waypost.app.home;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.diary.Diary;
import waypost.app.diary.HomeReport;
import waypost.app.entry.FormProblem;
import waypost.core.home.HomeProgram;

/** Keeps what patients say of their days at home. */
@Service
public class HomeReports {

    private static final int MOST_AT_ONCE = 500;
    private static final int LAST_SLOT = 47;
    private static final int WORST_PAIN = 10;
    private static final int LONGEST_NOTE = 300;
    private static final int LONGEST_FLAG = 40;

    private final Diary diary;
    private final HomePrograms programs;

    HomeReports(Diary diary, HomePrograms programs) {
        this.diary = diary;
        this.programs = programs;
    }

    /**
     * Keeps what came from a telephone, all of it or nothing. What came before is kept once.
     *
     * @throws FormProblem naming what can't be taken
     */
    @Transactional
    public void keep(UUID courseId, LocalDate today, List<HomeReport> reports) {
        if (reports.size() > MOST_AT_ONCE) {
            throw new FormProblem("reports", "Found " + reports.size() + ", allowed: " + MOST_AT_ONCE + " at once.");
        }
        Map<UUID, HomeProgram> named = new HashMap<>();
        for (HomeReport report : reports) {
            HomeProgram program = named.computeIfAbsent(report.programId(), id -> program(courseId, id));
            check(program, today, report);
            diary.add(courseId, report, report.done() ? amount(program, report) : 0);
        }
    }

    private HomeProgram program(UUID courseId, UUID id) {
        return programs.named(courseId, id)
                .orElseThrow(() -> new FormProblem("programId", "Found a program that is not this patient's."));
    }

    private static int amount(HomeProgram program, HomeReport report) {
        return program.lines().stream()
                .filter(line -> line.role().toString().equals(report.role()))
                .mapToInt(line -> line.doseOn(report.doneOn(), program.from()).total())
                .sum();
    }

    private static void check(HomeProgram program, LocalDate today, HomeReport report) {
        Set<String> roles =
                program.lines().stream().map(line -> line.role().toString()).collect(Collectors.toSet());
        refuseUnless(report.role().isBlank() || roles.contains(report.role()), "role", "one of the program");
        boolean inReach = !report.doneOn().isBefore(program.from().minusDays(1))
                && !report.doneOn().isAfter(today.plusDays(1));
        refuseUnless(inReach, "doneOn", "a day since the program began");
        refuseUnless(report.slot() >= 0 && report.slot() <= LAST_SLOT, "slot", "0 to " + LAST_SLOT);
        Integer pain = report.pain();
        refuseUnless(pain == null || pain >= 0 && pain <= WORST_PAIN, "pain", "0 to " + WORST_PAIN);
        refuseUnless(report.note().length() <= LONGEST_NOTE, "note", LONGEST_NOTE + " characters at most");
        refuseUnless(report.flag().length() <= LONGEST_FLAG, "flag", "the id of a sign");
    }

    private static void refuseUnless(boolean fine, String field, String allowed) {
        if (!fine) {
            throw new FormProblem(field, "Found something else in " + field + ", allowed: " + allowed + ".");
        }
    }
}
