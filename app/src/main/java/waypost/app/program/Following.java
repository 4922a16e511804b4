package waypost.app.program;

import java.util.Collections;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.plan.PlanChange;
import waypost.app.plan.Plans;
import waypost.app.prescription.FollowedPrograms;
import waypost.app.work.DayOfVisit;
import waypost.app.work.VisitDays;
import waypost.core.exercise.RoleKey;
import waypost.core.program.Program;
import waypost.core.progression.ProgramToday;
import waypost.core.progression.Proposal;

/** Follows a program, and puts what it asks into the plan where none of it is there. */
@Service
class Following {

    private final VisitDays days;
    private final Plans plans;
    private final FollowedPrograms programs;

    Following(VisitDays days, Plans plans, FollowedPrograms programs) {
        this.days = days;
        this.plans = plans;
        this.programs = programs;
    }

    /**
     * Follows a program from now on, or no longer.
     *
     * @throws FormProblem naming the field
     */
    @Transactional
    public void keep(Staff staff, UUID courseId, String entryId, String program, String follows) {
        UUID id = Entered.id("entryId", entryId);
        if (!follows.equals("true") && !follows.equals("false")) {
            throw new FormProblem("follows", "Found '" + follows + "', allowed: true or false.");
        }
        DayOfVisit day = days.today(staff, courseId);
        ProgramToday wanted = day.visit().programs(day.course().bundle().programs()).stream()
                .filter(each -> each.program().id().equals(program))
                .findFirst()
                .orElseThrow(() -> new FormProblem(
                        "program", "Found no such program for this course. Choose one of those on the page."));
        boolean begins = follows.equals("true");
        if (begins) {
            checkAlone(day, wanted.program());
        }
        programs.keep(staff, courseId, id, wanted.program(), begins);
        Optional<RoleKey> asked = wanted.proposal().toDo().map(Proposal.Do::role);
        if (begins
                && asked.isPresent()
                && Collections.disjoint(day.plan().roles(), wanted.program().roles())) {
            plans.change(staff, courseId, day.standing(), PlanChange.add(id, asked.get()));
        }
    }

    /** An exercise goes on by one program only. */
    private static void checkAlone(DayOfVisit day, Program wanted) {
        day.course().bundle().programs().stream()
                .filter(each -> !each.id().equals(wanted.id()) && day.visit().follows(each))
                .filter(wanted::sharesAnExerciseWith)
                .findFirst()
                .ifPresent(other -> {
                    throw new FormProblem(
                            "program",
                            "'" + other.title() + "' is followed and has an exercise of '" + wanted.title()
                                    + "'. Stop following that one first: an exercise goes on by one program.");
                });
    }
}
