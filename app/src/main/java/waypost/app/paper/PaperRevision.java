package waypost.app.paper;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A revision of a paper, in the list of all.
 *
 * @param said what was done on the desk; blank where lines were written or answered
 * @param sameAs the earlier revision that it gives back
 */
public record PaperRevision(
        int revision, String said, @Nullable Integer sameAs, String writtenBy, Instant writtenAt) {}
