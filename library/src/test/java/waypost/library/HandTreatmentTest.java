package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Arc;
import waypost.core.course.Standing;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.Unit;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.core.treatment.HandTreatment;
import waypost.core.treatment.Technique;
import waypost.library.lint.NormalHealing;

/** What the gate says of hands, over the shipped protocols. */
@Tag("slow")
class HandTreatmentTest {

    private static Amount degrees(double value) {
        return Amount.of(value, Unit.DEGREES);
    }

    private static boolean isOpen(Standing standing, String range, Technique technique, double from, double to) {
        Measure measure = MeasuredCourse.BUNDLE.measure(range);
        return new HandTreatment(measure, technique, degrees(from), degrees(to))
                .judgedBy(standing)
                .kind()
                .isOpen();
    }

    /** Under some answers or under none. Common practice, no source: what is bent or turned by hand in the first weeks, and what is not. */
    @ParameterizedTest
    @CsvSource({
        // a replaced knee is carried and bent from the first days
        "knee.replacement, 5, knee-flexion, CARRIED, 60, 80, true",
        "knee.replacement, 20, knee-flexion, HELD_STRETCH, 80, 90, true",
        // a mended tendon is not turned outward, stretched or made to pull
        "shoulder.cuff-repair, 10, shoulder-external-rotation, CARRIED, 30, 80, false",
        "shoulder.cuff-repair, 10, shoulder-internal-rotation, HELD_STRETCH, -30, -60, false",
        "shoulder.cuff-repair, 10, shoulder-internal-rotation, TIGHTEN_AND_LET_GO, -30, -60, false",
        "shoulder.instability-repair, 10, shoulder-external-rotation, GLIDE_4, 30, 80, false",
        // flexor tendons in zone 2 are not straightened under stretch
        "hand.flexor-tendon-zone-2, 10, pip-extension, HELD_STRETCH, 30, 0, false",
        // an Achilles repair is not stretched upward
        "ankle.achilles-repair, 21, ankle-dorsiflexion, HELD_STRETCH, 0, 15, false",
        "knee.extensor-repair, 10, knee-flexion, HELD_STRETCH, 60, 110, false",
        "hip.replacement, 10, hip-flexion, HELD_STRETCH, 80, 120, false",
    })
    void whatHandsMayDo(
            String protocol, int day, String range, Technique technique, double from, double to, boolean open) {
        Protocol followed = MeasuredCourse.BUNDLE.protocol(protocol);

        assertThat(EveryAnswer.to(followed))
                .filteredOn(answers -> isOpen(
                        NormalHealing.of(followed, answers, MeasuredCourse.BUNDLE)
                                .on(new CourseDay(day)),
                        range,
                        technique,
                        from,
                        to))
                .matches(openUnder -> openUnder.isEmpty() != open, "open under some answers: " + open);
    }

    /** Hands open nothing that a limit on the same motion closes, whatever the protocol, day and technique. */
    @Test
    void nothingOpensBeyondALimitOnTheMotion() {
        List<String> beyond = new ArrayList<>();
        int open = 0;
        int cases = 0;
        for (Protocol protocol : MeasuredCourse.BUNDLE.protocols()) {
            NormalHealing healing =
                    NormalHealing.of(protocol, EveryAnswer.ofFindings(protocol).get(0), MeasuredCourse.BUNDLE);
            for (CourseDay day : healing.days()) {
                Standing standing = healing.on(day);
                for (Measure range : ranges()) {
                    for (Technique technique : Technique.values()) {
                        HandTreatment whole = throughAll(range, technique);
                        Optional<Arc> allowed = standing.allowedArc(whole.role(), 0);
                        cases += 1;
                        if (whole.judgedBy(standing).kind().isOpen()) {
                            open += 1;
                            if (!allowed.equals(
                                    Optional.of(range.motion().orElseThrow().possible()))) {
                                beyond.add(protocol.id() + " " + day + " " + range.id() + " " + technique + " past "
                                        + allowed);
                            }
                        }
                    }
                }
            }
        }
        System.out.printf("%,d treatments through all that a joint can do, %,d open%n", cases, open);
        assertThat(beyond).isEmpty();
        assertThat(cases).isGreaterThan(1_000);
    }

    private static HandTreatment throughAll(Measure range, Technique technique) {
        Arc possible = range.motion().orElseThrow().possible();
        return new HandTreatment(
                range,
                technique,
                degrees(possible.least().value()),
                degrees(possible.most().value()));
    }

    private static List<Measure> ranges() {
        return MeasuredCourse.BUNDLE.measures().stream()
                .filter(HandTreatment::isTreatable)
                .toList();
    }
}
