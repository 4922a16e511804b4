package waypost.app.work;

import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.plan.Plans;
import waypost.core.exercise.RoleKey;

/** A set is kept together with the step of the plan that it follows: both are written, or neither. */
@Service
class WorkCommands {

    private final SetEntry entry;
    private final Plans plans;
    private final VisitDays days;

    WorkCommands(SetEntry entry, Plans plans, VisitDays days) {
        this.entry = entry;
        this.plans = plans;
        this.days = days;
    }

    /** A set that was kept: of which role, and which planned role it stands for now. */
    record Kept(RoleKey done, RoleKey planned) {}

    @Transactional
    public Kept keep(Staff staff, UUID courseId, SetForm form) {
        Optional<RoleKey> inPlaceOf = form.readInPlaceOf();
        RoleKey done = entry.keep(staff, courseId, form);
        return new Kept(
                done,
                inPlaceOf.map(from -> followed(staff, courseId, from, done)).orElse(done));
    }

    /** The plan follows where its rule led; a neighbour that only stands in leaves it as it is. */
    private RoleKey followed(Staff staff, UUID courseId, RoleKey from, RoleKey to) {
        DayOfVisit day = days.today(staff, courseId);
        if (!day.visit().leads(from, to)) {
            return from;
        }
        plans.follow(staff, courseId, day.standing(), from, to);
        return to;
    }
}
