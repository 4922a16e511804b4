package waypost.app.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import waypost.app.figure.Figure;
import waypost.app.figure.Figures;
import waypost.app.rack.Signs;
import waypost.app.store.SetRow;
import waypost.core.anatomy.Build;
import waypost.core.body.Arc;
import waypost.core.body.Motion;
import waypost.core.body.Side;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.done.BandPull;
import waypost.core.done.SpringPull;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Counted;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Teaching;
import waypost.core.gate.Verdict;
import waypost.core.log.Stop;
import waypost.core.measure.Plain;
import waypost.core.prescription.Prescription;
import waypost.core.prescription.WorkingDose;
import waypost.core.progression.PainLimit;
import waypost.core.progression.Proposal;
import waypost.core.strength.Tempo;
import waypost.library.words.BandPullWords;
import waypost.library.words.Dates;
import waypost.library.words.PoseWords;
import waypost.library.words.ProgressionWords;
import waypost.library.words.SpringPullWords;
import waypost.library.words.Terms;
import waypost.library.words.Words;

/** Writes the card of one exercise of a day. */
final class Cards {

    private final DayOfVisit day;
    private final Signs signs;
    private final ProgressionWords words;
    private final Words reasons;
    private final DoneLines told;

    Cards(DayOfVisit day) {
        this.day = day;
        this.signs = day.signs();
        this.words = day.words();
        this.told = new DoneLines(day);
        this.reasons = Words.of(day.standing().course().resolved());
    }

    /**
     * The card for a role of the plan.
     *
     * @param stay whether to stay on the planned rung though the rule leads to another
     */
    Card of(RoleKey planned, boolean stay) {
        Proposal proposal = stay ? day.visit().staying(planned) : day.visit().proposal(planned);
        Optional<Proposal.Do> toDo = proposal.toDo();
        RoleKey key = toDo.map(Proposal.Do::role).orElse(planned);
        Activity.Exercise exercise = asSetUp(key, toDo);
        Verdict verdict = verdict(exercise, key);
        Role role = verdict.reducedTo().orElse(exercise.role(key));
        List<SetRow> done = day.today(key);
        PainLimit pain = day.visit().pain(key);
        Optional<Card.Back> back = toDo.flatMap(now -> day.visit().stepBack(now).map(less -> back(now, less)));
        return new Card(
                planned.toString(),
                signs.of(verdict),
                limits(verdict),
                Optional.of(figure(exercise, role)),
                PoseWords.say(exercise.pose(role), role),
                String.join(", ", exercise.teaching().equipment()),
                pulls(exercise, role, toDo),
                proposed(proposal, toDo, pain, exercise),
                done.stream().map(set -> told.done(set, exercise, pain)).toList(),
                toDo.map(leads -> next(leads, done, exercise, pain, back)),
                told.before(key, exercise),
                back,
                stopped(key),
                teach(exercise.teaching()),
                clocks(exercise, key, toDo),
                prescribed(key),
                trick(key),
                neighbours(exercise, key));
    }

    /** As it is set up for what is proposed. */
    private Activity.Exercise asSetUp(RoleKey key, Optional<Proposal.Do> toDo) {
        Activity.Exercise written = (Activity.Exercise) signs.activity(key);
        return toDo.map(leads -> written.in(leads.dose().setUp())).orElse(written);
    }

    private Verdict verdict(Activity.Exercise exercise, RoleKey key) {
        Role role = exercise.role(key);
        return role.equals(signs.role(key))
                ? day.standing().verdict(key)
                : day.standing().verdict(role);
    }

    private Card.Trick trick(RoleKey key) {
        return day.tricks().getOrDefault(key, Card.Trick.NONE);
    }

    private static Card.Teach teach(Teaching teaching) {
        return new Card.Teach(teaching.cues(), teaching.faults(), teaching.easier(), teaching.stop());
    }

    private List<String> limits(Verdict verdict) {
        return verdict.reasons().stream()
                .map(reason -> day.bands().in(reasons.say(reason).whole()))
                .toList();
    }

    private Figure figure(Activity.Exercise exercise, Role role) {
        Motion leading = Figures.leading(role);
        Optional<Arc> allowed = IntStream.range(0, role.demands().size())
                .filter(at -> role.demands().get(at) instanceof Demand.Movement movement
                        && movement.motion() == leading
                        && movement.concerns(day.standing().course().resolved().region()))
                .boxed()
                .findFirst()
                .flatMap(at -> day.standing().allowedArc(role, at))
                .filter(arc -> !arc.equals(leading.possible()));
        return Figures.of(
                exercise, role, allowed, Side.valueOf(day.course().row().side()));
    }

    private String pulls(Activity.Exercise exercise, Role role, Optional<Proposal.Do> toDo) {
        Optional<Load> held = toDo.flatMap(leads -> leads.dose().load());
        return SpringPull.of(exercise, role, Build.MIDDLING)
                .flatMap(pull -> held.map(load ->
                        SpringPullWords.say(pull, day.measured().springs().get(), load)))
                .orElseGet(() -> ofBand(exercise, role, held));
    }

    private String ofBand(Activity.Exercise exercise, Role role, Optional<Load> held) {
        return held.filter(load -> load.unit() == LoadUnit.BAND_STEP)
                .map(load -> day.measured().bands().get((int) load.amount()))
                .flatMap(band -> BandPull.of(exercise, role, Build.MIDDLING).map(pull -> BandPullWords.say(pull, band)))
                .orElse("");
    }

    private Card.Proposed proposed(
            Proposal proposal, Optional<Proposal.Do> toDo, PainLimit pain, Activity.Exercise exercise) {
        String rule = Terms.progression(exercise.progression());
        String painSays = ProgressionWords.pain(pain);
        String dose = toDo.map(leads -> dose(leads.dose())).orElse("");
        String way = toDo.map(leads -> ProgressionWords.way(leads.way())).orElse("");
        String why = toDo.map(leads -> day.bands().in(words.say(leads.why()))).orElse("");
        if (proposal instanceof Proposal.Closed closed) {
            String closedWhy = signs.title(closed.asked()) + " is not open today. "
                    + day.bands().in(reasons.why(closed.verdict()));
            return new Card.Proposed("closed", "in its place", dose, rule, (closedWhy + " " + why).strip(), painSays);
        }
        if (proposal instanceof Proposal.Rest rest) {
            return new Card.Proposed(
                    "rest",
                    "rest",
                    "",
                    rule,
                    words.say(rest.why()) + " Again on " + Dates.say(rest.until()) + ".",
                    painSays);
        }
        if (proposal instanceof Proposal.Finished) {
            return new Card.Proposed("finished", "finished", "", rule, "Its purpose is reached: off.", painSays);
        }
        return new Card.Proposed("do", way, dose, rule, why, painSays);
    }

    private String dose(WorkingDose dose) {
        return day.bands().in(ProgressionWords.dose(dose));
    }

    private Card.Next next(
            Proposal.Do toDo, List<SetRow> done, Activity.Exercise exercise, PainLimit pain, Optional<Card.Back> back) {
        Optional<Card.Back> sameRung = back.filter(step -> !step.otherRung());
        Optional<String> lighter = sameRung.map(Card.Back::load).filter(load -> !load.isEmpty());
        Optional<SetRow> last = done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1));
        Optional<Load> load = last.flatMap(SetRow::load).or(() -> toDo.dose().load());
        Counted counted = exercise.dose().aim().counted();
        return new Card.Next(
                UUID.randomUUID(),
                done.size() + 1,
                toDo.dose().sets(),
                last.map(SetRow::amount).orElse(toDo.dose().aim().most()),
                counted.step(),
                counted.word(),
                lighter.or(() -> load.map(held -> Plain.number(held.amount()))).orElse(""),
                load.map(held -> held.unit().name()).orElse(""),
                load.map(held -> held.unit().word()).orElse(""),
                load.map(held -> held.unit() == LoadUnit.KILOGRAMS ? "0.5" : "1")
                        .orElse("1"),
                new SetUps(day.standing(), exercise, toDo.role()).beside(setUpNext(toDo, last, sameRung)),
                pain.most(),
                sameRung.map(Card.Back::said).orElseGet(() -> dose(toDo.dose())));
    }

    /** As the step back says; else as the last set was; else as is proposed. */
    private static Arrangement setUpNext(Proposal.Do toDo, Optional<SetRow> last, Optional<Card.Back> sameRung) {
        return sameRung.map(Card.Back::setUp)
                .or(() -> last.map(set -> set.done().setUp()).filter(so -> !so.equals(Arrangement.UNSAID)))
                .orElse(toDo.dose().setUp());
    }

    private Card.Back back(Proposal.Do now, Proposal.Do less) {
        return new Card.Back(
                dose(less.dose()),
                less.role().toString(),
                signs.title(less.role()),
                !less.role().equals(now.role()),
                less.dose()
                        .load()
                        .map(lighter -> Plain.number(lighter.amount()))
                        .orElse(""),
                less.dose().setUp());
    }

    /** The stops that still count, and whether they are to be told. */
    private List<String> stopped(RoleKey role) {
        List<Stop> stops = day.visit().stops(role);
        List<String> said = new ArrayList<>();
        stops.forEach(stop -> said.add("Stopped on " + Dates.say(stop.on()) + ": " + stop.why() + "."));
        if (day.visit().mustCallAbout(role)) {
            said.add("Stopped " + stops.size() + " times within seven days: call the surgeon's team.");
        }
        return said;
    }

    private Card.Clocks clocks(Activity.Exercise exercise, RoleKey key, Optional<Proposal.Do> toDo) {
        Optional<Prescription> written = day.visit().prescribed(key);
        SetAim aim =
                toDo.map(leads -> leads.dose().aim()).orElse(exercise.dose().aim());
        Counted counted = aim.counted();
        int hold = counted == Counted.SECONDS
                ? aim.most()
                : counted == Counted.MINUTES
                        ? aim.most() * 60
                        : aim.holdSeconds().orElse(0);
        int rest = day.visit().restSeconds(key);
        boolean eachWay = aim.each().contains("way") || aim.each().contains("direction");
        String tempo = written.flatMap(Prescription::tempo)
                .map(Tempo::toString)
                .or(() -> exercise.dose().tempo())
                .orElse("");
        boolean led = day.course().bundle().shape(exercise.id()).isPresent();
        return new Card.Clocks(tempo, hold, rest, !counted.isTime(), eachWay, led);
    }

    /** What is prescribed, if anything is. */
    private String prescribed(RoleKey key) {
        PrescribePanels panels = new PrescribePanels(day, key);
        return panels.standing().map(panels::says).orElse("");
    }

    private List<Card.Choice> neighbours(Activity.Exercise exercise, RoleKey now) {
        return day.standing().course().ladder(exercise.ladder()).stream()
                .flatMap(other -> other.roles().stream())
                .map(Role::key)
                .filter(key ->
                        !key.equals(now) && day.standing().verdict(key).kind().isOpen())
                .map(key -> new Card.Choice(key.toString(), signs.title(key)))
                .toList();
    }
}
