package waypost.app.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.entry.Sent;
import waypost.app.entry.SentText;
import waypost.app.store.Bundles;
import waypost.core.protocol.Protocol;
import waypost.library.paper.PaperFile;
import waypost.library.paper.PaperSaid;

/** Papers out as files, and in again: looked at before anything is written, and then a draft like any other. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class PaperFileController {

    private static final int MOST_BYTES = 600_000;

    private final Papers papers;
    private final TakenPapers taken;
    private final CheckedPapers looked;
    private final Bundles bundles;

    PaperFileController(Papers papers, TakenPapers taken, CheckedPapers looked, Bundles bundles) {
        this.papers = papers;
        this.taken = taken;
        this.looked = looked;
        this.bundles = bundles;
    }

    @GetMapping("/papers/{paperId}/file")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Staff staff, @PathVariable UUID paperId) {
        PaperRow row = papers.find(staff, paperId);
        PaperFile file = PaperAnswers.file(
                row, Papers.answers(row), "The clinic's own; ask before passing it on", row.source(staff));
        return ResponseEntity.ok()
                .header("Content-Type", "application/yaml; charset=utf-8")
                .header("Content-Disposition", "attachment; filename=\"paper.yaml\"")
                .body(file.write().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/papers/file")
    ModelAndView choose() {
        return page(Map.of());
    }

    private static ModelAndView page(Map<String, String> problems) {
        return new ModelAndView("paper/file").addObject("read", null).addObject("problems", problems);
    }

    /** Shows how it reads; nothing is written. */
    @PostMapping("/papers/file/look")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView look(@RequestParam("file") Optional<MultipartFile> file) throws IOException {
        try {
            String text = SentText.of(file, MOST_BYTES);
            return read(text, Map.of());
        } catch (FormProblem problem) {
            ModelAndView page = page(problem.byField());
            page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
            return page;
        }
    }

    private ModelAndView read(String text, Map<String, String> problems) {
        PaperFile file = parse(text);
        Optional<Protocol> base = bundles.shipped().findProtocol(file.base());
        String unfit = base.isPresent() ? taken.unfit(file) : "";
        if (!unfit.isEmpty()) {
            throw new FormProblem("file", unfit);
        }
        ReadPaper read = ReadPaper.of(PaperRow.of(file), PaperAnswers.of(file));
        return page(problems)
                .addObject("read", read)
                .addObject("found", base.isPresent() ? looked.findings(read) : List.of())
                .addObject("file", file)
                .addObject("base", base.map(Protocol::title).orElse(""))
                .addObject("said", new PaperSaid(bundles.shipped()))
                .addObject("text", text)
                .addObject("entryId", UUID.randomUUID());
    }

    private static PaperFile parse(String text) {
        return RefusedFile.or(() -> PaperFile.read(text));
    }

    /** Begins it as a draft. Sent twice, it is begun once. */
    @PostMapping("/papers/file")
    @PreAuthorize("hasAuthority('REFER')")
    ModelAndView take(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String entryId,
            @RequestParam(defaultValue = "") String text) {
        return Sent.answer(
                () -> "redirect:/papers/" + taken.take(staff, Entered.id("entryId", entryId), parse(text)),
                PaperFileController::page);
    }
}
