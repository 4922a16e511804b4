package waypost.core.limit;

import java.time.LocalDate;

/** Who stands behind a rule. */
public sealed interface Authority {

    /** Whether it is written for every course of the protocol, not decided for one. */
    default boolean isWritten() {
        return false;
    }

    /** The protocol of the course; {@code face} is its title and version. */
    record FromProtocol(String face) implements Authority {
        @Override
        public boolean isWritten() {
            return true;
        }
    }

    /** A healing part that the protocol includes; each said by title and version. */
    record FromPart(String face, String protocol) implements Authority {
        @Override
        public boolean isWritten() {
            return true;
        }
    }

    /** A surgeon's order. */
    record FromOrder(String order, String surgeon, LocalDate given, boolean signed) implements Authority {}

    /** A therapist who narrowed something. */
    record FromTherapist(String therapist, LocalDate since, String why) implements Authority {}
}
