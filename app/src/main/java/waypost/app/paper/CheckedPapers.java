package waypost.app.paper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;
import waypost.app.store.Bundles;
import waypost.core.body.Joint;
import waypost.library.paper.Nearness;

/** What papers come to. Looking through one takes seconds: the few at hand are kept, and a revision never changes. */
@Component
class CheckedPapers {

    private static final int MOST = 4;

    private record Revision(UUID paper, int revision) {
        static Revision of(ReadPaper read) {
            return new Revision(read.row().id(), read.row().revision());
        }
    }

    private final Bundles bundles;
    private final ShippedParts parts;
    private final Cache<Revision, CheckedPaper> checked =
            Caffeine.newBuilder().maximumSize(MOST).build();
    private final Cache<Revision, List<Nearness>> nearest =
            Caffeine.newBuilder().maximumSize(MOST).build();

    CheckedPapers(Bundles bundles, ShippedParts parts) {
        this.bundles = bundles;
        this.parts = parts;
    }

    /** What has to be settled before it can be looked through. */
    List<String> open(ReadPaper read) {
        return CheckedPaper.problems(read, bundles.shipped());
    }

    /** What lint finds in a paper of a file, before anything is kept; nothing while a line is open. */
    List<String> findings(ReadPaper read) {
        return open(read).isEmpty() ? CheckedPaper.findings(read, bundles.shipped(), parts.all()) : List.of();
    }

    /** What it comes to and changes; it must have nothing open. */
    CheckedPaper check(ReadPaper read) {
        return checked.get(Revision.of(read), key -> CheckedPaper.of(read, bundles.shipped(), parts.all()));
    }

    /** The protocols that ship about its joint, the nearest to what its lines say first; what is open yet is left out. */
    List<Nearness> nearest(ReadPaper read) {
        return nearest.get(
                Revision.of(read),
                key -> Nearness.of(read.paper(), Joint.valueOf(read.row().joint()), parts.all(), bundles.shipped()));
    }
}
