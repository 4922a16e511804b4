package waypost.app.paper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
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
import waypost.library.desk.DeskParts;
import waypost.library.desk.OwnFiles;
import waypost.library.paper.Paper;
import waypost.library.paper.PaperFile;
import waypost.library.text.RefusedException;

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

    /** Looking through one takes seconds; the few at hand are kept. A revision never changes. */
    private static final int MOST_CHECKED = 4;

    private record Revision(UUID paper, int revision) {}

    private final PaperMapper mapper;
    private final Bundles bundles;
    private final Cache<Revision, CheckedPaper> checked =
            Caffeine.newBuilder().maximumSize(MOST_CHECKED).build();

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

    /** What it comes to and changes; it must have nothing open. */
    CheckedPaper check(ReadPaper read) {
        return checked.get(
                new Revision(read.row().id(), read.row().revision()), key -> CheckedPaper.of(read, bundles.shipped()));
    }

    /** What has to be settled before it can be looked through. */
    List<String> open(ReadPaper read) {
        return CheckedPaper.problems(read, bundles.shipped());
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

    /** Begins a paper with what a file holds, as a draft that is read and signed here like any other. */
    @Transactional
    public UUID take(Staff staff, UUID id, PaperFile file) {
        checkWritten(file);
        begin(staff, id, file.title(), file.base(), file.joint().name());
        PaperRow row = find(staff, id);
        if (row.revision() == 1) {
            String lines = String.join(
                    "\n", file.lines().stream().map(PaperFile.Line::written).toList());
            String answers = JSON.writeValueAsString(PaperAnswers.of(file));
            String files = OwnFilesJson.write(file.own());
            next(staff, row, 1, PaperDraft.of(lines, answers, files));
        }
        return id;
    }

    /** Begins each paper of a file as a draft; sent twice, each is begun once. */
    @Transactional
    public void takeAll(Staff staff, UUID entry, List<PaperFile> files) {
        for (int nth = 0; nth < files.size(); nth++) {
            byte[] name = (entry + " " + nth).getBytes(StandardCharsets.UTF_8);
            take(staff, UUID.nameUUIDFromBytes(name), files.get(nth));
        }
    }

    /** Why a paper of a file can't be begun here; blank where it can. */
    String problem(PaperFile file) {
        if (bundles.shipped().findProtocol(file.base()).isEmpty()) {
            return "It stands on " + file.base() + ", which is not on this shelf.";
        }
        try {
            checkWritten(file);
            return "";
        } catch (FormProblem problem) {
            return String.join(" ", problem.byField().values());
        }
    }

    /** What a file brings of the desk must stand over what ships here. */
    void checkWritten(PaperFile file) {
        Bundle shipped = bundles.shipped();
        if (file.own().isNone() || shipped.findProtocol(file.base()).isEmpty()) {
            return;
        }
        try {
            new Paper("own.file", file.title(), file.base(), List.of(), file.own())
                    .desk(new DeskParts(shipped), shipped)
                    .read("own.file", List.of());
        } catch (RefusedException refused) {
            throw new FormProblem("file", RefusedFile.say(refused));
        } catch (IllegalArgumentException refused) {
            throw new FormProblem("file", String.valueOf(refused.getMessage()));
        }
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

    private void next(Staff staff, PaperRow row, int revision, PaperDraft draft) {
        if (row.revision() != revision || mapper.insertDraft(row.id(), revision + 1, draft, staff.id()) == 0) {
            throw new FormProblem(
                    "lines",
                    "Meanwhile " + row.writtenBy() + " changed this paper"
                            + (row.said().isEmpty() ? "" : ": " + row.said())
                            + ". Theirs stands here; put together what is right, and keep it.");
        }
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
        next(staff, row, revision, new PaperDraft(row.lines(), row.answers(), files, shortened(said), null));
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
                new PaperDraft(then.lines(), then.answers(), then.files(), "revision " + earlier + " again", earlier));
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
        Bundle bundle = bundles.publish(checked.bundle());
        mapper.insertPublication(
                checked.row().id(),
                checked.row().revision(),
                bundle.hash(),
                checked.shown(),
                checked.hash(),
                staff.id());
    }

    /** Every line that is not blank. */
    static List<String> lines(String text) {
        return Arrays.stream(text.split("\n"))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
    }
}
