package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.from;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Limb;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.Load;
import waypost.core.demand.Posture;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Dose;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Progression;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Rise;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.exercise.SetAim;
import waypost.core.exercise.Teaching;
import waypost.core.gate.Fixture;
import waypost.core.limit.RuleHead;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.WorkingDose;
import waypost.core.protocol.HoldRule;
import waypost.core.protocol.Opening;
import waypost.core.protocol.PainRule;
import waypost.core.protocol.Protocol;
import waypost.core.protocol.Rules;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.safety.CheckIn;

/** What is laid over a rule: brakes of the day, shares after holds, the lightest first dose, soreness after impact. */
class ProposalsTest {

    private static final int TODAY = 40;
    private static final LocalDate DATE = DAY_ZERO.plusDays(TODAY);
    private static final RoleKey EASY = new RoleKey("easy", "operated");
    private static final RoleKey HARD = new RoleKey("hard", "operated");
    private static final RoleKey RUN = new RoleKey("run", "operated");

    private static Activity.Exercise exercise(
            RoleKey key, int rung, String amount, Progression rule, Reducible reducible, Demand... more) {
        List<Demand> demands = new ArrayList<>(List.of(bend(30)));
        Collections.addAll(demands, more);
        return new Activity.Exercise(
                key.activity(),
                key.activity(),
                key.equals(RUN) ? "runs" : "press",
                rung,
                "more",
                Rise.LOADING,
                Purpose.MOBILITY,
                List.of(Role.of(key, "operated", demands, reducible)),
                new Dose(2, SetAim.parse(amount), Optional.empty(), "1 a day"),
                rule,
                Map.of("operated", Pose.of(Posture.SITTING, Map.of())),
                Arrangements.NONE,
                new Teaching(List.of(), List.of(), List.of(), List.of(), List.of()));
    }

    private static Demand held(String load) {
        return new Demand.Held(Limb.LEG, Load.parse(load));
    }

    private static final List<Activity> LIBRARY = List.of(
            exercise(EASY, 1, "10 reps", Progression.DOUBLE_PROGRESSION, Reducible.NOTHING),
            exercise(HARD, 2, "10 reps", Progression.DOUBLE_PROGRESSION, Reducible.NOTHING, held("12 kg")),
            exercise(
                    RUN,
                    1,
                    "60 contacts",
                    Progression.CONTACTS,
                    Reducible.NOTHING,
                    new Demand.Contacts(new Count(120))));

    private static HoldRule reEntry(String id, Hold.Kind kind, int percent) {
        return new HoldRule(
                id, Set.of(kind), OptionalInt.empty(), "call", Optional.of(new HoldRule.ReEntry(percent, 20)));
    }

    private static Hold ended(Hold.Kind kind) {
        return new Hold(kind, "flare", DATE.minusDays(9), DATE, Optional.of(DATE.minusDays(2)), "tester");
    }

    private static Standing standing(Hold... holds) {
        List<Opening> openings = Stream.of(EASY, HARD, RUN)
                .map(role -> Opening.of(role, List.of(from("day 0"))))
                .toList();
        Protocol protocol = new Fixture()
                .protocol()
                .with(new Rules(
                        List.of(),
                        openings,
                        List.of(),
                        List.of(),
                        List.of(reEntry("a", Hold.Kind.FLARE, 75), reEntry("b", Hold.Kind.WOUND, 50)),
                        List.of()));
        Course course = Course.of(
                Resolver.resolve(protocol, Answers.NONE, DAY_ZERO),
                LIBRARY,
                List.of(Fixture.FLEXION),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of(holds)));
        return course.on(DATE, DATE, Outlook.TIME_ONLY);
    }

    private static SetDone set(RoleKey role, int daysBack, int amount, Optional<Load> load, int pain) {
        return new SetDone(role, DATE.minusDays(daysBack), amount, load, pain, SetDone.Form.GOOD);
    }

    private static WorkLog twoSets(RoleKey role, int daysBack, int amount, Optional<Load> load, int pain) {
        SetDone set = set(role, daysBack, amount, load, pain);
        return new WorkLog(List.of(set, set), List.of());
    }

    private static Proposals proposals(Standing standing, WorkLog work) {
        return new Proposals(standing, work, new DayOfWork(1, Optional.empty(), Optional.empty()));
    }

    private static Proposal.Do done(Proposal proposal) {
        return proposal.toDo().orElseThrow();
    }

    private static Load kilograms(double amount) {
        return Load.parse(amount + " kg");
    }

    /** Baseline + 1, never above 5 (common practice, no source); the protocol's own rule goes before. */
    @ParameterizedTest
    @CsvSource(
            value = {"0,-,1", "3,-,4", "4,-,5", "5,-,5", "7,-,5", "10,-,5", "7,2,2", "0,8,8"},
            nullValues = "-")
    void whoArrivesInPainIsNotAllowedMore(int baseline, Integer rule, int most) {
        Optional<PainRule> written =
                Optional.ofNullable(rule).map(number -> new PainRule(RuleHead.of("p", "Pain"), number));

        assertThat(PainLimit.of(written, baseline).most()).isEqualTo(most);
    }

    @ParameterizedTest
    @CsvSource({"5,false", "6,true", "8,true"})
    void morePainOnArrivalThanASetMayGiveHoldsEverything(int pain, boolean braked) {
        CheckIn said = new CheckIn(pain, Optional.empty(), Optional.empty(), CheckIn.Swelling.NONE, Set.of());

        assertThat(DayOfWork.of(Optional.of(said), List.of(), standing(), WorkLog.NONE)
                        .brake())
                .isEqualTo(braked ? Optional.of(Brake.PAIN_ON_ARRIVAL) : Optional.empty());
    }

    /** Never the 25 kg of a catalogue: the least that makes sense, else at most 2 kg, band 1, 20 % of the maximum. */
    @ParameterizedTest
    @CsvSource(
            value = {
                "25 kg,5 kg,5 kg",
                "25 kg,-,2 kg",
                "1 kg,-,1 kg",
                "band 3,-,band 1",
                "60 % of maximum,-,20 % of maximum"
            },
            nullValues = "-")
    void theFirstDoseIsTheLightest(String usual, String least, String first) {
        Reducible reducible = new Reducible(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.ofNullable(least).map(Load::parse),
                Optional.empty(),
                Optional.empty(),
                Set.of());
        Activity.Exercise exercise =
                exercise(HARD, 1, "10 reps", Progression.DOUBLE_PROGRESSION, reducible, held(usual));
        Role role = exercise.role(HARD);

        assertThat(WorkingDose.usual(exercise, role).lightest(role).load()).contains(Load.parse(first));
    }

    @Test
    void anExerciseThatIsNewBeginsLight() {
        assertThat(done(proposals(standing(), WorkLog.NONE).of(HARD)).dose().load())
                .contains(kilograms(2));
    }

    /** Two holds ended, one asks for 75 %, one for 50 %: the lower, whatever the order. */
    @Test
    void ofTwoReEntriesTheLowerShareCounts() {
        WorkLog work = twoSets(HARD, 12, 10, Optional.of(kilograms(8)), 0);
        Hold flare = ended(Hold.Kind.FLARE);
        Hold wound = ended(Hold.Kind.WOUND);

        assertThat(done(proposals(standing(flare, wound), work).of(HARD)).dose().load())
                .contains(kilograms(4));
        assertThat(done(proposals(standing(wound, flare), work).of(HARD)).dose().load())
                .contains(kilograms(4));
        assertThat(done(proposals(standing(flare), work).of(HARD)).dose().load())
                .contains(kilograms(6));
    }

    /** Too much pain without anything lighter leads a rung back; who stays does half, and after a hold the share of it. */
    @Test
    void stayingPassesTheSameBrakes() {
        WorkLog pained = twoSets(HARD, 12, 10, Optional.of(kilograms(0.5)), 9);
        Proposals free = proposals(standing(), pained);
        Proposals held = proposals(
                standing(ended(Hold.Kind.FLARE)),
                new WorkLog(
                        Stream.concat(pained.sets().stream(), Stream.of(set(EASY, 11, 10, Optional.empty(), 0)))
                                .toList(),
                        List.of()));

        assertThat(done(free.of(HARD)).role()).isEqualTo(EASY);
        assertThat(done(free.staying(HARD)).role()).isEqualTo(HARD);
        assertThat(done(free.staying(HARD)).way()).isEqualTo(Way.DOWN);
        assertThat(done(free.staying(HARD)).why()).anyMatch(Ground.PainOver.class::isInstance);
        assertThat(done(held.staying(HARD)).why()).anyMatch(Ground.AfterHold.class::isInstance);
    }

    /** Staying where the rule itself stays is what the rule says. */
    @Test
    void stayingIsTheRuleWhereItStays() {
        Proposals proposals = proposals(standing(), twoSets(HARD, 3, 10, Optional.of(kilograms(8)), 0));

        assertThat(proposals.staying(HARD)).isEqualTo(proposals.of(HARD));
    }

    /** Running and jumping go by when the joint is sore before their own rule (soreness rules, from memory). */
    @ParameterizedTest
    @CsvSource({"NONE,false", "WARM_UP_AND_STAYED,true", "WENT_AND_CAME_BACK,true"})
    void sorenessGoesBeforeTheRuleOfWhatLands(Response.Soreness soreness, boolean rests) {
        SetDone run = set(RUN, 2, 60, Optional.empty(), 0);
        Response response = new Response(run.on(), 0, Optional.of(0), Optional.of(0), false, soreness);
        WorkLog work = new WorkLog(List.of(run, run), List.of(response));

        assertThat(proposals(standing(), work).of(RUN) instanceof Proposal.Rest).isEqualTo(rests);
    }
}
