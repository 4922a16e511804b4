package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Chain;
import waypost.core.demand.Demand;
import waypost.core.demand.Kneeling;
import waypost.core.demand.Level;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.RunningSteps;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.Verdict;
import waypost.core.limit.AmountLimit;
import waypost.core.limit.Quantity;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.reason.Uncovered;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.lint.NormalHealing;

/**
 * What a file did not say was open on day 1: each such finding of a clinical reading, by exercise, protocol and day, under every
 * full set of answers in a course in which all goes to plan. Common practice, no source.
 */
@Tag("slow")
class UndeclaredTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static final Map<String, List<NormalHealing>> HEALING = new ConcurrentHashMap<>();

    private static Stream<Verdict> verdicts(String role, String protocol, int day) {
        return HEALING.computeIfAbsent(protocol, UndeclaredTest::healing).stream()
                .map(healing -> healing.verdict(RoleKey.of(role), new CourseDay(day)));
    }

    /** Under every full set of answers, worked out once for all lines about a protocol. */
    private static List<NormalHealing> healing(String protocol) {
        Protocol followed = BUNDLE.protocol(protocol);
        return EveryAnswer.to(followed).stream()
                .map(answers -> NormalHealing.of(followed, answers, BUNDLE))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        // the quadriceps stretch and maximal hamstring holds after hip replacement
        "quad-stretch-lying/operated, hip.replacement, 1",
        "hamstring-hold-0/operated, hip.replacement, 1",
        "hamstring-hold-90/operated, hip.replacement, 1",
        // hard cycling after Achilles and ankle repair, as easy cycling
        "bike-intervals/both, ankle.achilles-repair, 1",
        "bike-intervals/both, ankle.lateral-ligament-repair, 1",
        "bike-long/both, ankle.achilles-repair, 1",
        "bike-easy/both, ankle.achilles-repair, 1",
        // exercises of the arms, done on the legs
        "push-up/operated, knee.replacement, 1",
        "push-up/operated, hip.replacement, 1",
        "push-up-kneeling/operated, knee.replacement, 1",
        "push-up-kneeling/operated, hip.replacement, 1",
        "tap-knees/operated, knee.replacement, 1",
        "tap-knees/operated, hip.replacement, 1",
        "press-knees/operated, knee.replacement, 1",
        "press-knees/operated, hip.replacement, 1",
        "throw-10/operated, knee.replacement, 1",
        "throw-full/operated, hip.replacement, 1",
        "chest-pass/operated, knee.replacement, 1",
        // flat palms, gripping, leaning in and nudges on the forearm
        "table-slide/operated, hand.flexor-tendon-zone-2, 1",
        "wall-fingers/operated, hand.flexor-tendon-zone-2, 1",
        "behind-back-band/operated, hand.flexor-tendon-zone-2, 1",
        "stick-rotation/operated, hand.flexor-tendon-zone-2, 1",
        "lean-in/operated, hand.flexor-tendon-zone-2, 1",
        "lean-in/operated, elbow.collateral-ligament-reconstruction, 1",
        "pushes-neutral/operated, elbow.collateral-ligament-reconstruction, 1",
        "pushes-90/operated, elbow.collateral-ligament-reconstruction, 1",
        "behind-back-band/operated, elbow.collateral-ligament-reconstruction, 1",
        "stick-rotation/operated, elbow.collateral-ligament-reconstruction, 1",
        // running, hopping, cutting and the sled with an arm in a sling
        "run-1/both, shoulder.cuff-repair, 1",
        "run-walk/both, shoulder.labral-repair, 1",
        "hop-forward/operated, shoulder.instability-repair, 1",
        "cut/operated, shoulder.replacement-reverse, 1",
        "sled-push/both, shoulder.cuff-repair, 1",
        "sled-side/both, shoulder.replacement-anatomic, 1",
        "sled-crossover/both, shoulder.biceps-tenodesis, 1",
        "pogo/both, elbow.collateral-ligament-reconstruction, 1",
        "run-1/both, hand.flexor-tendon-zone-2, 1",
    })
    void isClosed(String role, String protocol, int day) {
        assertThat(verdicts(role, protocol, day))
                .as("%s in %s on day %d", role, protocol, day)
                .allMatch(verdict -> !verdict.kind().isOpen());
    }

    /** The hand on the belly turns the arm in, which a shoulder that went out to the back must not. */
    @Test
    void pressingIntoTheBellyIsClosedAfterADislocationToTheBack() {
        Protocol protocol = BUNDLE.protocol("shoulder.dislocation");
        Answers back = Answers.NONE.with("direction", "posterior");

        assertThat(NormalHealing.of(protocol, back, BUNDLE)
                        .verdict(RoleKey.of("iso-in/operated"), new CourseDay(1))
                        .kind()
                        .isOpen())
                .isFalse();
    }

    /** Six minutes of running are about 900 steps: a run says so, and whoever opens it says how many may be run. */
    @Test
    void aRunCountsItsSteps() {
        RoleKey run = RoleKey.of("run-walk/both");
        Role role = BUNDLE.activities().stream()
                .flatMap(activity -> activity.roles().stream())
                .filter(one -> one.key().equals(run))
                .findFirst()
                .orElseThrow();

        assertThat(role.demands())
                .filteredOn(RunningSteps.class::isInstance)
                .singleElement()
                .satisfies(steps ->
                        assertThat(((RunningSteps) steps).count().number()).isBetween(850, 1000));
        assertThat(BUNDLE.protocols())
                .filteredOn(protocol -> protocol.openings().stream()
                        .anyMatch(opening -> opening.role().equals(run)))
                .hasSizeGreaterThan(5)
                .allSatisfy(protocol -> assertThat(protocol.limits())
                        .as(protocol.id())
                        .anyMatch(limit ->
                                limit instanceof AmountLimit<?> amount && amount.quantity() instanceof Quantity.Steps));
    }

    /** What an exercise of the arms asks of the legs is told, not only that it is closed. */
    @Test
    void whatIsAskedBesidesIsSaid() {
        assertThat(verdicts("push-up-kneeling/operated", "knee.replacement", 1)
                        .flatMap(verdict -> verdict.reasons().stream())
                        .filter(Uncovered.AsksBesides.class::isInstance)
                        .flatMap(reason -> ((Uncovered.AsksBesides) reason).asked().stream()))
                .anyMatch(Kneeling.class::isInstance);
    }

    /** A knee that may stand and bend lets its owner curl a weight in standing on that day. */
    @Test
    void whatTheLegMayDoAnyhowClosesNothing() {
        assertThat(verdicts("elbow-curl-heavy/operated", "knee.replacement", 60))
                .allMatch(verdict -> verdict.kind().isOpen());
    }

    /** Side-lying leg work lies on the newly replaced shoulder of the other side, and the same on none. */
    @ParameterizedTest
    @CsvSource({"side-lift/operated", "clam/operated"})
    void legWorkOnTheSideLiesOnTheOtherArm(String role) {
        Role lying = BUNDLE.findActivity(RoleKey.of(role).activity())
                .orElseThrow()
                .roles()
                .get(0);

        assertThat(lying.besides().other()).contains(new Demand.Placed(Posture.ON_OPERATED_SIDE));
    }

    /** Tissues that files forgot, by exercise. */
    @ParameterizedTest
    @CsvSource({
        "push-up, SUBSCAPULARIS",
        "press-wall, SUBSCAPULARIS",
        "punch-band, SUBSCAPULARIS",
        "prone-t, SUPRASPINATUS",
        "prone-t, DELTOID",
        "prone-w, SUPRASPINATUS",
        "prone-w, DELTOID",
        "row-level, BICEPS",
        "raise-front-kilo, BICEPS",
        "drop-table, BICEPS",
        "throw-20, BICEPS",
        "quadriceps-isometric-90, PATELLAR_TENDON",
        "quadriceps-isometric-90, QUADRICEPS_TENDON",
        "single-leg-stand, HIP_ABDUCTORS",
        "walk-free, HIP_ABDUCTORS",
        "pogo, CALF",
        "skip, CALF",
        "jump-box, CALF",
        "hop-forward, CALF",
        "hop-sideways, CALF",
        "cut, CALF",
        "run-walk, CALF"
    })
    void aTissueThatMustWorkIsAsked(String activity, Tissue tissue) {
        assertThat(BUNDLE.findActivity(activity).orElseThrow().roles())
                .allSatisfy(role -> assertThat(role.whole().demands())
                        .anyMatch(demand -> demand instanceof Demand.TissueLoad load
                                && load.tissue() == tissue
                                && load.effort() != Level.NONE));
    }

    /** With the back on the wall, in a hinge and in front in a lunge the shin stays upright. */
    private static final Set<String> UPRIGHT_SHIN = Set.of(
            "band-press-straight/operated",
            "wall-squat/both",
            "wall-squat-hold/both",
            "split-squat/operated-front",
            "reverse-lunge/operated-front",
            "kickstand-hinge/operated",
            "single-leg-hinge/operated");

    /** Every other role that stands on a bent knee, lands or walks says or has worked out what its ankle does. */
    @Test
    void standingOnABentKneeBendsTheAnkle() {
        assertThat(BUNDLE.activities().stream()
                        .filter(activity -> activity.posture() == Posture.STANDING)
                        .flatMap(activity -> activity.roles().stream())
                        .filter(UndeclaredTest::standsOnABentKnee)
                        .filter(role -> role.whole().demands().stream()
                                .noneMatch(demand -> demand instanceof Demand.Movement movement
                                        && movement.motion() == Motion.ANKLE_DORSIFLEXION))
                        .map(role -> role.key().toString()))
                .containsExactlyInAnyOrderElementsOf(UPRIGHT_SHIN);
    }

    private static boolean standsOnABentKnee(Role role) {
        return role.demands().stream()
                .anyMatch(demand -> demand instanceof Demand.Movement movement
                        && movement.motion() == Motion.KNEE_FLEXION
                        && movement.chain() == Chain.CLOSED
                        && movement.loading() != Loading.NONE
                        && movement.arc().most().value() > 20);
    }

    /** A press into something that does not give is resisted. */
    @Test
    void pressingAHeelIntoAChairIsResisted() {
        assertThat(BUNDLE.findActivity("hamstring-90-90").orElseThrow().roles())
                .allSatisfy(role -> assertThat(role.demands())
                        .anyMatch(demand -> demand instanceof Demand.TissueLoad load
                                && load.tissue() == Tissue.HAMSTRING
                                && load.mode() == Mode.RESISTED));
    }
}
