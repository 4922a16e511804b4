package waypost.library.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.log.Evidence;
import waypost.core.protocol.Protocol;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.time.CourseDay;
import waypost.library.ComparedDays;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;
import waypost.library.desk.Change;
import waypost.library.desk.Desk;
import waypost.library.desk.DeskParts;
import waypost.library.desk.Post;
import waypost.library.lint.AnswerSets;
import waypost.library.text.RefusedException;

/** What is only moved later opens nothing sooner and loosens nothing; what is only moved sooner closes nothing. */
@Tag("slow")
class DrawnDifferenceTest {

    private static final Bundle SHIPPED = Shipped.BUNDLE;
    private static final DeskParts PARTS = new DeskParts(SHIPPED);
    private static final int MOVES = 40;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "knee.meniscus-repair",
                "hip.replacement",
                "shoulder.labral-repair",
                "hand.flexor-tendon-zone-2",
                "ankle.achilles-repair",
                "knee.ligament-reconstruction"
            })
    void whatIsMovedOneWayChangesOneWay(String protocol) {
        PaperDifference later = moved(protocol, 21, new Random(21));
        assertThat(later.earlier()).isEmpty();
        assertThat(later.loosened()).isEmpty();
        assertThat(later.loosens()).isFalse();
        PaperDifference sooner = moved(protocol, -14, new Random(21));
        assertThat(sooner.later()).isEmpty();
        assertThat(later.later().size() + sooner.earlier().size()).isPositive();
    }

    /** Following a version that was drawn is judged, on every third day, as it is told to differ. */
    @ParameterizedTest
    @ValueSource(strings = {"knee.meniscus-repair", "shoulder.labral-repair", "hip.replacement"})
    void whatIsToldToDifferIsJudgedSo(String protocol) {
        Bundle bundle = drawn(protocol, 21, new Random(22));
        Protocol own = bundle.protocol("own.moved");
        Answers answers = AnswerSets.leastStated(own).get(0);
        ComparedDays.areToldAsJudged(course(bundle.protocol(protocol), answers, bundle), course(own, answers, bundle));
    }

    private static Course course(Protocol protocol, Answers answers, Bundle bundle) {
        return Course.of(
                Resolver.resolve(protocol, answers, LocalDate.of(2031, 2, 10)),
                bundle.activities(),
                bundle.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
    }

    private static PaperDifference moved(String protocol, int days, Random random) {
        Bundle bundle = drawn(protocol, days, random);
        return PaperDifference.of(bundle.protocol(protocol), bundle.protocol("own.moved"), bundle);
    }

    private static Bundle drawn(String protocol, int days, Random random) {
        Paper blank = new Paper("own.moved", "Moved", protocol, List.of());
        Desk desk = blank.desk(PARTS, SHIPPED);
        for (int nth = 0; nth < MOVES; nth++) {
            desk = once(desk, days, random);
        }
        return desk.read("own.moved", List.of());
    }

    /** Steps of limits loosen with time; one that can't be moved so far, for the step beside it, stays. */
    private static Desk once(Desk desk, int days, Random random) {
        List<Post> posts = desk.posts().stream()
                .filter(post -> post.kind() == Post.Kind.OPENING
                        || post.kind() == Post.Kind.LIMIT && !post.key().endsWith("/steps/0"))
                .filter(post -> post.day().number() + days >= 0)
                .toList();
        Post post = posts.get(random.nextInt(posts.size()));
        try {
            Desk there = desk.with(
                    new Change.ToDay(post.key(), new CourseDay(post.day().number() + days)));
            there.read("own.moved", List.of());
            return there;
        } catch (RefusedException stepBeside) {
            return desk;
        }
    }
}
