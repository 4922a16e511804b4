package waypost.core.progression;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import waypost.core.course.Standing;
import waypost.core.criterion.Criterion;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Progression;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.log.Bout;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.WorkingDose;
import waypost.core.program.Program;
import waypost.core.program.Stage;

/** Proposes the next session of a program: what it says itself, held back as any dose is, and the gate last. */
record ProgramProposals(Program program, ProgramSessions done, Doses doses, LastWord lastWord) {

    static ProgramProposals of(Program program, Doses doses, LastWord lastWord) {
        return new ProgramProposals(program, ProgramSessions.of(program, doses), doses, lastWord);
    }

    private Standing standing() {
        return doses.standing();
    }

    private LocalDate date() {
        return standing().date();
    }

    /** All of it as it stands today. */
    ProgramToday today() {
        int level = done.level().orElse(-1);
        List<ProgramToday.At> at = new ArrayList<>();
        for (int nth = 0; nth < program.stages().size(); nth++) {
            Stage stage = program.stages().get(nth);
            at.add(new ProgramToday.At(
                    stage,
                    place(nth, level),
                    nth == level ? done.cleanRunning() : 0,
                    verdict(stage),
                    stage.wants().stream().map(standing()::reviewed).toList()));
        }
        RoleKey asked = program.stages().get(Math.max(0, level)).role();
        return new ProgramToday(program, at, proposal(asked));
    }

    private static ProgramToday.Place place(int stage, int level) {
        if (stage == level) {
            return ProgramToday.Place.HERE;
        }
        if (stage < level) {
            return ProgramToday.Place.BEHIND;
        }
        return stage == level + 1 ? ProgramToday.Place.NEXT : ProgramToday.Place.AHEAD;
    }

    /** What it asks today, for a role of it that stands in the plan. */
    Proposal proposal(RoleKey asked) {
        Optional<ProgramGround.BeginsAfter> early = tooEarly();
        if (early.isPresent()) {
            return new Proposal.Rest(asked, early.get().from(), List.of(early.get()));
        }
        ProgramStep step = ProgramStep.next(done, date());
        List<Ground> why = new ArrayList<>(List.of(step.why()));
        if (step.from().isAfter(date())) {
            why.add(new ProgramGround.BetweenSessions(program.daysBetween()));
            return new Proposal.Rest(asked, step.from(), why);
        }
        return step.way() == Way.UP || step.way() == Way.NEW ? upward(asked, step, why) : stays(asked, step, why);
    }

    /** One stage up, or the first; on the same where something holds it back. */
    private Proposal upward(RoleKey asked, ProgramStep step, List<Ground> why) {
        Optional<Ground> held = held(step);
        if (held.isEmpty()) {
            return dosed(asked, step, why);
        }
        why.add(held.get());
        if (step.stage() == 0 && held.get() instanceof Ground.NextRungClosed closed) {
            return new Proposal.Closed(asked, closed.next(), Optional.empty());
        }
        return step.stage() == 0
                ? new Proposal.Rest(asked, date().plusDays(1), why)
                : stays(asked, new ProgramStep(step.stage() - 1, Way.SAME, 100, step.why(), step.from()), why);
    }

    private Optional<Ground> held(ProgramStep step) {
        Stage next = program.stages().get(step.stage());
        Optional<Criterion> wanted = next.wants().stream()
                .filter(criterion -> !standing().reviewed(criterion).isMet())
                .findFirst();
        Optional<Ground> brakes = step.stage() == 0
                ? lastWord.brakes().heldBack().reEntry().map(Ground.class::cast)
                : lastWord.brakes()
                        .atOnce(program.stages().get(step.stage() - 1).role());
        Verdict verdict = verdict(next);
        return brakes.or(() -> wanted.map(Ground.StaysFor::new))
                .or(() -> verdict.kind().isOpen() ? Optional.empty() : Optional.of(new Ground.NextRungClosed(verdict)));
    }

    /** The stage, or the highest below it that is open today. */
    private Proposal stays(RoleKey asked, ProgramStep step, List<Ground> why) {
        for (int stage = step.stage(); stage >= 0; stage--) {
            if (verdict(program.stages().get(stage)).kind().isOpen()) {
                Way way = stage < step.stage() ? Way.DOWN : step.way();
                return dosed(asked, new ProgramStep(stage, way, step.percent(), step.why(), step.from()), why);
            }
        }
        return new Proposal.Closed(asked, verdict(program.stages().get(step.stage())), Optional.empty());
    }

    private Proposal dosed(RoleKey asked, ProgramStep step, List<Ground> why) {
        Stage stage = program.stages().get(step.stage());
        Optional<Ground.TissueRests> rests = lastWord.brakes().open().balance().resting(stage.role(), date());
        if (rests.isPresent()) {
            return new Proposal.Rest(asked, rests.get().on().plusDays(2), List.of(rests.get()));
        }
        why.add(new ProgramGround.StageOfProgram(
                program.title(), step.stage() + 1, program.stages().size()));
        WorkingDose whole = dose(stage);
        WorkingDose dose = step.percent() < 100 ? whole.lowered(step.percent()) : whole;
        Step within = withinTheWeek(stage, step, dose);
        if (within.way() == Way.REST) {
            return new Proposal.Rest(asked, within.from(), List.of(within.why()));
        }
        if (!within.why().equals(step.why())) {
            why.add(within.why());
        }
        Stage before = program.stages().get(Math.max(0, step.stage() - 1));
        boolean sameExercise = before.role().equals(stage.role());
        return within.way() == Way.UP
                ? lastWord.proposed(
                        asked,
                        stage.role(),
                        sameExercise ? Way.UP : Way.NEXT_RUNG,
                        within.dose(),
                        why,
                        sameExercise ? dose(before) : within.dose())
                : lastWord.proposed(asked, stage.role(), within.way(), within.dose(), why, within.dose());
    }

    /** Where contacts are counted, no program rises faster than the week's share. */
    private Step withinTheWeek(Stage stage, ProgramStep step, WorkingDose dose) {
        List<Bout> ever = doses.work().bouts(stage.role());
        boolean counted = standing().course().exercise(stage.role().activity()).progression() == Progression.CONTACTS;
        if (!counted || ever.isEmpty()) {
            return new Step(step.way(), dose, step.why(), date());
        }
        Task task = doses.task(stage.role(), ever).asking(dose);
        return new ContactsByWeek(GoesOnBy.usual(Progression.CONTACTS).shareOfContacts())
                .capped(task, step.way(), dose.aim().most(), step.why());
    }

    /** The stage's amount with what was held last, or with what somebody begins; never more than a therapist wrote. */
    private WorkingDose dose(Stage stage) {
        WorkingDose asked = stage.dose(doses.last(stage.role()));
        Arrangements setUps =
                standing().course().exercise(stage.role().activity()).setUps();
        return doses.written()
                .of(stage.role())
                .map(Prescription::dose)
                .filter(written -> asked.isMoreThan(written, setUps))
                .orElse(asked);
    }

    Verdict verdict(Stage stage) {
        return standing()
                .verdict(dose(stage)
                        .asked(
                                standing().course().exercise(stage.role().activity()),
                                standing().course().role(stage.role())));
    }

    /** Where both are trained, what comes first has to be under way for so long. */
    private Optional<ProgramGround.BeginsAfter> tooEarly() {
        if (!done.sessions().isEmpty()) {
            return Optional.empty();
        }
        return program.after()
                .flatMap(after -> after.roles().stream()
                        .flatMap(role -> doses.work().bouts(role).stream())
                        .map(Bout::on)
                        .min(LocalDate::compareTo)
                        .map(first -> new ProgramGround.BeginsAfter(
                                after.title(), after.days(), first.plusDays(after.days())))
                        .filter(begins -> begins.from().isAfter(date())));
    }
}
