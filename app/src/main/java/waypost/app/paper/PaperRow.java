package waypost.app.paper;

import java.time.Instant;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import waypost.app.account.Staff;
import waypost.library.paper.PaperFile;

/**
 * A paper with its last revision.
 *
 * @param files as JSON the files that were written anew on the desk; null where all is as it ships
 * @param takenFrom hash of the bundle from whose files those of the desk were taken over
 * @param said what was done last, in words; blank where lines were written
 */
public record PaperRow(
        UUID id,
        String protocol,
        String title,
        String base,
        String joint,
        int revision,
        String lines,
        String answers,
        @Nullable String files,
        @Nullable String takenFrom,
        String said,
        String writtenBy,
        Instant writtenAt,
        State state) {

    /** A paper of a file, as it would be begun; nothing of it is kept. */
    static PaperRow of(PaperFile file) {
        return new PaperRow(
                new UUID(0, 0),
                "own.file",
                file.title(),
                file.base(),
                file.joint().name(),
                1,
                file.lines().stream().map(PaperFile.Line::written).collect(Collectors.joining("\n")),
                "{}",
                OwnFilesJson.write(file.own()),
                null,
                "",
                "",
                Instant.EPOCH,
                State.DRAFT);
    }

    /** Where it is from, for a file. */
    String source(Staff staff) {
        return staff.clinicName() + ", revision " + revision + ", " + state.word() + ", by " + writtenBy;
    }

    /** How far it has come. */
    public enum State {
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
