package waypost.app.runner;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.work.DayOfVisit;
import waypost.core.demand.Load;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Counted;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.PainLimit;
import waypost.core.progression.Proposal;
import waypost.core.progression.RunTable;
import waypost.core.runner.Script;
import waypost.core.runner.Shape;
import waypost.library.words.ProgressionWords;
import waypost.library.words.Words;

/** Lays out a session: what is proposed for today, in the shape of its exercise. */
record RunnerPages(DayOfVisit day) {

    private static final int SECONDS_OF_A_MINUTE = 60;

    RunnerPage page(RoleKey planned) {
        Proposal proposal = day.visit().proposal(planned);
        Optional<Proposal.Do> toDo = proposal.toDo();
        RoleKey role = toDo.map(Proposal.Do::role).orElse(planned);
        Optional<LedPlan> plan = toDo.flatMap(leads -> plan(planned, leads));
        Optional<WorkingDose> dose = toDo.map(Proposal.Do::dose);
        PainLimit pain = day.visit().pain(role);
        Activity.Exercise exercise = day.standing().course().exercise(role.activity());
        return new RunnerPage(
                day.course().row().id(),
                day.course().row().patientName(),
                planned.toString(),
                day.plan().roles().contains(planned),
                role.toString(),
                day.signs().title(role),
                plan.isPresent() ? "" : closed(proposal, role),
                shape(role).map(Shape::says).orElse(""),
                dose.map(asked -> day.bands().in(ProgressionWords.dose(asked))).orElse(""),
                dose.flatMap(WorkingDose::load).map(RunnerPages::amount).orElse(""),
                dose.flatMap(WorkingDose::load).map(load -> load.unit().name()).orElse(""),
                dose.map(asked -> asked.setUp().toString()).filter(said -> !said.isEmpty()).stream()
                        .toList(),
                pain.most(),
                ProgressionWords.pain(pain),
                exercise.teaching().cues(),
                exercise.teaching().stop(),
                plan.map(JsonMapper.shared()::writeValueAsString).orElse(""));
    }

    private static String amount(Load load) {
        return load.amount() == Math.rint(load.amount())
                ? String.valueOf((long) load.amount())
                : String.valueOf(load.amount());
    }

    private Optional<Shape> shape(RoleKey role) {
        return day.course().bundle().shape(role.activity());
    }

    private String closed(Proposal proposal, RoleKey role) {
        if (shape(role).isEmpty()) {
            return "Nothing of this exercise is counted or called here.";
        }
        if (proposal.toDo().isPresent()) {
            return "What today allows is done.";
        }
        return proposal instanceof Proposal.Closed closed
                ? Words.of(day.standing().course().resolved()).why(closed.verdict())
                : day.words().say(proposal.grounds());
    }

    private Optional<LedPlan> plan(RoleKey planned, Proposal.Do leads) {
        return shape(leads.role())
                .flatMap(shape -> leads.dose().aim().counted() == Counted.RUNS
                        ? day.visit().runs(planned).map(table -> stages(table, leads))
                        : day.visit().left(leads).map(dose -> counted(shape, dose, leads.role())));
    }

    private LedPlan stages(RunTable table, Proposal.Do leads) {
        List<LedPlan.StageLine> lines = table.stages().stream()
                .map(stage -> new LedPlan.StageLine(
                        stage.role().toString(),
                        day.signs().title(stage.role()),
                        shape(stage.role()).map(Shape::says).orElse(""),
                        stage.shut().map(why -> day.words().say(List.of(why))).orElse("")))
                .toList();
        return new LedPlan(
                "stages",
                lines,
                table.states(),
                table.most(),
                List.of(),
                0,
                table.most(),
                1,
                0,
                rest(leads.role()),
                false);
    }

    private LedPlan counted(Shape shape, WorkingDose dose, RoleKey role) {
        Optional<Script> script = shape.script(dose, rest(role), seed(role));
        Counted counted = dose.aim().counted();
        int secondsEach = counted == Counted.MINUTES ? SECONDS_OF_A_MINUTE : counted == Counted.SECONDS ? 1 : 0;
        return new LedPlan(
                script.isPresent() ? "clock" : "throws",
                List.of(),
                List.of(),
                0,
                script.map(Script::beats).orElse(List.of()),
                script.map(Script::seconds).orElse(0),
                dose.sets(),
                dose.aim().most(),
                secondsEach,
                rest(role),
                shape instanceof Shape.Calls calls && calls.tapped());
    }

    private int rest(RoleKey role) {
        return day.visit().restSeconds(role);
    }

    /** Another one for each day, exercise and set, and the same when the page is loaded again. */
    private long seed(RoleKey role) {
        return Objects.hash(
                day.course().row().id(), day.date(), role, day.today(role).size());
    }
}
