package waypost.library.paper;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import waypost.core.paper.PaperQuestion;

/** A part of what a surgeon says of one patient. */
public sealed interface OrderPart {

    /** As it was written. */
    String said();

    /**
     * An order that can be tried on the course.
     *
     * @param what the kind of order and its subject, such as "LIMIT:bearing"
     * @param allow for a limit what it allows, as a protocol file writes it; blank otherwise
     * @param last its last day; empty for the rest of the course
     * @param says what it does to which rule, in words
     */
    record Order(String said, String what, String allow, LocalDate from, Optional<LocalDate> last, String says)
            implements OrderPart {}

    /**
     * It may be meant in more than one way, or a day is missing.
     *
     * @param key by which an answer is given; blank where it has to be written out
     */
    record Asks(String said, String asks, String key, List<PaperQuestion.Choice> choices) implements OrderPart {
        public Asks {
            choices = List.copyOf(choices);
        }

        static Asks written(String said, String asks) {
            return new Asks(said, asks, "", List.of());
        }
    }

    /** It is understood, and this course has no rule that it would change. */
    record ChangesNothing(String said, String says) implements OrderPart {}

    /** It can't be read: the first words that are not known. */
    record Unread(String said, String unknown) implements OrderPart {}
}
