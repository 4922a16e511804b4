package waypost.app.paper;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
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
import waypost.library.paper.Paper;
import waypost.library.paper.PaperFile;

/** Keeps a clinic's papers: every revision stays, and only what is signed reaches a referral. */
@Service
class Papers {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int MOST = 200;
    private static final int LONGEST = 20_000;
    private static final int MOST_LINES = 200;
    private static final int LONGEST_ANSWERS = 50_000;

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
            mapper.insertDraft(id, 1, "", "{}", staff.id());
        }
        return find(staff, id).id();
    }

    /** Begins a paper with what a file holds, as a draft that is read and signed here like any other. */
    @Transactional
    public UUID take(Staff staff, UUID id, PaperFile file) {
        begin(staff, id, file.title(), file.base(), file.joint().name());
        PaperRow row = find(staff, id);
        if (row.revision() == 1) {
            next(
                    staff,
                    row,
                    1,
                    String.join(
                            "\n",
                            file.lines().stream().map(PaperFile.Line::written).toList()),
                    PaperAnswers.of(file));
        }
        return id;
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
        if (row.revision() != revision || mapper.insertDraft(row.id(), revision + 1, lines, said, staff.id()) == 0) {
            throw new FormProblem(
                    "lines",
                    "Meanwhile " + row.writtenBy() + " changed this paper. Theirs stands above, yours is in"
                            + " the field below: put together what is right, and keep it.");
        }
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
