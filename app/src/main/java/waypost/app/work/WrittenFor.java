package waypost.app.work;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.diary.Diary;
import waypost.app.plan.Block;
import waypost.app.plan.CurrentPlan;
import waypost.app.plan.Plans;
import waypost.app.prescription.FollowedPrograms;
import waypost.app.prescription.Prescribing;
import waypost.app.prescription.Written;
import waypost.app.sport.SportGoals;
import waypost.app.store.LoadedCourse;
import waypost.app.store.SetRow;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;
import waypost.core.program.Program;
import waypost.core.progression.SoFar;
import waypost.core.sport.SportGoal;

/**
 * Gathers what therapists wrote for a course: its plan, the doses in the place of the library's, the programs it follows,
 * what is trained for; and what came of it from home.
 */
@Component
class WrittenFor {

    private final Plans plans;
    private final Prescribing prescribing;
    private final SportGoals goals;
    private final Tricks tricks;
    private final Diary diary;
    private final FollowedPrograms programs;

    WrittenFor(
            Plans plans,
            Prescribing prescribing,
            SportGoals goals,
            Tricks tricks,
            Diary diary,
            FollowedPrograms programs) {
        this.plans = plans;
        this.prescribing = prescribing;
        this.goals = goals;
        this.tricks = tricks;
        this.diary = diary;
        this.programs = programs;
    }

    /** The plan with the doses, by role, what is trained for, what works for the patient, what was done at home that day, and the programs followed. */
    record PlanWithDoses(
            CurrentPlan plan,
            Map<RoleKey, Written> doses,
            Optional<SportGoal> goal,
            Map<RoleKey, Card.Trick> tricks,
            List<SoFar.Portion> atHome,
            List<Program> followed) {

        Prescriptions prescriptions() {
            return new Prescriptions(
                    doses.values().stream().map(Written::prescription).toList());
        }

        Week week() {
            return plan.block().map(Block::week).orElse(Week.UNSAID);
        }
    }

    PlanWithDoses of(LoadedCourse course, Standing standing, List<SetRow> done) {
        UUID courseId = course.row().id();
        return new PlanWithDoses(
                plans.of(courseId, standing),
                prescribing.of(courseId, done),
                goals.of(courseId),
                tricks.of(courseId),
                diary.done(courseId, standing.date()),
                programs.of(courseId, course.bundle()));
    }
}
