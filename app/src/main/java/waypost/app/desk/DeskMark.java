package waypost.app.desk;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import waypost.app.map.Mark;
import waypost.library.desk.Post;

/**
 * What lies on one day of a lane, and can be moved.
 *
 * @param key by which it is chosen and moved
 * @param posts all that lie there
 * @param mark how it is drawn
 * @param ghost where it lies below, 0 to 100; empty where it is the same
 * @param moved whether it is not so below
 */
record DeskMark(String key, List<Post> posts, Mark mark, OptionalDouble ghost, boolean moved) {

    public int day() {
        return posts.get(0).day().number();
    }

    /** What is read to whoever moves it by keys. */
    public String said() {
        return mark.words();
    }

    /** Whether it goes up and down too. */
    public boolean raisable() {
        return posts.size() == 1 && posts.get(0).isRaisable();
    }

    /** Where it lies below, for drawing. */
    public Optional<String> ghostX() {
        return ghost.isPresent() ? Optional.of(ghost.getAsDouble() + "%") : Optional.empty();
    }
}
