package waypost.app.caseload;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.account.Staff;
import waypost.app.account.StaffRole;
import waypost.app.entry.Spreadsheet;
import waypost.app.shell.ClinicClock;
import waypost.core.caseload.Concern;
import waypost.library.words.ConcernWords;

/** All running courses, exceptions first. A surgeon sees those that they referred, and may see all. */
@Controller
@PreAuthorize("hasAuthority('SEE_PATIENTS')")
class CaseloadController {

    /** As a surgeon's choice: of all surgeons. */
    static final String EVERYBODY = "everybody";

    private final Caseload caseload;
    private final ClinicClock clock;

    CaseloadController(Caseload caseload, ClinicClock clock) {
        this.caseload = caseload;
        this.clock = clock;
    }

    /** A filter: how many rows it leaves. */
    record Filter(String of, String title, long count, boolean chosen) {}

    @GetMapping("/caseload")
    ModelAndView list(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String surgeon,
            @RequestParam(defaultValue = "") String of) {
        String whose = whose(staff, surgeon);
        Caseload.Read read = caseload.read(staff, clock.today(staff), whose);
        Optional<Concern.Kind> kind = kind(of);
        return new ModelAndView("caseload/caseload")
                .addObject("rows", shown(read.rows(), kind))
                .addObject("all", read.rows().size())
                .addObject("unreadable", read.unreadable())
                .addObject("filters", filters(read.rows(), kind))
                .addObject("of", kind.map(Enum::name).orElse(""))
                .addObject("surgeon", whose.isEmpty() ? EVERYBODY : whose)
                .addObject("surgeons", caseload.surgeons(staff));
    }

    /** The same list as a file. */
    @GetMapping("/caseload.csv")
    ResponseEntity<byte[]> file(
            @AuthenticationPrincipal Staff staff,
            @RequestParam(defaultValue = "") String surgeon,
            @RequestParam(defaultValue = "") String of) {
        LocalDate today = clock.today(staff);
        List<CaseloadRow> rows =
                shown(caseload.read(staff, today, whose(staff, surgeon)).rows(), kind(of));
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "patient", "number", "operation", "surgeon", "day", "phase", "milestones met", "to look at");
            for (CaseloadRow row : rows) {
                csv.printRecord(
                        Spreadsheet.harmless(row.patient()),
                        Spreadsheet.harmless(row.number()),
                        Spreadsheet.harmless(row.operation()),
                        Spreadsheet.harmless(row.surgeon()),
                        row.count(),
                        row.phase(),
                        row.gate(),
                        Spreadsheet.harmless(row.lines().stream()
                                .map(line -> line.title() + ": " + line.says())
                                .collect(Collectors.joining(" "))));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return ResponseEntity.ok()
                .header("Content-Type", "text/csv; charset=utf-8")
                .header("Content-Disposition", "attachment; filename=\"caseload-" + today + ".csv\"")
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** Whose courses: as asked, or a surgeon's own; blank for all. */
    private static String whose(Staff staff, String asked) {
        if (asked.equals(EVERYBODY)) {
            return "";
        }
        return asked.isBlank() && staff.role() == StaffRole.SURGEON ? staff.name() : asked.strip();
    }

    private static List<CaseloadRow> shown(List<CaseloadRow> rows, Optional<Concern.Kind> kind) {
        return rows.stream().filter(row -> kind.map(row::has).orElse(true)).toList();
    }

    private static List<Filter> filters(List<CaseloadRow> rows, Optional<Concern.Kind> chosen) {
        return Arrays.stream(Concern.Kind.values())
                .map(kind -> new Filter(
                        kind.name(),
                        ConcernWords.kind(kind),
                        rows.stream().filter(row -> row.has(kind)).count(),
                        chosen.equals(Optional.of(kind))))
                .toList();
    }

    /** What is named that does not exist is as good as not named. */
    private static Optional<Concern.Kind> kind(String named) {
        return Arrays.stream(Concern.Kind.values())
                .filter(kind -> kind.name().equals(named.strip().toUpperCase(Locale.ROOT)))
                .findFirst();
    }
}
