package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Neighbours;
import waypost.core.course.Outlook;
import waypost.core.course.SignedPhase;
import waypost.core.course.Standing;
import waypost.core.course.Unlocking;
import waypost.core.exercise.RoleKey;
import waypost.core.log.Evidence;

/** What stands beside a sign: the nearest open neighbour, what is next, and what an answer would open. */
class ExplainTest {

    private static Course course(String meniscus) {
        return Course.of(
                new KneeCourse().with("meniscus-repair", meniscus).resolved(),
                KneeCourse.BUNDLE.activities(),
                KneeCourse.BUNDLE.measures(),
                History.of(
                        Side.RIGHT,
                        Evidence.NONE,
                        List.of(new SignedPhase("one-leg", KneeCourse.DAY_ZERO.plusDays(42))),
                        List.of()));
    }

    private static Standing on(Course course, int day) {
        LocalDate date = KneeCourse.DAY_ZERO.plusDays(day);
        return course.on(date, date, Outlook.TIME_ONLY);
    }

    @Test
    void aClosedRungNamesItsNearestOpenNeighbourAndAnOpenOneTheNext() {
        Neighbours neighbours = new Neighbours(on(course("none"), 45));

        assertThat(neighbours.nearestOpen(RoleKey.of("lateral-step/operated")))
                .contains(RoleKey.of("single-leg-squat/operated"));
        assertThat(neighbours.nearestOpen(RoleKey.of("machine-arc/operated")))
                .contains(RoleKey.of("band-press-straight/operated"));
        assertThat(neighbours.next(RoleKey.of("kickstand-squat/operated")))
                .contains(RoleKey.of("step-up-high/operated"));
        assertThat(neighbours.next(RoleKey.of("cut/operated"))).isEmpty();
        assertThat(neighbours.nearestOpen(RoleKey.of("single-hop-test/operated")))
                .isEmpty();
    }

    @Test
    void theNearestNeighbourPlaysTheSamePartAndIsNeverHarder() {
        Course early = Course.of(
                new KneeCourse().resolved(),
                KneeCourse.BUNDLE.activities(),
                KneeCourse.BUNDLE.measures(),
                course("none").history());
        Standing standing =
                early.on(KneeCourse.DAY_ZERO.plusDays(80), KneeCourse.DAY_ZERO.plusDays(43), Outlook.TO_PLAN);

        assertThat(new Neighbours(standing).nearestOpen(RoleKey.of("split-squat/operated-behind")))
                .contains(RoleKey.of("heel-tap/operated"));
    }

    @Test
    void openQuestionsAreRankedByWhatAnAnswerWouldOpen() {
        Course two = Course.of(
                new KneeCourse()
                        .with("meniscus-repair", "not stated")
                        .with("graft", "not stated")
                        .resolved(),
                KneeCourse.BUNDLE.activities(),
                KneeCourse.BUNDLE.measures(),
                course("none").history());

        List<Unlocking> ranked = Unlocking.ranked(two, KneeCourse.DAY_ZERO.plusDays(45));

        assertThat(ranked)
                .extracting(unlocking -> unlocking.question().id())
                .containsExactly("meniscus-repair", "graft");
        assertThat(ranked.get(0).opensUnder().get("none")).contains(RoleKey.of("single-leg-squat/operated"));
        assertThat(ranked.get(0).opensUnder().get("root")).doesNotContain(RoleKey.of("single-leg-squat/operated"));
        assertThat(ranked.get(0).most()).isGreaterThan(ranked.get(1).most());
    }
}
