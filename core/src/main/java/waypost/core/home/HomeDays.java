package waypost.core.home;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.SetAim;
import waypost.core.gate.Verdict;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.SoFar;

/**
 * Judges a program for home for every day on which it is valid. A later day is looked at as things are known today, by
 * time alone: what only a milestone or a therapist would open stays shut. What a limit counts over a session adds up over
 * the lines and times of a day, and over what was done in the clinic on it.
 *
 * @param today up to which things are known
 * @param clinic what was done there
 */
public record HomeDays(Course course, LocalDate today, HomeProgram program, WorkLog clinic) {

    /** Every day of the program, from the first to the last. */
    public List<HomeDay> all() {
        return program.days().map(this::of).toList();
    }

    public HomeDay of(LocalDate day) {
        Standing standing = course.on(day, today, Outlook.TIME_ONLY);
        SoFar soFar = SoFar.of(course, day, clinic, List.of());
        List<HomeDay.Judged> judged = new ArrayList<>();
        for (HomeLine line : program.lines()) {
            HomeSays says = says(line, standing, soFar);
            judged.add(new HomeDay.Judged(line, says));
            if (says instanceof HomeSays.Due due) {
                soFar = soFar.and(times(line, due.dose(), line.rhythm().slots(program.waking())));
            }
        }
        return new HomeDay(day, judged);
    }

    private HomeSays says(HomeLine line, Standing standing, SoFar soFar) {
        if (!line.isOn(standing.date())) {
            return new HomeSays.Rests();
        }
        WorkingDose grown = line.doseOn(standing.date(), program.from());
        return due(line, grown, standing, soFar)
                .or(() -> due(line, line.begun(), standing, soFar))
                .orElseGet(() -> closed(line, standing, soFar));
    }

    private Optional<HomeSays> due(HomeLine line, WorkingDose dose, Standing standing, SoFar soFar) {
        Optional<Verdict> verdict = standing.verdict(asked(line, dose)).kind().isOpen()
                ? Optional.of(standing.verdict(addedUp(line, dose, soFar)))
                : Optional.empty();
        return verdict.filter(each -> leaves(addedUp(line, dose, soFar), each))
                .map(each -> new HomeSays.Due(dose, each));
    }

    /** A shorter path is told to the patient as it is; a lesser load or number would need another dose. */
    private static boolean leaves(Role asked, Verdict verdict) {
        return verdict.kind().isOpen()
                && verdict.reducedTo()
                        .map(open -> WorkingDose.isLeft(asked, open))
                        .orElse(true);
    }

    private HomeSays closed(HomeLine line, Standing standing, SoFar soFar) {
        Role alone = asked(line, line.begun());
        Verdict verdict = standing.verdict(alone);
        return leaves(alone, verdict)
                ? new HomeSays.Closed(standing.verdict(addedUp(line, line.begun(), soFar)), true)
                : new HomeSays.Closed(verdict, false);
    }

    /** All the times of a day on top of what the day has besides. */
    private Role addedUp(HomeLine line, WorkingDose dose, SoFar soFar) {
        int others = line.rhythm().slots(program.waking()) - 1;
        return soFar.and(times(line, dose, others)).under(asked(line, dose));
    }

    private static SoFar.Portion times(HomeLine line, WorkingDose dose, int times) {
        return new SoFar.Portion(
                line.role(), Math.min(SetAim.LARGEST, dose.total() * Math.max(0, times)), SoFar.Where.HOME);
    }

    private Role asked(HomeLine line, WorkingDose dose) {
        Activity.Exercise exercise = course.exercise(line.role().activity());
        return dose.asked(exercise, exercise.role(line.role()));
    }
}
