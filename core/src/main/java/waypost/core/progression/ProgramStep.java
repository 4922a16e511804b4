package waypost.core.progression;

import java.time.LocalDate;
import waypost.core.log.Response.Soreness;
import waypost.core.program.LighterWeek;
import waypost.core.program.Program;

/**
 * What a program says of the next session, by what was done of it and how that was answered.
 *
 * @param stage counted from 0
 * @param percent of the stage
 * @param from the first day on which it may be done
 */
record ProgramStep(int stage, Way way, int percent, Ground why, LocalDate from) {

    private static final int WHOLE = 100;
    private static final int HALF = 50;

    static ProgramStep next(ProgramSessions done, LocalDate today) {
        return done.last()
                .map(last -> next(done, last, today))
                .orElseGet(() -> new ProgramStep(0, Way.NEW, WHOLE, new ProgramGround.ProgramBegins(), today));
    }

    private static ProgramStep next(ProgramSessions done, ProgramSessions.Session last, LocalDate today) {
        Program program = done.program();
        LocalDate from = last.on().plusDays(program.daysBetween() + 1L);
        int away = program.backAfter(done.daysAway(today));
        if (last.pained().isPresent()) {
            return back(last, Math.max(away, program.flareBack()), last.pained().get(), from);
        }
        if (last.sore() == Soreness.WARM_UP_AND_STAYED || last.sore() == Soreness.WENT_AND_CAME_BACK) {
            return back(last, Math.max(away, 1), new Ground.Sore(last.sore()), later(from, last.on(), 2));
        }
        if (away > 0) {
            return back(last, away, new ProgramGround.AwayFromProgram(done.daysAway(today), away), from);
        }
        if (last.sore() != Soreness.NONE) {
            int off = last.sore() == Soreness.DAY_AFTER ? 1 : 0;
            return new ProgramStep(
                    last.stage(), Way.SAME, WHOLE, new Ground.Sore(last.sore()), later(from, last.on(), off));
        }
        if (done.isLighter(today)) {
            LighterWeek week = program.lighter().orElseThrow();
            return new ProgramStep(
                    last.stage(),
                    Way.DOWN,
                    week.percent(),
                    new ProgramGround.LighterWeek(week.every(), week.percent()),
                    from);
        }
        return onward(done, last, from);
    }

    private static ProgramStep onward(ProgramSessions done, ProgramSessions.Session last, LocalDate from) {
        int needed = done.program().stages().get(last.stage()).clean();
        int clean = done.cleanRunning();
        Ground reached = new Ground.Reached(clean, needed);
        if (clean < needed) {
            return new ProgramStep(last.stage(), Way.SAME, WHOLE, reached, from);
        }
        return last.stage() + 1 < done.program().stages().size()
                ? new ProgramStep(last.stage() + 1, Way.UP, WHOLE, reached, from)
                : new ProgramStep(last.stage(), Way.SAME, WHOLE, new ProgramGround.EndOfProgram(), from);
    }

    /** So many stages back; where there is none below, half of the first. */
    private static ProgramStep back(ProgramSessions.Session last, int stages, Ground why, LocalDate from) {
        return last.stage() == 0
                ? new ProgramStep(0, Way.DOWN, HALF, why, from)
                : new ProgramStep(Math.max(0, last.stage() - stages), Way.DOWN, WHOLE, why, from);
    }

    private static LocalDate later(LocalDate from, LocalDate last, int daysOff) {
        LocalDate rested = last.plusDays(daysOff + 1L);
        return rested.isAfter(from) ? rested : from;
    }
}
