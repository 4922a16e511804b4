package waypost.app.rack;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.course.Standing;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.log.Evidence;
import waypost.core.log.Hold;
import waypost.core.question.Answers;
import waypost.core.reason.VerdictKind;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/** What a filter lets through, against the verdicts themselves. */
class RacksTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = ShippedLibrary.read();
    private static final RackFilter NO_FILTER = show(RackFilter.Show.ALL);

    private static Course course(List<Hold> holds) {
        return Course.of(
                Resolver.resolve(
                        BUNDLE.protocol("knee.ligament-reconstruction"),
                        Answers.NONE
                                .with("ligament", "anterior")
                                .with("graft", "donor")
                                .with("meniscus-repair", "none"),
                        DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), holds));
    }

    private static Rack rack(Course course, int day, RackFilter filter) {
        LocalDate date = DAY_ZERO.plusDays(day);
        Standing standing = course.on(date, date, Outlook.TIME_ONLY);
        return new Racks()
                .rack(new Racks.Wanted(
                        standing, BUNDLE.ladders(), date, Optional.of(DAY_ZERO.plusDays(day - 10)), filter));
    }

    private static RackFilter show(RackFilter.Show show) {
        return new RackFilter(show, Optional.empty(), Optional.empty(), "", "", false);
    }

    private static List<Sign> signs(Rack rack) {
        return rack.rows().stream().flatMap(row -> row.signs().stream()).toList();
    }

    private static Activity activity(Sign sign) {
        return BUNDLE.findActivity(sign.key().split("/")[0]).orElseThrow();
    }

    @Test
    void withoutAFilterEveryRungOfTheProtocolStandsOnItsLadder() {
        Rack rack = rack(course(List.of()), 20, NO_FILTER);

        assertThat(signs(rack)).hasSize((int) rack.all());
        assertThat(rack.shown()).isEqualTo(rack.all());
        assertThat(signs(rack).stream().filter(Sign::isOpen).count()).isEqualTo(rack.open());
    }

    @ParameterizedTest
    @EnumSource(RackFilter.Show.class)
    void theCountOnTheChipIsWhatTheFilterShows(RackFilter.Show show) {
        Rack all = rack(course(List.of()), 1, NO_FILTER);
        Rack filtered = rack(course(List.of()), 1, show(show));

        assertThat(filtered.shown())
                .isEqualTo(
                        show == RackFilter.Show.ALL ? all.all() : all.counts().get(show));
        assertThat(signs(filtered)).hasSize((int) filtered.shown());
    }

    /** Told by walking the days, not by the rules' days of change. */
    @Test
    void opensWithinFourteenDaysIsWhatIsOpenOnSomeOfThem() {
        Course course = course(List.of());
        LocalDate today = DAY_ZERO.plusDays(1);
        Standing now = course.on(today, today, Outlook.TIME_ONLY);
        List<String> walked = today.plusDays(1)
                .datesUntil(today.plusDays(15))
                .flatMap(date -> course.on(date, today, Outlook.TIME_ONLY).openedSince(now).stream())
                .map(Object::toString)
                .distinct()
                .sorted()
                .toList();

        assertThat(signs(rack(course, 1, show(RackFilter.Show.SOON))).stream()
                        .map(Sign::key)
                        .sorted()
                        .toList())
                .isNotEmpty()
                .isSubsetOf(walked);
    }

    @Test
    void aHoldClosesAgainWhatWasOpen() {
        Hold hold = new Hold(
                Hold.Kind.OTHER, "calf", DAY_ZERO.plusDays(19), DAY_ZERO.plusDays(22), Optional.empty(), "somebody");
        Rack rack = rack(course(List.of(hold)), 20, show(RackFilter.Show.CLOSED_AGAIN));

        assertThat(signs(rack))
                .isNotEmpty()
                .allSatisfy(sign -> assertThat(sign.shape()).isEqualTo("on-hold"));
        assertThat(rack(course(List.of()), 20, show(RackFilter.Show.CLOSED_AGAIN))
                        .shown())
                .isZero();
    }

    @Test
    void purposeEquipmentVerdictAndWordsAreTakenTogether() {
        RackFilter filter = new RackFilter(
                RackFilter.Show.ALL,
                Optional.of(VerdictKind.BARRED),
                Optional.of(Purpose.STRENGTH),
                "band",
                " With BAND ",
                false);
        Rack rack = rack(course(List.of()), 20, filter);

        assertThat(signs(rack)).isNotEmpty().allSatisfy(sign -> {
            Activity.Exercise exercise = (Activity.Exercise) activity(sign);
            assertThat(sign.shape()).isEqualTo("barred");
            assertThat(exercise.purpose()).isEqualTo(Purpose.STRENGTH);
            assertThat(exercise.teaching().equipment()).contains("band");
            assertThat(exercise.title()).containsIgnoringCase("with band");
        });
        assertThat(rack.filter().isOn()).isTrue();
        assertThat(NO_FILTER.isOn()).isFalse();
    }

    @Test
    void whatIsLeftStaysOnItsSideOfTheLine() {
        Rack all = rack(course(List.of()), 50, NO_FILTER);
        Rack barred = rack(
                course(List.of()),
                50,
                new RackFilter(RackFilter.Show.ALL, Optional.of(VerdictKind.BARRED), Optional.empty(), "", "", false));
        List<String> behind = all.rows().stream()
                .flatMap(row -> row.behind().stream())
                .map(Sign::key)
                .collect(Collectors.toList());

        assertThat(barred.rows()).allSatisfy(row -> {
            assertThat(row.behind()).allSatisfy(sign -> assertThat(behind).contains(sign.key()));
            if (row.climbed()) {
                assertThat(row.ahead()).allSatisfy(sign -> assertThat(behind).doesNotContain(sign.key()));
            }
        });
    }
}
