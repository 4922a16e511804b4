package waypost.app.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.paper.PaperRow;
import waypost.app.paper.Papers;
import waypost.app.paper.RefusedFile;
import waypost.app.paper.ShippedParts;
import waypost.app.store.Bundles;
import waypost.library.bundle.Bundle;
import waypost.library.desk.Desk;
import waypost.library.desk.OwnFiles;
import waypost.library.lint.Lint;
import waypost.library.paper.Paper;
import waypost.library.text.RefusedException;

/** Opens papers on the desk and keeps what was done there, as their next revision. */
@Service
class Desks {

    /** A revision never changes, and one is looked at again after each touch. */
    private static final int MOST_OPEN = 8;

    private record Revision(UUID paper, int revision) {}

    private final Papers papers;
    private final Bundles bundles;
    private final ShippedParts parts;
    private final Cache<Revision, OpenDesk> open =
            Caffeine.newBuilder().maximumSize(MOST_OPEN).build();
    private final Cache<Revision, List<Found>> findings =
            Caffeine.newBuilder().maximumSize(MOST_OPEN).build();
    private final Cache<UUID, Desk> below =
            Caffeine.newBuilder().maximumSize(MOST_OPEN).build();

    Desks(Papers papers, Bundles bundles, ShippedParts parts) {
        this.papers = papers;
        this.bundles = bundles;
        this.parts = parts;
    }

    OpenDesk open(Staff staff, UUID paper) {
        PaperRow row = papers.find(staff, paper);
        return open.get(new Revision(row.id(), row.revision()), revision -> read(row));
    }

    private OpenDesk read(PaperRow row) {
        return opened(row, papers.paper(row).desk(parts.all(), bundles.shipped()));
    }

    private Desk below(PaperRow row) {
        return below.get(row.id(), id -> blank(row).desk(parts.all(), bundles.shipped()));
    }

    private static Paper blank(PaperRow row) {
        return new Paper(row.protocol(), row.title(), row.base(), List.of(), OwnFiles.NONE);
    }

    private OpenDesk opened(PaperRow row, Desk desk) {
        Bundle bundle = desk.read(row.protocol(), List.of());
        if (bundle.findProtocol(row.protocol()).isEmpty()) {
            throw new IllegalArgumentException(
                    "found another id, allowed: 'protocol: " + row.protocol() + "' as its first line");
        }
        return OpenDesk.of(row, desk, below(row), bundle);
    }

    /** Parts that can be put in: all that ship and are not included. */
    List<String> parts(OpenDesk desk) {
        return parts.all().ids().stream()
                .filter(id -> !desk.desk().includes(id))
                .toList();
    }

    /** Does something on the desk and keeps it; what can't be read then is refused, and nothing is kept. */
    void act(Staff staff, UUID paper, int revision, DeskAct act) {
        OpenDesk before = open(staff, paper);
        try {
            DeskAct.Done done = act.on(before);
            OpenDesk after = opened(before.row(), blank(before.row()).named(done.desk()));
            papers.draw(staff, paper, revision, after.desk().own(), done.said());
            PaperRow row = papers.find(staff, paper);
            open.put(new Revision(row.id(), row.revision()), after.as(row));
        } catch (RefusedException refused) {
            throw new FormProblem("desk", "Nothing was changed. " + RefusedFile.say(refused));
        } catch (IllegalArgumentException refused) {
            throw new FormProblem("desk", "Nothing was changed: " + refused.getMessage() + ".");
        }
    }

    /** What lint finds in it and not below, with the post that it is about. */
    List<Found> found(Staff staff, UUID paper) {
        OpenDesk desk = open(staff, paper);
        return findings.get(
                new Revision(desk.row().id(), desk.row().revision()),
                revision ->
                        Lint.beyond(desk.bundle().protocol(desk.row().base()), desk.protocol(), desk.bundle()).stream()
                                .map(finding -> Found.of(finding, desk.desk()))
                                .toList());
    }
}
