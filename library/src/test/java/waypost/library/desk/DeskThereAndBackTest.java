package waypost.library.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.library.desk.ShippedDesks.SHIPPED;
import static waypost.library.desk.ShippedDesks.desk;
import static waypost.library.desk.ShippedDesks.moved;
import static waypost.library.desk.ShippedDesks.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.TestFactory;
import waypost.library.bundle.Bundle;
import waypost.library.text.RefusedException;

/** What is moved and moved back is the same text again, and what is in between reads or is refused with its place. */
@Tag("slow")
class DeskThereAndBackTest {

    private static final int READ_ANEW = 6;

    /** There and back is the same text, for everything that lies on a day in every protocol that ships. */
    @TestFactory
    Stream<DynamicTest> everyPostIsMovedThereAndBack() {
        return SHIPPED.protocols().stream()
                .map(protocol -> DynamicTest.dynamicTest(protocol.id(), () -> thereAndBack(protocol.id())));
    }

    private static void thereAndBack(String protocol) {
        Desk desk = desk(protocol);
        assertThat(desk.posts()).isNotEmpty();
        List<Post> posts = new ArrayList<>(desk.posts());
        for (Post post : posts) {
            int day = post.day().number();
            Desk there = far(desk, post.key(), day);
            if (there == null) {
                continue;
            }
            String key = there.post(post.key()).isPresent() ? post.key() : "own." + post.key();
            Post moved = post(there, key);
            assertThat(moved.day().number()).as(key).isGreaterThan(day);
            Desk back = there.with(new Change.ToMoment(key, post.moment()));
            if (!saysItTwice(desk, post)) {
                assertThat(lines(back, key)).as(key).isEqualTo(lines(desk, post.key()));
            }
        }
        new Random(20)
                .ints(READ_ANEW, 0, posts.size())
                .forEach(at -> readsAsMovedOrIsRefused(desk, protocol, posts.get(at)));
    }

    /** A week later, or a day where the next step stands in between; none where not even that is left. */
    private static @Nullable Desk far(Desk desk, String key, int day) {
        for (int days : new int[] {7, 1}) {
            try {
                return moved(desk, key, day + days);
            } catch (RefusedException stepInBetween) {
                assertThat(stepInBetween).hasMessageContaining("each later than the one before");
            }
        }
        return null;
    }

    /** But for the name and title by which a part that was taken over is told from the one that ships. */
    private static List<String> lines(Desk desk, String key) {
        String file = desk.post(key).orElseThrow().file();
        return desk.text(file)
                .lines()
                .filter(line -> !line.startsWith("part:") && !line.startsWith("title:"))
                .toList();
    }

    /** What is expected later goes along with a phase that passes it; a phase is written without the day that it says. */
    private static boolean saysItTwice(Desk desk, Post post) {
        if (post.kind() == Post.Kind.PHASE) {
            return desk.post(post.key().replace("/earliest", "/expected")).isPresent();
        }
        return post.phase().isPresent()
                && desk.text(post.file())
                        .lines()
                        .skip(post.line() - 1L)
                        .findFirst()
                        .orElse("")
                        .contains("from:");
    }

    private static void readsAsMovedOrIsRefused(Desk desk, String protocol, Post post) {
        Desk there = far(desk, post.key(), post.day().number());
        if (there == null) {
            return;
        }
        try {
            Bundle read = there.read(protocol, List.of());
            assertThat(read.protocols()).hasSameSizeAs(SHIPPED.protocols());
        } catch (RefusedException refused) {
            assertThat(refused.problems()).isNotEmpty();
        }
    }
}
