package waypost.app.work;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.plan.Block;
import waypost.app.plan.CurrentPlan;
import waypost.app.plan.Plans;
import waypost.app.prescription.Prescribing;
import waypost.app.prescription.Written;
import waypost.app.store.SetRow;
import waypost.core.course.Standing;
import waypost.core.exercise.RoleKey;
import waypost.core.prescription.Prescriptions;
import waypost.core.prescription.Week;

/** Gathers what therapists wrote for a course: its plan, and the doses in the place of the library's. */
@Component
class WrittenFor {

    private final Plans plans;
    private final Prescribing prescribing;

    WrittenFor(Plans plans, Prescribing prescribing) {
        this.plans = plans;
        this.prescribing = prescribing;
    }

    /** The plan with the doses, by role. */
    record PlanWithDoses(CurrentPlan plan, Map<RoleKey, Written> doses) {

        Prescriptions prescriptions() {
            return new Prescriptions(
                    doses.values().stream().map(Written::prescription).toList());
        }

        Week week() {
            return plan.block().map(Block::week).orElse(Week.UNSAID);
        }
    }

    PlanWithDoses of(UUID courseId, Standing standing, List<SetRow> done) {
        return new PlanWithDoses(plans.of(courseId, standing), prescribing.of(courseId, done));
    }
}
