package waypost.app.map;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** Where things lie on the map, for every shipped protocol. */
@Tag("slow")
class CourseMapTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = ShippedLibrary.read();
    private static final Pattern DATE = Pattern.compile("(from|by|open|of|expected) (\\w{3} \\d{1,2} \\w{3} \\d{4})");
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    private static Course course(Protocol protocol) {
        return Course.of(
                Resolver.resolve(protocol, Answers.NONE, DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.LEFT, Evidence.NONE, List.of(), List.of()));
    }

    private static CourseMap map(Protocol protocol, int day, Scale scale) {
        LocalDate today = DAY_ZERO.plusDays(day);
        List<Visit> visits = List.of(
                new Visit(DAY_ZERO.plusDays(5), Visit.Kind.CAME),
                new Visit(DAY_ZERO.plusDays(12), Visit.Kind.MISSED),
                new Visit(DAY_ZERO.plusDays(19), Visit.Kind.BOOKED));
        Standing standing = course(protocol).on(today, today, Outlook.TIME_ONLY);
        return new CourseMaps().map(standing, BUNDLE, visits, today, scale);
    }

    private static List<Lane> lanes(CourseMap map) {
        List<Lane> lanes = new ArrayList<>(map.lanes());
        lanes.addAll(map.folded());
        return lanes;
    }

    static Stream<Protocol> protocols() {
        return BUNDLE.protocols().stream();
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void everyMarkLiesWhereItsDateSays(Protocol protocol) {
        for (int day : new int[] {-14, 0, 52, 200}) {
            CourseMap map = map(protocol, day, Scale.WHOLE);
            for (Lane lane : lanes(map)) {
                for (Mark mark : lane.marks()) {
                    assertThat(mark.left()).as(mark.words()).isCloseTo(said(map.ruler(), lane, mark), within(0.001));
                }
            }
        }
    }

    /** Told from the words alone, with other arithmetic than the ruler's. */
    private static double said(Ruler ruler, Lane lane, Mark mark) {
        Matcher found = DATE.matcher(mark.words());
        assertThat(found.find()).as(mark.words()).isTrue();
        long days = DAY_ZERO.plusDays(ruler.first().number())
                .until(LocalDate.parse(found.group(2), SAID), java.time.temporal.ChronoUnit.DAYS);
        double middle = lane.kind().equals("measures") ? 3 : 0;
        return Math.min(100, Math.max(0, (days + middle) / ruler.span() * 100));
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void noMarkOfALaneCoversAnotherAndNoneLeavesTheRuler(Protocol protocol) {
        for (Scale scale : Scale.values()) {
            for (int day : new int[] {-14, 0, 52, 200}) {
                for (Lane lane : lanes(map(protocol, day, scale))) {
                    double end = 0;
                    for (Mark mark : lane.marks()) {
                        assertThat(mark.left() + mark.width()).isLessThanOrEqualTo(100.001);
                        if (mark.width() > 0) {
                            assertThat(mark.left())
                                    .as(lane.title() + ": " + mark.words())
                                    .isGreaterThan(end - 0.001);
                            end = mark.left() + mark.width();
                        }
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("protocols")
    void itGoesFromTwoWeeksBeforeToTheLastPhase(Protocol protocol) {
        CourseMap map = map(protocol, 10, Scale.WHOLE);
        CourseDay last =
                protocol.phases().get(protocol.phases().size() - 1).expected().from(DAY_ZERO);

        assertThat(map.ruler().first().number()).isLessThanOrEqualTo(-14);
        assertThat(map.ruler().last().number()).isGreaterThanOrEqualTo(last.number());
        assertThat(map.ruler().weeks()).hasSizeBetween(2, 17);
        assertThat(map.lanes()).first().extracting(Lane::kind).isEqualTo("phases");
    }

    @ParameterizedTest
    @CsvSource({"WEEKS,42", "MONTHS,126"})
    void aNearerScaleShowsAStretchAroundTheDay(Scale scale, int span) {
        Ruler ruler =
                map(BUNDLE.protocol("knee.ligament-reconstruction"), 52, scale).ruler();

        assertThat(ruler.span()).isEqualTo(span);
        assertThat(ruler.first().number()).isLessThan(52);
        assertThat(ruler.last().number()).isGreaterThan(52);
    }

    /** A ceiling of 60 degrees where -10 to 165 are possible leaves the lower part of its lane. */
    @Test
    void aCeilingIsAsHighAsItsDegrees() {
        Lane bend = lanes(map(BUNDLE.protocol("knee.meniscus-repair"), 10, Scale.WHOLE)).stream()
                .filter(lane -> lane.title().equals("Bend after meniscus repair"))
                .findFirst()
                .orElseThrow();
        Mark first = bend.marks().get(0);

        assertThat(first.label()).isEqualTo("to 90°");
        assertThat(first.low()).isZero();
        assertThat(first.high()).isBetween(50.0, 70.0);
        assertThat(first.words()).contains("from Mon 10 Feb 2031 to Mon 24 Mar 2031");
    }

    @Test
    void whatIsExpectedIsNeverDrawnInThePast() {
        CourseMap map = map(BUNDLE.protocol("knee.ligament-reconstruction"), 200, Scale.WHOLE);
        List<Mark> phases = map.lanes().get(0).marks();

        assertThat(phases.get(0).kind()).isEqualTo("now");
        assertThat(phases.get(0).left() + phases.get(0).width()).isGreaterThanOrEqualTo(map.today() - 0.001);
    }
}
