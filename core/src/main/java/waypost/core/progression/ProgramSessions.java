package waypost.core.progression;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.Response.Soreness;
import waypost.core.log.SetDone;
import waypost.core.program.Program;
import waypost.core.program.Stage;

/**
 * What was done of a program, day by day, seen against what it asked on that day: more than was asked counts as what was
 * asked, so that whoever overdid it once is not asked for it again.
 */
record ProgramSessions(Program program, List<Session> sessions) {

    ProgramSessions {
        sessions = List.copyOf(sessions);
    }

    /**
     * One day of it.
     *
     * @param stage counted from 0
     * @param clean whether the stage was done as asked, in good form and within the pain rule
     * @param lighter whether it lay in a lighter week, and says nothing of the stage
     * @param pained what broke the pain rule, or that form was lost
     * @param sore how the joint was, where it was run or jumped
     */
    record Session(LocalDate on, int stage, boolean clean, boolean lighter, Optional<Ground> pained, Soreness sore) {}

    private record Done(RoleKey role, Bout bout) {}

    static ProgramSessions of(Program program, Doses doses) {
        Map<LocalDate, List<Done>> byDay = new TreeMap<>();
        for (RoleKey role : program.roles()) {
            for (Bout bout : doses.work().bouts(role)) {
                byDay.computeIfAbsent(bout.on(), day -> new ArrayList<>()).add(new Done(role, bout));
            }
        }
        ProgramSessions soFar = new ProgramSessions(program, List.of());
        for (Map.Entry<LocalDate, List<Done>> day : byDay.entrySet()) {
            soFar = soFar.and(day.getKey(), day.getValue(), doses);
        }
        return soFar;
    }

    private ProgramSessions and(LocalDate on, List<Done> done, Doses doses) {
        int asked = ProgramStep.next(this, on).stage();
        boolean lighter = isLighter(on);
        int stage = lighter ? Math.min(asked, level().orElse(asked)) : stage(done, asked);
        List<Session> more = new ArrayList<>(sessions);
        more.add(session(on, done, stage, lighter, doses));
        return new ProgramSessions(program, more);
    }

    /** The highest stage that was done whole and asked; a run that is clean opens the next at once. */
    private int stage(List<Done> done, int asked) {
        int most = asked;
        int highest = -1;
        for (int nth = 0; nth <= most; nth++) {
            Stage stage = program.stages().get(nth);
            if (isReached(stage, done)) {
                highest = nth;
                boolean atOnce = stage.aim().counted() == Counted.RUNS
                        && nth + 1 < program.stages().size();
                most = atOnce && nth == most ? most + 1 : most;
            }
        }
        return highest >= 0 ? highest : lowest(done, asked);
    }

    private static boolean isReached(Stage stage, List<Done> done) {
        return done.stream().anyMatch(each -> each.role().equals(stage.role()) && stage.isReached(each.bout()));
    }

    /** Of what was begun and not done whole, the first stage; nothing harder than what was asked. */
    private int lowest(List<Done> done, int asked) {
        return Math.min(
                asked,
                done.stream()
                        .mapToInt(each -> program.firstStageOf(each.role()))
                        .min()
                        .orElse(asked));
    }

    private Session session(LocalDate on, List<Done> done, int stage, boolean lighter, Doses doses) {
        Optional<Ground> pained = done.stream()
                .flatMap(each -> doses.task(each.role(), List.of(each.bout())).painedOrLost().stream())
                .findFirst();
        boolean clean = pained.isEmpty()
                && done.stream().allMatch(each -> each.bout().worstForm() == SetDone.Form.GOOD)
                && isReached(program.stages().get(stage), done);
        Soreness sore = done.stream()
                .filter(each -> doses.hasImpact(each.role()))
                .flatMap(each -> each.bout().response().stream())
                .map(Response::soreness)
                .max(Comparator.naturalOrder())
                .orElse(Soreness.NONE);
        return new Session(on, stage, clean, lighter, pained, sore);
    }

    Optional<Session> last() {
        return sessions.isEmpty() ? Optional.empty() : Optional.of(sessions.get(sessions.size() - 1));
    }

    /** On which stage it stands; empty before the first session. */
    OptionalInt level() {
        return last().map(session -> OptionalInt.of(session.stage())).orElse(OptionalInt.empty());
    }

    /** How many sessions running were clean on the stage on which it stands or above; those of a lighter week are passed over. */
    int cleanRunning() {
        int running = 0;
        for (int nth = sessions.size() - 1; nth >= 0; nth--) {
            Session session = sessions.get(nth);
            if (session.lighter() && session.pained().isEmpty()) {
                continue;
            }
            if (!session.clean() || session.stage() < level().orElseThrow()) {
                return running;
            }
            running++;
        }
        return running;
    }

    /** How long ago the last session was; 0 before the first. */
    int daysAway(LocalDate today) {
        return last().map(session -> (int) ChronoUnit.DAYS.between(session.on(), today))
                .orElse(0);
    }

    boolean isLighter(LocalDate today) {
        return !sessions.isEmpty()
                && program.lighter()
                        .map(week -> week.isOn(sessions.get(0).on(), today))
                        .orElse(false);
    }
}
