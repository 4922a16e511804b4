package waypost.app.paper;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.store.Bundles;
import waypost.library.bundle.Bundle;
import waypost.library.paper.Paper;
import waypost.library.paper.PaperFile;
import waypost.library.text.RefusedException;

/** Begins papers with what a file or another paper holds: each is a draft that is read and signed here like any other. */
@Service
class TakenPapers {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Papers papers;
    private final Bundles bundles;
    private final ShippedParts parts;

    TakenPapers(Papers papers, Bundles bundles, ShippedParts parts) {
        this.papers = papers;
        this.bundles = bundles;
        this.parts = parts;
    }

    /** Begins one with what a file holds. Sent twice, it is begun once. */
    @Transactional
    public UUID take(Staff staff, UUID id, PaperFile file) {
        String unfit = unfit(file);
        if (!unfit.isEmpty()) {
            throw new FormProblem("file", unfit);
        }
        String lines = String.join(
                "\n", file.lines().stream().map(PaperFile.Line::written).toList());
        String answers = JSON.writeValueAsString(PaperAnswers.of(file));
        papers.begin(staff, id, file.title(), file.base(), file.joint().name());
        return holding(staff, id, PaperDraft.of(lines, answers, OwnFilesJson.write(file.own())));
    }

    private UUID holding(Staff staff, UUID id, PaperDraft draft) {
        PaperRow fresh = papers.find(staff, id);
        if (fresh.revision() == 1) {
            papers.next(staff, fresh, 1, draft);
        }
        return id;
    }

    /** Begins each paper of a file; sent twice, each is begun once. */
    @Transactional
    public void takeAll(Staff staff, UUID entry, List<PaperFile> files) {
        for (int nth = 0; nth < files.size(); nth++) {
            take(staff, named(entry, String.valueOf(nth)), files.get(nth));
        }
    }

    /** One id for each of several papers that begin with one entry. */
    private static UUID named(UUID entry, String which) {
        return UUID.nameUUIDFromBytes((entry + " " + which).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Begins the same lines with the same answers over another protocol; what was changed on the desk stays where it is. Sent
     * twice, it is begun once.
     */
    @Transactional
    public UUID takeOver(Staff staff, UUID entry, UUID of, String base) {
        PaperRow row = papers.find(staff, of);
        UUID id = named(entry, base);
        papers.begin(staff, id, row.title(), base, row.joint());
        return holding(staff, id, PaperDraft.of(row.lines(), row.answers(), null));
    }

    /** Why a paper of a file can't be begun here; blank where it can. */
    String unfit(PaperFile file) {
        Bundle shipped = bundles.shipped();
        if (shipped.findProtocol(file.base()).isEmpty()) {
            return "It stands on " + file.base() + ", which is not on this shelf.";
        }
        if (file.own().isNone()) {
            return "";
        }
        try {
            new Paper("own.file", file.title(), file.base(), List.of(), file.own())
                    .desk(parts.all(), shipped)
                    .read("own.file", List.of());
            return "";
        } catch (RefusedException refused) {
            return RefusedFile.say(refused);
        } catch (IllegalArgumentException refused) {
            return String.valueOf(refused.getMessage());
        }
    }
}
