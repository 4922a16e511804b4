package waypost.app.patientpage;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.servlet.ModelAndView;
import waypost.app.diary.HomeReport;
import waypost.app.entry.Entered;
import waypost.app.entry.FormProblem;
import waypost.app.home.HomeReports;
import waypost.library.plain.PlainText;

/** The patient's own page. Everything here is one patient's, found by what the telephone holds, never by an address. */
@Controller
class PatientPageController {

    private static final String COOKIE = "waypost-home";
    private static final Duration KEPT = Duration.ofDays(60);

    private final HomeLinks links;
    private final PatientPlans plans;
    private final PatientCalendar calendar;
    private final HomeReports reports;

    PatientPageController(HomeLinks links, PatientPlans plans, PatientCalendar calendar, HomeReports reports) {
        this.links = links;
        this.plans = plans;
        this.calendar = calendar;
        this.reports = reports;
    }

    /** What is sent to open a link. */
    record Key(@Nullable String secret, @Nullable String birth) {}

    /** Asks for the birth date; the link's secret stays in the browser until that is given. */
    @GetMapping("/home")
    ModelAndView door(Locale browser) {
        Locale language = Locale.forLanguageTag(browser.getLanguage());
        PlainText text = PlainText.in(PlainText.LANGUAGES.contains(language) ? language : PlainText.LANGUAGES.get(0));
        return new ModelAndView("home/open").addObject("t", text);
    }

    @PostMapping(path = "/home/open", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Void> open(@RequestBody Key key, HttpServletRequest request) {
        HomeLinks.Opening opening = birth(key)
                .map(date -> links.open(Entered.text(key.secret()), date, request.getRemoteAddr()))
                .orElseGet(() -> new HomeLinks.Opening(HomeLinks.Tried.WRONG, ""));
        return switch (opening.tried()) {
            case OPENED ->
                ResponseEntity.noContent()
                        .header(HttpHeaders.SET_COOKIE, cookie(opening.token(), KEPT, request))
                        .build();
            case WRONG -> ResponseEntity.status(HttpStatus.UNAUTHORIZED).build();
            case GONE -> ResponseEntity.status(HttpStatus.GONE).build();
            case WAIT -> ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        };
    }

    private static Optional<LocalDate> birth(Key key) {
        try {
            return Optional.of(Entered.date("birth", Entered.text(key.birth())));
        } catch (FormProblem unreadable) {
            return Optional.empty();
        }
    }

    private static String cookie(String token, Duration kept, HttpServletRequest request) {
        return ResponseCookie.from(COOKIE, token)
                .path("/home")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Strict")
                .maxAge(kept)
                .build()
                .toString();
    }

    @GetMapping("/home/plan")
    ModelAndView plan(@CookieValue(name = COOKIE, defaultValue = "") String token) {
        return links.whose(token).map(plans::page).orElseGet(() -> new ModelAndView("redirect:/home"));
    }

    /** Visits and times at home, for the telephone's own calendar. */
    @GetMapping(path = "/home/calendar.ics")
    ResponseEntity<String> calendar(@CookieValue(name = COOKIE, defaultValue = "") String token) {
        return calendar(links.whose(token));
    }

    private ResponseEntity<String> calendar(Optional<HomeLinks.Whose> found) {
        return found.map(whose -> ResponseEntity.ok()
                        .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                        .header(
                                HttpHeaders.CONTENT_DISPOSITION,
                                ContentDisposition.attachment()
                                        .filename("plan.ics")
                                        .build()
                                        .toString())
                        .body(calendar.of(whose)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    /** Makes the address from which a calendar fetches the times by itself. A calendar has no second fact: times are all it gets. */
    @PostMapping("/home/times")
    ResponseEntity<Map<String, String>> subscribe(@CookieValue(name = COOKIE, defaultValue = "") String token) {
        return links.subscribe(token)
                .map(feed -> ResponseEntity.ok(Map.of("path", "/home/times/" + feed)))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/home/times/{feed}")
    ResponseEntity<String> times(@PathVariable String feed) {
        return calendar(links.subscribed(feed));
    }

    /** Takes what was done; what was sent before is taken once. */
    @PostMapping(path = "/home/reports", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Map<String, String>> keep(
            @CookieValue(name = COOKIE, defaultValue = "") String token, @RequestBody List<HomeReport> sent) {
        Optional<HomeLinks.Whose> whose = links.whose(token);
        if (whose.isEmpty()) {
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED).build();
        }
        if (sent.stream().anyMatch(Objects::isNull)) {
            return ResponseEntity.badRequest().build();
        }
        try {
            reports.keep(whose.get().courseId(), links.today(whose.get()), sent);
            return ResponseEntity.ok(Map.of());
        } catch (FormProblem problem) {
            return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT).body(problem.byField());
        }
    }

    /** The telephone forgets the page. */
    @PostMapping("/home/close")
    ResponseEntity<Void> close(
            @CookieValue(name = COOKIE, defaultValue = "") String token, HttpServletRequest request) {
        links.close(token);
        return ResponseEntity.noContent()
                .header(HttpHeaders.SET_COOKIE, cookie("", Duration.ZERO, request))
                .build();
    }

    /** What answers on the telephone while there is no connection; it may speak for the addresses below its own alone. */
    @GetMapping(path = "/home/worker.js", produces = "text/javascript")
    ResponseEntity<Resource> worker() {
        return ResponseEntity.ok(new ClassPathResource("static/waypost/home-worker.js"));
    }

    @GetMapping(path = "/home/manifest.webmanifest", produces = "application/manifest+json")
    ResponseEntity<Resource> manifest() {
        return ResponseEntity.ok(new ClassPathResource("static/waypost/home.webmanifest"));
    }
}
