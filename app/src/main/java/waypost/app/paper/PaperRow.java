package waypost.app.paper;

import java.time.Instant;
import java.util.UUID;

/** A paper with its last revision. */
record PaperRow(
        UUID id,
        String protocol,
        String title,
        String base,
        String joint,
        int revision,
        String lines,
        String answers,
        String writtenBy,
        Instant writtenAt,
        State state) {

    /** How far it has come. */
    enum State {
        DRAFT("draft"),
        IN_REVIEW("in review"),
        PUBLISHED("signed and published"),
        WITHDRAWN("withdrawn");

        private final String word;

        State(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
