package waypost.app.paper;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import waypost.app.account.Staff;
import waypost.app.entry.FormProblem;
import waypost.app.store.Bundles;
import waypost.app.store.NotFoundException;
import waypost.core.body.Joint;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.OwnMeasures;
import waypost.library.desk.OwnFiles;
import waypost.library.desk.TextChange;
import waypost.library.paper.Paper;

/** Keeps a clinic's papers: every revision stays, and only what is signed reaches a referral. */
@Service
public class Papers {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST = 200;
    private static final int LONGEST = 20_000;
    private static final int MOST_LINES = 200;
    private static final int LONGEST_ANSWERS = 50_000;
    private static final int LONGEST_FILES = 500_000;
    private static final int LONGEST_SAID = 500;

    private final PaperMapper mapper;
    private final Bundles bundles;

    Papers(PaperMapper mapper, Bundles bundles) {
        this.mapper = mapper;
        this.bundles = bundles;
    }

    @Transactional(readOnly = true)
    public List<PaperRow> all(Staff staff) {
        return mapper.findAll(staff.clinicId());
    }

    /** A paper of this clinic; another clinic's is not found. */
    @Transactional(readOnly = true)
    public PaperRow find(Staff staff, UUID id) {
        return mapper.find(staff.clinicId(), id).orElseThrow(NotFoundException::new);
    }

    /** The paper as it stands, its lines left out that are open yet. */
    public Paper paper(PaperRow row) {
        return read(row).paper();
    }

    /** How its lines read with the answers so far. */
    ReadPaper read(PaperRow row) {
        return ReadPaper.of(row, answers(row));
    }

    static Map<String, String> answers(PaperRow row) {
        return JSON.readValue(row.answers(), new TypeReference<Map<String, String>>() {});
    }

    /** Begins a paper. Sent twice, it is begun once. */
    @Transactional
    public UUID begin(Staff staff, UUID id, String title, String base, String joint) {
        Bundle shipped = bundles.shipped();
        if (shipped.findProtocol(base).isEmpty()) {
            throw new FormProblem("base", "Choose the protocol that the paper comes nearest to.");
        }
        Joint of = Stream.of(Joint.values())
                .filter(each -> each.name().equals(joint.toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new FormProblem("joint", "Choose the joint that the paper is about."));
        String name = title.strip();
        String protocol = "own." + id.toString().substring(0, 8);
        try {
            new Paper(protocol, name, base, List.of());
        } catch (IllegalArgumentException unusable) {
            throw new FormProblem(
                    "title", "Give it a name of 1 to 120 characters, such as \"Labral repair, Dr Halloway\".");
        }
        if (mapper.count(staff.clinicId()) >= MOST) {
            throw new FormProblem(
                    "title", "Found " + MOST + " papers, allowed: no more. Withdraw one and write on in it.");
        }
        if (mapper.insert(id, staff.clinicId(), protocol, name, base, of.name(), staff.id()) == 1) {
            mapper.insertDraft(id, 1, PaperDraft.EMPTY, staff.id());
        }
        return find(staff, id).id();
    }

    /** Keeps the lines as the next revision; who changed the same one meanwhile is told of. */
    @Transactional
    public void write(Staff staff, UUID id, int revision, String lines) {
        PaperRow row = find(staff, id);
        String kept = lines.replace("\r\n", "\n").strip();
        if (kept.length() > LONGEST || kept.lines().count() > MOST_LINES) {
            throw new FormProblem(
                    "lines",
                    "Found " + kept.length() + " characters in " + kept.lines().count() + " lines, allowed: " + LONGEST
                            + " in " + MOST_LINES + ".");
        }
        next(staff, row, revision, kept, answers(row));
    }

    /** Keeps an answer to a line's question; how weeks are named is answered for all lines at once. */
    @Transactional
    public void answer(Staff staff, UUID id, int revision, String line, String question, String choice) {
        PaperRow row = find(staff, id);
        if (row.lines().lines().map(String::strip).noneMatch(line::equals)) {
            throw new FormProblem("lines", "This line is not in the paper any more. Look at it again.");
        }
        Map<String, String> answers = new HashMap<>(answers(row));
        answers.put(PaperAnswers.key(line, question), choice);
        next(staff, row, revision, row.lines(), answers);
    }

    private void next(Staff staff, PaperRow row, int revision, String lines, Map<String, String> answers) {
        String said = JSON.writeValueAsString(answers);
        if (said.length() > LONGEST_ANSWERS) {
            throw new FormProblem("lines", "Found more answers than a paper has questions. Begin a new one.");
        }
        next(staff, row, revision, PaperDraft.of(lines, said, row.files()));
    }

    /** Keeps a draft as the revision after the one that was in sight; who wrote one meanwhile is told of. */
    void next(Staff staff, PaperRow row, int revision, PaperDraft draft) {
        PaperDraft kept = draft.takenFrom() == null ? draft.from(takenFrom(row)) : draft;
        if (row.revision() != revision || mapper.insertDraft(row.id(), revision + 1, kept, staff.id()) == 0) {
            throw new FormProblem(
                    "lines",
                    "Meanwhile " + row.writtenBy() + " changed this paper"
                            + (row.said().isEmpty() ? "" : ": " + row.said())
                            + ". Theirs stands here; put together what is right, and keep it.");
        }
    }

    /** What is taken over first is of what ships now. */
    private @Nullable String takenFrom(PaperRow row) {
        return row.files() == null ? bundles.shipped().hash() : row.takenFrom();
    }

    /** Notes that somebody looked at what ships otherwise since the desk's files were taken over. */
    @Transactional
    public void looked(Staff staff, UUID id, int revision) {
        PaperRow row = find(staff, id);
        String said = "what ships since was looked at";
        next(
                staff,
                row,
                revision,
                new PaperDraft(
                        row.lines(),
                        row.answers(),
                        row.files(),
                        said,
                        null,
                        bundles.shipped().hash()));
    }

    /** What ships otherwise since the desk's files were taken over. */
    public List<TextChange> since(PaperRow row) {
        Bundle shipped = bundles.shipped();
        String then = row.takenFrom();
        return then == null || then.equals(shipped.hash())
                ? List.of()
                : paper(row).shippedSince(file -> bundles.text(then, file), file -> bundles.text(shipped.hash(), file));
    }

    /** Keeps what lies on the desk after something was done there. */
    @Transactional
    public void draw(Staff staff, UUID id, int revision, OwnFiles own, String said) {
        PaperRow row = find(staff, id);
        String files = OwnFilesJson.write(own);
        if (files != null && files.length() > LONGEST_FILES) {
            throw new FormProblem(
                    "lines", "Found " + files.length() + " characters, allowed: up to " + LONGEST_FILES + ".");
        }
        next(staff, row, revision, new PaperDraft(row.lines(), row.answers(), files, shortened(said), null, null));
    }

    private static String shortened(String said) {
        return said.length() <= LONGEST_SAID ? said : said.substring(0, LONGEST_SAID - 1) + "…";
    }

    /** Gives an earlier revision back, as the next one. */
    @Transactional
    public void giveBack(Staff staff, UUID id, int revision, int earlier) {
        PaperRow row = find(staff, id);
        PaperDraft then = mapper.findDraft(staff.clinicId(), id, earlier).orElseThrow(NotFoundException::new);
        next(
                staff,
                row,
                revision,
                new PaperDraft(
                        then.lines(),
                        then.answers(),
                        then.files(),
                        "revision " + earlier + " again",
                        earlier,
                        then.takenFrom()));
    }

    /** Every revision, oldest first. */
    @Transactional(readOnly = true)
    public List<PaperRevision> revisions(Staff staff, UUID id) {
        return mapper.findRevisions(staff.clinicId(), id);
    }

    /** Hands the revision in, or back. */
    @Transactional
    public void step(Staff staff, UUID id, int revision, String kind) {
        PaperRow row = find(staff, id);
        if (row.revision() != revision) {
            throw new FormProblem("lines", "The paper was changed meanwhile. Look at it again.");
        }
        mapper.insertStep(id, revision, kind, staff.id());
    }

    /** Publishes what was shown: the bundle is read once more, and nothing else reaches a referral. */
    @Transactional
    public void publish(Staff staff, CheckedPaper checked) {
        refuseLost(staff, checked);
        Bundle bundle = bundles.publish(checked.bundle());
        mapper.insertPublication(
                checked.row().id(),
                checked.row().revision(),
                bundle.hash(),
                checked.shown(),
                checked.hash(),
                staff.id());
    }

    /** A reading is read by the measure that it was taken of, in every later version too. */
    private void refuseLost(Staff staff, CheckedPaper checked) {
        String file = "measures/" + checked.row().protocol() + ".yaml";
        String before = mapper.findPublished(staff.clinicId(), checked.row().id())
                .map(hash -> bundles.text(hash, file))
                .orElse("");
        List<String> lost =
                OwnMeasures.lost(before, checked.read().paper().own().measures().orElse(""));
        if (!lost.isEmpty()) {
            throw new FormProblem(
                    "shown",
                    "Found " + String.join(", ", lost) + " gone or counted otherwise, allowed: as it was published, for"
                            + " patients were measured by it. Give it back, or write a new one beside it.");
        }
    }

    /** Every line that is not blank. */
    static List<String> lines(String text) {
        return Arrays.stream(text.split("\n"))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }
}
