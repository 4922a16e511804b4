package waypost.core.limit;

import java.time.LocalDate;

/** Who stands behind a rule. */
public sealed interface Authority {

    /** The protocol of the course; {@code face} is its title and version. */
    record FromProtocol(String face) implements Authority {}

    /** A surgeon's order. */
    record FromOrder(String order, String surgeon, LocalDate given, boolean signed) implements Authority {}

    /** A therapist who narrowed something. */
    record FromTherapist(String therapist, LocalDate since, String why) implements Authority {}
}
