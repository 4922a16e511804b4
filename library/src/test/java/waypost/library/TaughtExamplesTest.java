package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.course.Precaution;
import waypost.core.course.Standing;
import waypost.core.protocol.Protocol;
import waypost.core.reason.Reason;
import waypost.core.teach.Example;

/** What a precaution means and what it does not, over every protocol that ships. */
@Tag("slow")
class TaughtExamplesTest {

    private static final List<Integer> DAYS = List.of(1, 14, 28, 42, 84, 120, 180);

    static Stream<Protocol> protocols() {
        return Shipped.BUNDLE.protocols().stream();
    }

    /** Rules that nothing in the library would break on one of the days: no exercise shows what is not meant. */
    private static final Set<String> WITHOUT_AN_EXERCISE = Set.of(
            "adducted",
            "ankle-ligament.ligament",
            "ankle-ligament.outward.effort",
            "ankle-ligament.running-steps",
            "bands",
            "bowstring",
            "cuff.assisted.large",
            "cuff.end.force",
            "cuff.hand.height",
            "cuff.sling.active.small",
            "deep.ankle",
            "deep.hip",
            "dislocated.bands",
            "dislocated.height",
            "elbow-ligament.blow",
            "elbow-ligament.end.force",
            "elbow-ligament.turned-back",
            "end.force",
            "finger-extensor.end.force",
            "finger-extensor.palms",
            "finger-extensor.pressed",
            "flexor-tendon.pressed",
            "heel-cord.running-steps",
            "height",
            "hip-labrum.apart",
            "hip-labrum.bend",
            "hip-labrum.bend.own",
            "hip-labrum.inward",
            "hip-precautions.posterior.combined",
            "instability.bands",
            "instability.blow",
            "instability.end.force",
            "instability.height",
            "labrum.end.force.twelve",
            "labrum.height",
            "labrum.speed.blow",
            "lumbar.running",
            "lumbar.strained.adductors",
            "lumbar.strained.hip-flexors",
            "meniscus.running-steps",
            "overhead-climb.bands",
            "pressed",
            "running",
            "shoulder-trim.end.force",
            "subscapularis.end.force",
            "upset-labrum.blow",
            "upset-labrum.end.force",
            "wrist-bone.pressed",
            "wrist-bone.turn.cast");

    @ParameterizedTest
    @MethodSource("protocols")
    void whatIsNotMeantBreaksThePrecautionAndWhatIsMeantIsOpen(Protocol protocol) {
        MeasuredCourse course = new MeasuredCourse(protocol.id());
        for (int day : DAYS) {
            Standing standing = course.on(day);
            for (Precaution<?> precaution : standing.strictestPrecautions()) {
                Optional<Example> example = Example.of(standing, precaution);
                example.ifPresent(found -> holds(found, standing, precaution));
                String rule = precaution.limit().limit().head().id();
                assertThat(example.isPresent() || WITHOUT_AN_EXERCISE.contains(rule))
                        .as("%s on day %s", rule, day)
                        .isTrue();
            }
        }
    }

    private static void holds(Example example, Standing standing, Precaution<?> precaution) {
        String rule = precaution.limit().limit().head().id();
        assertThat(standing.verdict(example.notMeant().role().key()).reasons())
                .as("%s on day %s", rule, standing.day())
                .anySatisfy(reason -> assertThat(reason)
                        .isInstanceOfSatisfying(
                                Reason.Exceeded.class,
                                exceeded -> assertThat(exceeded.rule().ruleId()).isEqualTo(rule)));
        example.meant()
                .ifPresent(meant -> assertThat(
                                standing.verdict(meant.role()).kind().isOpen())
                        .as(
                                "%s on day %s: %s",
                                rule, standing.day(), meant.role().key())
                        .isTrue());
    }
}
