package waypost.core.limit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.Fixture.bend;
import static waypost.core.gate.Fixture.head;
import static waypost.core.gate.Fixture.sixWeeks;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import waypost.core.body.Arc;
import waypost.core.body.Direction;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.body.Tissue;
import waypost.core.demand.Action;
import waypost.core.demand.ArmHeight;
import waypost.core.demand.BodyShare;
import waypost.core.demand.Chain;
import waypost.core.demand.Count;
import waypost.core.demand.Demand;
import waypost.core.demand.EndRange;
import waypost.core.demand.Level;
import waypost.core.demand.LeverLength;
import waypost.core.demand.Load;
import waypost.core.demand.LoadUnit;
import waypost.core.demand.Loading;
import waypost.core.demand.Posture;
import waypost.core.demand.Pressed;
import waypost.core.demand.Reaching;
import waypost.core.demand.StrainKind;
import waypost.core.demand.Support;
import waypost.core.exercise.Reducible;
import waypost.core.exercise.Role;
import waypost.core.gate.Fixture;

/** What each quantity looks at, how much it finds, and how far it can be dialled down. */
class QuantitiesTest {

    private static final Load TWO_KILOGRAMS = new Load(2, LoadUnit.KILOGRAMS);
    private static final Load FIVE_KILOGRAMS = new Load(5, LoadUnit.KILOGRAMS);
    private static final Reducible EVERYTHING = new Reducible(
            Optional.of(10.0),
            Optional.of(Loading.OWN_WEIGHT),
            Optional.of(BodyShare.ofPercent(20)),
            Optional.of(TWO_KILOGRAMS),
            Optional.of(new Count(20)),
            Optional.of(EndRange.FIRST_RESISTANCE),
            Set.of());

    private static final Demand.Movement MOVEMENT =
            bend(90).lightenedTo(Loading.ADDED).pressedTo(EndRange.OVERPRESSURE);
    private static final Demand.TissueLoad TISSUE =
            new Demand.TissueLoad(Tissue.HAMSTRING, Level.HIGH, Mode.RESISTED, Optional.of(Action.SHORTENING));
    private static final Demand.Bearing BEARING = new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(80), Support.ONE);
    private static final Demand.Held HELD = new Demand.Held(Limb.ARM, new Load(8, LoadUnit.KILOGRAMS));
    private static final Demand.Contacts CONTACTS = new Demand.Contacts(new Count(60));
    private static final Demand.Lever LEVER = new Demand.Lever(Limb.ARM, LeverLength.LONG);
    private static final Pressed PRESSED = new Pressed(Joint.WRIST, Level.HIGH);
    private static final Reaching HEIGHT = new Reaching(ArmHeight.AT_SHOULDER);
    private static final Demand.Strain STRAIN = new Demand.Strain(StrainKind.IMPACT, Limb.LEG, Level.MODERATE);
    private static final List<Demand> ALL =
            List.of(MOVEMENT, TISSUE, BEARING, HELD, CONTACTS, LEVER, PRESSED, HEIGHT, STRAIN);
    private static final Role ROLE = Role.of(Fixture.ROLE, "all", ALL, EVERYTHING);

    /** The only demand that the quantity looks at, and how much it asks. */
    private static <T extends Comparable<T>> void looksOnlyAt(Demand wanted, T asked, Quantity<T> quantity) {
        for (int at = 0; at < ALL.size(); at++) {
            boolean its = ALL.get(at) == wanted;
            assertThat(quantity.looksAt(ROLE, at)).isEqualTo(its);
            assertThat(quantity.askedBy(ROLE, at)).isEqualTo(its ? Optional.of(asked) : Optional.empty());
        }
    }

    @Test
    void eachLooksOnlyAtItsOwnDemand() {
        looksOnlyAt(TISSUE, Level.HIGH, new Quantity.Effort(Tissue.HAMSTRING, Set.of(), Set.of()));
        looksOnlyAt(BEARING, BodyShare.ofPercent(80), new LimbQuantity.Share(Limb.LEG, Optional.empty()));
        looksOnlyAt(MOVEMENT, Loading.ADDED, new Quantity.Against(Circumstance.any(Motion.KNEE_FLEXION)));
        looksOnlyAt(MOVEMENT, EndRange.OVERPRESSURE, new Quantity.EndForce(Circumstance.any(Motion.KNEE_FLEXION)));
        looksOnlyAt(HELD, HELD.load(), new LimbQuantity.Holding(Limb.ARM, LoadUnit.KILOGRAMS));
        looksOnlyAt(LEVER, LeverLength.LONG, new LimbQuantity.Reach(Limb.ARM));
        looksOnlyAt(PRESSED, Level.HIGH, new LimbQuantity.Pressing(Joint.WRIST));
        looksOnlyAt(HEIGHT, ArmHeight.AT_SHOULDER, new Quantity.HandHeight());
        looksOnlyAt(STRAIN, Level.MODERATE, new LimbQuantity.Straining(StrainKind.IMPACT, Limb.LEG));
        looksOnlyAt(CONTACTS, new Count(60), new Quantity.Contacts());
    }

    private static boolean looks(Quantity<?> quantity, Demand demand) {
        return quantity.looksAt(ROLE, ALL.indexOf(demand));
    }

    @Test
    void whatNarrowsAQuantityMustFit() {
        assertThat(looks(new Quantity.Effort(Tissue.CALF, Set.of(), Set.of()), TISSUE))
                .isFalse();
        assertThat(looks(new Quantity.Effort(Tissue.HAMSTRING, Set.of(Mode.ACTIVE), Set.of()), TISSUE))
                .isFalse();
        assertThat(looks(new Quantity.Effort(Tissue.HAMSTRING, Set.of(), Set.of(Action.FAST)), TISSUE))
                .isFalse();
        assertThat(looks(new LimbQuantity.Share(Limb.ARM, Optional.empty()), BEARING))
                .isFalse();
        assertThat(looks(new LimbQuantity.Share(Limb.LEG, Optional.of(Support.BOTH)), BEARING))
                .isFalse();
        assertThat(looks(new LimbQuantity.Share(Limb.LEG, Optional.of(Support.ONE)), BEARING))
                .isTrue();
        assertThat(looks(new LimbQuantity.Holding(Limb.ARM, LoadUnit.BAND_STEP), HELD))
                .isFalse();
        assertThat(looks(new LimbQuantity.Holding(Limb.LEG, LoadUnit.KILOGRAMS), HELD))
                .isFalse();
        assertThat(looks(new LimbQuantity.Reach(Limb.LEG), LEVER)).isFalse();
        assertThat(looks(new LimbQuantity.Pressing(Joint.ANKLE), PRESSED)).isFalse();
        assertThat(looks(new LimbQuantity.Straining(StrainKind.TWISTING, Limb.LEG), STRAIN))
                .isFalse();
        assertThat(looks(new LimbQuantity.Straining(StrainKind.IMPACT, Limb.ARM), STRAIN))
                .isFalse();
    }

    /** An action that the exercise does not say may be any. */
    @Test
    void anUnsaidActionMayBeAny() {
        Role unsaid = Role.of(
                Fixture.ROLE,
                "x",
                List.of(new Demand.TissueLoad(Tissue.HAMSTRING, Level.LOW, Mode.ACTIVE, Optional.empty())),
                EVERYTHING);

        assertThat(new Quantity.Effort(Tissue.HAMSTRING, Set.of(), Set.of(Action.FAST)).looksAt(unsaid, 0))
                .isTrue();
    }

    @Test
    void isLoweredToWhatIsAllowedAndNotBelowTheLeastThatMakesSense() {
        LimbQuantity.Share share = new LimbQuantity.Share(Limb.LEG, Optional.empty());
        LimbQuantity.Holding held = new LimbQuantity.Holding(Limb.ARM, LoadUnit.KILOGRAMS);
        Quantity.Contacts contacts = new Quantity.Contacts();
        Quantity.EndForce end = new Quantity.EndForce(Circumstance.any(Motion.KNEE_FLEXION));
        Quantity.Against against = new Quantity.Against(Circumstance.any(Motion.KNEE_FLEXION));

        assertThat(share.lowered(BEARING, BodyShare.ofPercent(20), EVERYTHING))
                .contains(new Demand.Bearing(Limb.LEG, BodyShare.ofPercent(20), Support.ONE));
        assertThat(share.lowered(BEARING, BodyShare.ofPercent(19), EVERYTHING)).isEmpty();
        assertThat(held.lowered(HELD, TWO_KILOGRAMS, EVERYTHING)).contains(new Demand.Held(Limb.ARM, TWO_KILOGRAMS));
        assertThat(held.lowered(HELD, new Load(1, LoadUnit.KILOGRAMS), EVERYTHING))
                .isEmpty();
        assertThat(new LimbQuantity.Holding(Limb.ARM, LoadUnit.BAND_STEP)
                        .lowered(HELD, new Load(3, LoadUnit.BAND_STEP), EVERYTHING))
                .isEmpty();
        assertThat(contacts.lowered(CONTACTS, new Count(20), EVERYTHING)).contains(new Demand.Contacts(new Count(20)));
        assertThat(contacts.lowered(CONTACTS, new Count(19), EVERYTHING)).isEmpty();
        assertThat(end.lowered(MOVEMENT, EndRange.FIRST_RESISTANCE, EVERYTHING))
                .contains(MOVEMENT.pressedTo(EndRange.FIRST_RESISTANCE));
        assertThat(end.lowered(MOVEMENT, EndRange.SHORT_OF_IT, EVERYTHING)).isEmpty();
        assertThat(against.lowered(MOVEMENT, Loading.OWN_WEIGHT, EVERYTHING))
                .contains(MOVEMENT.lightenedTo(Loading.OWN_WEIGHT));
        assertThat(against.lowered(MOVEMENT, Loading.NONE, EVERYTHING)).isEmpty();
        assertThat(contacts.lowered(CONTACTS, new Count(20), Reducible.NOTHING)).isEmpty();
    }

    @Test
    void noneIsTheLeastOfEachAndNothingWhereEvenTheLeastIsSomething() {
        assertThat(new Quantity.Effort(Tissue.CALF, Set.of(), Set.of()).none()).contains(Level.NONE);
        assertThat(new LimbQuantity.Share(Limb.LEG, Optional.empty()).none()).contains(BodyShare.ofPercent(0));
        assertThat(new Quantity.Against(Circumstance.any(Motion.KNEE_FLEXION)).none())
                .contains(Loading.NONE);
        assertThat(new Quantity.EndForce(Circumstance.any(Motion.KNEE_FLEXION)).none())
                .contains(EndRange.SHORT_OF_IT);
        assertThat(new LimbQuantity.Holding(Limb.ARM, LoadUnit.KILOGRAMS).none())
                .contains(new Load(0, LoadUnit.KILOGRAMS));
        assertThat(new LimbQuantity.Straining(StrainKind.SPEED, Limb.LEG).none())
                .contains(Level.NONE);
        assertThat(new Quantity.Contacts().none()).contains(new Count(0));
        assertThat(new LimbQuantity.Reach(Limb.ARM).none()).isEmpty();
        assertThat(new Quantity.HandHeight().none()).isEmpty();
    }

    @Test
    void aCircumstanceMatchesOnlyWhatItNames() {
        assertThat(circumstance(Optional.of(Direction.NEGATIVE), Set.of(), Optional.empty(), Optional.empty()))
                .isTrue();
        assertThat(circumstance(Optional.of(Direction.POSITIVE), Set.of(), Optional.empty(), Optional.empty()))
                .isFalse();
        assertThat(circumstance(Optional.empty(), Set.of(Mode.ACTIVE), Optional.empty(), Optional.empty()))
                .isTrue();
        assertThat(circumstance(Optional.empty(), Set.of(Mode.PASSIVE), Optional.empty(), Optional.empty()))
                .isFalse();
        assertThat(circumstance(Optional.empty(), Set.of(), Optional.of(Chain.CLOSED), Optional.empty()))
                .isTrue();
        assertThat(circumstance(Optional.empty(), Set.of(), Optional.of(Chain.OPEN), Optional.empty()))
                .isFalse();
        assertThat(circumstance(Optional.empty(), Set.of(), Optional.empty(), Optional.of(Support.ONE)))
                .isTrue();
        assertThat(circumstance(Optional.empty(), Set.of(), Optional.empty(), Optional.of(Support.BOTH)))
                .isFalse();
    }

    private static boolean circumstance(
            Optional<Direction> working, Set<Mode> modes, Optional<Chain> chain, Optional<Support> support) {
        return new Circumstance(
                        Set.of(Motion.KNEE_FLEXION), working, modes, chain, Optional.empty(), support, List.of())
                .matches(ROLE, 0);
    }

    @Test
    void limitsOnTheSameThingAreComparedByWhatTheyLeave() {
        MotionLimit motion = new MotionLimit(
                head("m"), Circumstance.any(Motion.KNEE_FLEXION), sixWeeks(Allowed.within(Arc.between(0, 60))));
        AmountLimit<Load> held = new AmountLimit<>(
                head("h"), new LimbQuantity.Holding(Limb.ARM, LoadUnit.KILOGRAMS), sixWeeks(Allowed.nothing()));

        assertThat(motion.asStrict(Allowed.within(Arc.between(0, 60)), Allowed.within(Arc.between(0, 90))))
                .isTrue();
        assertThat(motion.asStrict(Allowed.within(Arc.between(0, 90)), Allowed.within(Arc.between(0, 60))))
                .isFalse();
        assertThat(held.asStrict(Allowed.nothing(), Allowed.within(TWO_KILOGRAMS)))
                .isTrue();
        assertThat(held.asStrict(Allowed.within(TWO_KILOGRAMS), Allowed.nothing()))
                .isFalse();
        assertThat(held.asStrict(Allowed.within(TWO_KILOGRAMS), Allowed.free())).isTrue();
        assertThat(held.asStrict(Allowed.free(), Allowed.within(TWO_KILOGRAMS))).isFalse();
        assertThat(held.asStrict(Allowed.within(FIVE_KILOGRAMS), Allowed.within(TWO_KILOGRAMS)))
                .isFalse();
        assertThat(motion.subject()).isEqualTo(Circumstance.any(Motion.KNEE_FLEXION));
        assertThat(motion.motion()).isEqualTo(Motion.KNEE_FLEXION);
        assertThat(new PostureLimit(head("p"), Set.of(Posture.PRONE), sixWeeks(Allowed.nothing())).subject())
                .isEqualTo(Set.of(Posture.PRONE));
        assertThat(new ActivityLimit(head("a"), Set.of("squat"), sixWeeks(Allowed.nothing())).subject())
                .isEqualTo(Set.of("squat"));
    }

    @Test
    void impossibleRulesAreRefusedAndSayWhy() {
        Circumstance two = new Circumstance(
                Set.of(Motion.KNEE_FLEXION, Motion.HIP_FLEXION),
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of());

        assertThatThrownBy(() -> new MotionLimit(head("m"), two, sixWeeks(Allowed.nothing())))
                .hasMessage("m: found 2 motions, allowed: one axis for an arc");
        assertThatThrownBy(() -> new CombinedLimit(
                        head("c"),
                        List.of(new Component(Motion.KNEE_FLEXION, Arc.between(0, 10))),
                        sixWeeks(Allowed.nothing())))
                .hasMessage("c: found 1 motions, allowed: two or more together");
        assertThatThrownBy(() -> TWO_KILOGRAMS.compareTo(new Load(2, LoadUnit.BAND_STEP)))
                .hasMessage("load: found band, allowed: kg");
        assertThatThrownBy(() -> Load.parse("2 stones"))
                .hasMessage("load: found '2 stones', allowed: such as '2 kg', 'band 2' or '60 % of maximum'");
        assertThatThrownBy(() -> new Load(501, LoadUnit.KILOGRAMS))
                .hasMessage("load: found 501.0 kg, allowed: 0 to 500.0 kg");
        assertThat(Load.parse("60 % of maximum")).isEqualTo(new Load(60, LoadUnit.PERCENT_OF_MAXIMUM));
        assertThat(Load.parse("band 3")).isEqualTo(new Load(3, LoadUnit.BAND_STEP));
    }
}
