package waypost.app.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.app.entry.SentText;
import waypost.library.paper.ContentFile;
import waypost.library.paper.PaperFile;

/** All papers of a clinic out as one file, and in again: looked at before anything is written, then a draft each. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class ContentFileController {

    /** No more than a file that is read at all. */
    private static final int MOST_BYTES = 1_000_000;

    /** Each takes up to a second. */
    private static final int MOST_LINTED = 12;

    private static final String LICENCE = "The clinic's own; ask before passing it on";

    private final Papers papers;
    private final TakenPapers taken;
    private final CheckedPapers looked;

    ContentFileController(Papers papers, TakenPapers taken, CheckedPapers looked) {
        this.papers = papers;
        this.taken = taken;
        this.looked = looked;
    }

    /**
     * A paper of a file.
     *
     * @param open lines that are not rules yet
     * @param problem why it can't be begun here; blank where it can
     * @param found what lint finds, in the first {@value #MOST_LINTED} papers of a file that have nothing open
     */
    public record Line(
            String title, String base, int lines, long open, boolean drawn, String problem, List<String> found) {}

    @GetMapping("/papers/content")
    ModelAndView choose() {
        return page(Map.of());
    }

    private static ModelAndView page(Map<String, String> problems) {
        return new ModelAndView("paper/content").addObject("lines", null).addObject("problems", problems);
    }

    @GetMapping("/papers/content/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Staff staff) {
        List<PaperFile> all = papers.all(staff).stream()
                .filter(row -> row.state() != PaperRow.State.WITHDRAWN)
                .map(row -> PaperAnswers.file(row, Papers.answers(row), LICENCE, row.source(staff)))
                .toList();
        byte[] bytes = new ContentFile(staff.clinicName(), LICENCE, all).write().getBytes(StandardCharsets.UTF_8);
        if (bytes.length > MOST_BYTES) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                    .header("Content-Type", "text/plain; charset=utf-8")
                    .body("All papers together are longer than one file may be. Take them out one by one."
                            .getBytes(StandardCharsets.UTF_8));
        }
        return ResponseEntity.ok()
                .header("Content-Type", "application/yaml; charset=utf-8")
                .header("Content-Disposition", "attachment; filename=\"papers.yaml\"")
                .body(bytes);
    }

    /** Shows how each of them reads; nothing is written. */
    @PostMapping("/papers/content/look")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView look(@RequestParam("file") Optional<MultipartFile> file) throws IOException {
        try {
            String text = SentText.of(file, MOST_BYTES);
            ContentFile content = parse(text);
            return page(Map.of())
                    .addObject("content", content)
                    .addObject("lines", lines(content.papers()))
                    .addObject("text", text)
                    .addObject("entryId", UUID.randomUUID());
        } catch (FormProblem problem) {
            ModelAndView page = page(problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    private List<Line> lines(List<PaperFile> papers) {
        List<Line> lines = new ArrayList<>();
        for (PaperFile paper : papers) {
            lines.add(line(paper, lines.size() < MOST_LINTED));
        }
        return lines;
    }

    private Line line(PaperFile paper, boolean linted) {
        ReadPaper read = ReadPaper.of(PaperRow.of(paper), PaperAnswers.of(paper));
        String unfit = taken.unfit(paper);
        return new Line(
                paper.title(),
                paper.base(),
                paper.lines().size(),
                read.open(),
                !paper.own().isNone(),
                unfit,
                linted && unfit.isEmpty() ? looked.findings(read) : List.of());
    }

    private static ContentFile parse(String text) {
        return RefusedFile.or(() -> ContentFile.read(text));
    }

    /** Begins each that can be as a draft; sent twice, each is begun once. */
    @PostMapping("/papers/content")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView take(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String text) {
        return Sent.answer(
                () -> {
                    UUID entry = Entered.id("entryId", entryId);
                    List<PaperFile> begun = new ArrayList<>(parse(text).papers());
                    begun.removeIf(paper -> !taken.unfit(paper).isEmpty());
                    taken.takeAll(staff, entry, begun);
                    return "redirect:/papers";
                },
                ContentFileController::page);
    }
}
