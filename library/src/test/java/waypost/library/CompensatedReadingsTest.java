package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.measure.Measure;
import waypost.core.measure.Reading;
import waypost.core.measure.Readings;
import waypost.core.milestone.Milestone;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;

/** On every shipped protocol: what a patient reaches by compensating changes nothing. */
@Tag("slow")
class CompensatedReadingsTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final int SEEDS = 10;
    private static final int READINGS = 60;

    static Stream<Protocol> protocols() {
        return MeasuredCourse.BUNDLE.protocols().stream();
    }

    private static List<Reading> made(Random random, boolean strict) {
        List<Measure> measures = MeasuredCourse.BUNDLE.measures();
        List<Reading> readings = new ArrayList<>();
        for (int i = 0; i < READINGS; i++) {
            Measure measure = measures.get(random.nextInt(measures.size()));
            double value = measure.least() + (measure.most() - measure.least()) * random.nextDouble();
            readings.add(Reading.usual(
                    measure,
                    random.nextBoolean() ? Side.LEFT : Side.RIGHT,
                    random.nextBoolean() ? Mode.PASSIVE : Mode.ACTIVE,
                    measure.amount(value),
                    DAY_ZERO.plusDays(60 + random.nextInt(30)),
                    strict,
                    "somebody"));
        }
        return readings;
    }

    private static Standing standing(Protocol protocol, List<Reading> readings) {
        Course course = Course.of(
                Resolver.resolve(protocol, Answers.NONE, DAY_ZERO),
                MeasuredCourse.BUNDLE.activities(),
                MeasuredCourse.BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.of(new Readings(readings)), List.of(), List.of()));
        LocalDate today = DAY_ZERO.plusDays(90);
        return course.on(today, today, Outlook.TIME_ONLY);
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void meetNoMilestoneAndHideNone(Protocol protocol) {
        for (int seed = 0; seed < SEEDS; seed++) {
            Random random = new Random(seed);
            List<Reading> strict = made(random, true);
            List<Reading> compensated = made(random, false);
            List<Reading> both = new ArrayList<>(strict);
            both.addAll(compensated);

            assertThat(standing(protocol, compensated).milestones())
                    .filteredOn(milestone ->
                            milestone.criterion().measures().findAny().isPresent())
                    .noneMatch(Milestone::isMet);
            assertThat(standing(protocol, both).milestones())
                    .isEqualTo(standing(protocol, strict).milestones());
        }
    }
}
