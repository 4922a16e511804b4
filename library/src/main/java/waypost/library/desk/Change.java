package waypost.library.desk;

import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

/** One thing done on the desk. */
public sealed interface Change {

    /** The part that it touches; empty for the protocol itself. */
    String file();

    /** A post is moved to a day; its moment is named as before where that can name the day. */
    record ToDay(String post, CourseDay day) implements Change {
        @Override
        public String file() {
            return Post.fileOf(post);
        }
    }

    /** A post gets a moment as it is to be written. */
    record ToMoment(String post, Moment moment) implements Change {
        @Override
        public String file() {
            return Post.fileOf(post);
        }
    }

    /** A post gets another value, as the format writes it. */
    record ToValue(String post, String value) implements Change {
        @Override
        public String file() {
            return Post.fileOf(post);
        }
    }

    /** A rule gets one more step. */
    record Step(String rule, Moment from, String allows) implements Change {
        @Override
        public String file() {
            return Post.fileOf(rule);
        }
    }

    /** An entry of a list is taken out: a step, an opening, a rule. */
    record Without(String entry) implements Change {
        @Override
        public String file() {
            return Post.fileOf(entry);
        }
    }

    /**
     * An entry is put behind the last of a list.
     *
     * @param list such as {@code openings} or {@code follow-up/visits}
     * @param entry as the format writes it
     */
    record Also(String file, String list, String entry) implements Change {}
}
