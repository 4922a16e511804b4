package waypost.core.home;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.Demand;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.gate.Verdict;
import waypost.core.prescription.WorkingDose;

/**
 * Judges a program for home for every day on which it is valid. A later day is looked at as things are known today, by
 * time alone: what only a milestone or a therapist would open stays shut.
 *
 * @param today up to which things are known
 */
public record HomeDays(Course course, LocalDate today, HomeProgram program) {

    /** Every day of the program, from the first to the last. */
    public List<HomeDay> all() {
        return program.days().map(this::of).toList();
    }

    public HomeDay of(LocalDate day) {
        Standing standing = course.on(day, today, Outlook.TIME_ONLY);
        return new HomeDay(
                day,
                program.lines().stream()
                        .map(line -> new HomeDay.Judged(line, says(line, standing)))
                        .toList());
    }

    private HomeSays says(HomeLine line, Standing standing) {
        if (!line.isOn(standing.date())) {
            return new HomeSays.Rests();
        }
        WorkingDose grown = line.doseOn(standing.date(), program.from());
        return due(line, grown, standing)
                .or(() -> due(line, line.begun(), standing))
                .orElseGet(() -> new HomeSays.Closed(verdict(line, line.begun(), standing)));
    }

    private Optional<HomeSays> due(HomeLine line, WorkingDose dose, Standing standing) {
        Verdict verdict = verdict(line, dose, standing);
        boolean whole = verdict.reducedTo()
                .map(open -> leavesTheDose(asked(line, dose), open))
                .orElse(true);
        return verdict.kind().isOpen() && whole ? Optional.of(new HomeSays.Due(dose, verdict)) : Optional.empty();
    }

    private Verdict verdict(HomeLine line, WorkingDose dose, Standing standing) {
        return standing.verdict(asked(line, dose));
    }

    private Role asked(HomeLine line, WorkingDose dose) {
        Activity.Exercise exercise = course.exercise(line.role().activity());
        return dose.asked(exercise, exercise.role(line.role()));
    }

    /** A shorter path is told to the patient as it is; a lesser load or number would need another dose. */
    private static boolean leavesTheDose(Role asked, Role open) {
        return dosed(asked).toList().equals(dosed(open).toList());
    }

    private static Stream<Demand> dosed(Role role) {
        return role.demands().stream()
                .filter(demand -> demand instanceof Demand.Held
                        || demand instanceof Demand.Contacts
                        || demand instanceof RunningSteps);
    }
}
