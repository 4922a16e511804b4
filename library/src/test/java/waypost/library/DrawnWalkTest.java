package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.anatomy.Half;
import waypost.core.anatomy.Sagittal;
import waypost.core.anatomy.Skeleton;
import waypost.core.body.Joint;
import waypost.core.body.Motion;
import waypost.core.course.Standing;
import waypost.core.gait.Aid;
import waypost.core.gait.Move;
import waypost.core.gait.Pattern;
import waypost.core.gait.Stand;
import waypost.core.gait.Walk;
import waypost.core.gait.Way;
import waypost.core.protocol.Protocol;
import waypost.core.runner.CourseWalk;
import waypost.core.runner.WeightLimit;
import waypost.core.transfer.Circumstance;
import waypost.core.transfer.Moment;
import waypost.core.transfer.Transfer;

/** The body that is drawn walking and getting from place to place, judged moment by moment. */
@Tag("slow")
class DrawnWalkTest {

    /** As the body is built: a share of stature. */
    private static final double HALF_HIPS = 0.05;

    static Stream<Protocol> legs() {
        return DrawnBody.legs();
    }

    @ParameterizedTest
    @MethodSource("legs")
    void noMomentOfAWalkBreaksWhatHoldsOnTheDay(Protocol protocol) {
        Set<String> broken = new TreeSet<>();
        DrawnBody.weeks(protocol).forEach(standing -> {
            for (Walk walk : walks(CourseWalk.of(standing))) {
                for (Stand stand : stands(walk)) {
                    leg(walk, stand)
                            .breaks(standing)
                            .map(rule -> walk.aid() + " " + walk.pattern() + " " + walk.way() + " " + rule)
                            .forEach(broken::add);
                }
            }
        });
        assertThat(broken).isEmpty();
    }

    private static List<Walk> walks(CourseWalk today) {
        List<Walk> walks = new ArrayList<>(List.of(today.usual()));
        for (Aid aid : today.aids()) {
            Walk held = today.with(Optional.of(aid), Optional.empty(), Optional.empty());
            for (Pattern pattern : held.patterns()) {
                for (Way way : held.ways()) {
                    walks.add(today.with(Optional.of(aid), Optional.of(pattern), Optional.of(way)));
                }
            }
        }
        return walks;
    }

    private static List<Stand> stands(Walk walk) {
        return Stream.concat(Stream.of(walk.begin()), walk.moves().stream().map(Move::after))
                .toList();
    }

    /** A body that turns round is drawn from above: only how its feet stand is judged. */
    private static DrawnBody leg(Walk walk, Stand stand) {
        DrawnBody drawn = walk.way() == Way.TURN
                ? new DrawnBody()
                : bent(walk.profile(stand).body());
        double stature = walk.profile(stand).body().build().statureMetres();
        double out = (stand.asideOfMiddle(walk.operated()) - 2 * HALF_HIPS * stature) / 2;
        double leg = Sagittal.leg(walk.profile(stand).body().build());
        return drawn.at(Motion.HIP_ROTATION, -stand.turnedIn(walk.operated()))
                .at(Motion.HIP_ABDUCTION, Math.toDegrees(Math.atan2(out, leg)));
    }

    private static DrawnBody bent(Skeleton body) {
        return new DrawnBody()
                .at(Motion.HIP_FLEXION, body.angle(Half.OPERATED, Motion.HIP_FLEXION))
                .at(Motion.KNEE_FLEXION, body.angle(Half.OPERATED, Motion.KNEE_FLEXION));
    }

    @ParameterizedTest
    @MethodSource("legs")
    void noMomentOfATransferBreaksWhatHoldsOnTheDay(Protocol protocol) {
        Set<String> broken = new TreeSet<>();
        DrawnBody.weeks(protocol).forEach(standing -> {
            for (Transfer transfer : DrawnBody.BUNDLE.transfers()) {
                for (Transfer.Step step : transfer.steps(Circumstance.of(standing))) {
                    step.shows().stream()
                            .flatMap(moment -> bent(body(standing, moment)).breaks(standing))
                            .map(rule -> transfer.id() + " " + step.shows() + " " + rule)
                            .forEach(broken::add);
                }
            }
        });
        assertThat(broken).isEmpty();
    }

    private static Skeleton body(Standing standing, Moment moment) {
        return moment.body(
                0.5,
                CourseWalk.bounds(standing),
                WeightLimit.of(standing).most().percent() == 0);
    }

    /** Who is told to lean back is drawn so, whose nose goes over the toes as well, and who slides to the edge sits there. */
    @ParameterizedTest
    @MethodSource("legs")
    void picturesAgreeWithTheWords(Protocol protocol) {
        DrawnBody.weeks(protocol).limit(1).forEach(standing -> {
            for (Transfer transfer : DrawnBody.BUNDLE.transfers()) {
                for (Transfer.Step step : transfer.steps(Circumstance.of(standing))) {
                    step.shows().ifPresent(moment -> agrees(step.say(), moment.name(), body(standing, moment)));
                }
            }
        });
    }

    private static void agrees(String say, String moment, Skeleton body) {
        double forward = body.upward().getX();
        if (say.toLowerCase(Locale.ROOT).contains("lean back") || say.contains("leaning back")) {
            assertThat(forward).as(say).isNegative();
        }
        if (say.contains("Nose over toes")) {
            assertThat(forward).as(say).isPositive();
        }
        if (say.contains("Slide to the")) {
            assertThat(moment).as(say).isEqualTo("AT_THE_EDGE");
        }
        if (say.contains("foot ahead") || say.contains("foot a little ahead")) {
            assertThat(body.joint(Half.OPERATED, Joint.ANKLE).getX())
                    .as(say)
                    .isGreaterThan(body.joint(Half.OTHER, Joint.ANKLE).getX());
        }
        if (say.startsWith("Take the aid")) {
            assertThat(body.upward().getZ()).as(say).isGreaterThan(0.99);
        }
    }
}
