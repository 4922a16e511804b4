package waypost.app.week;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.testing.Visitor;
import waypost.app.work.Working;

/** The week board: exercises are placed on weekdays, and what would not hold is told. Today is Thu 3 Apr 2031. */
@Tag("served")
class WeekTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String SLIDE = "heel-slide/operated";
    private static final LocalDate TODAY = LocalDate.of(2031, 4, 3);
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final Pattern LATER =
            Pattern.compile("<option value=\"([a-z0-9-]+/[a-z0-9-]+)\"[^>]*>[^<]+ · from [A-Z][a-z]{2} ([^<·]+)<");
    private static final Pattern MARK = Pattern.compile("class=\"week-mark[^>]*>([^<]+)<");
    private static final Pattern SWAP_FOR =
            Pattern.compile("Swap for <select name=\"role\"><option value=\"([^\"]+)\"");

    private final Working visit = Working.on(THERAPIST, 52).checkedIn();

    /** What the page says of an exercise, from the beginning of its row to the end. */
    private String row(String role) {
        String page = visit.get("/week");
        int at = page.indexOf("<tr data-role=\"" + role + "\"");
        return at < 0 ? "" : page.substring(at, page.indexOf("</tr>", at));
    }

    /** The form of an exercise as the page gives it, with other days. */
    private Map<String, String> form(String role, String weekdays) {
        String row = row(role);
        Map<String, String> form = new HashMap<>(Map.of("role", role, "weekday", weekdays, "of", "2031-03-31"));
        form.put("changeId", Working.hidden(row, "changeId"));
        form.put("block", Working.hidden(row, "block"));
        form.put("seen", String.join(",", seen(row)));
        return form;
    }

    private static Iterable<String> seen(String row) {
        return Pattern.compile("name=\"seen\" value=\"([A-Z]+)\"")
                .matcher(row)
                .results()
                .map(found -> found.group(1))
                .toList();
    }

    /** What stands of an exercise on the days of the week, Monday first; empty where nothing does. */
    private List<String> week(String role) {
        return Arrays.stream(row(role).split("<td ", -1))
                .skip(1)
                .map(cell -> {
                    Matcher mark = MARK.matcher(cell);
                    return mark.find() ? mark.group(1) : "";
                })
                .toList();
    }

    @Test
    void anExerciseIsDoneOnTheDaysOnWhichItIsPlaced() {
        assertThat(week(SLIDE)).containsExactly("", "", "", "open", "open", "open", "open");

        Map<String, String> form = form(SLIDE, "MONDAY,FRIDAY");
        assertThat(visit.post("/week", form).status()).isEqualTo(302);
        assertThat(visit.post("/week", form).status()).as("sent twice").isEqualTo(302);

        assertThat(week(SLIDE)).containsExactly("", "", "", "", "open", "", "");
        assertThat(visit.page(SLIDE)).contains("Meant for Monday, Friday");
        assertThat(visit.get("/record")).containsOnlyOnce("Placed on weekdays").contains("monday, friday");
    }

    @Test
    void itGoesBackToWhatItsDoseSays() {
        visit.post("/week", form(SLIDE, "FRIDAY"));
        Map<String, String> back = form(SLIDE, "FRIDAY");
        back.put("asDosed", "yes");

        assertThat(visit.post("/week", back).status()).isEqualTo(302);

        assertThat(week(SLIDE)).containsExactly("", "", "", "open", "open", "open", "open");
        assertThat(visit.get("/record")).contains("as its dose says");
    }

    @Test
    void whatTakesItsPlaceKeepsItsDays() {
        visit.post("/week", form(SLIDE, "FRIDAY"));
        String other = SWAP_FOR.matcher(visit.page(SLIDE))
                .results()
                .findFirst()
                .orElseThrow()
                .group(1);
        assertThat(visit.plan("SWAP", other, SLIDE).status()).isEqualTo(302);

        assertThat(row(SLIDE)).isEmpty();
        assertThat(week(other)).containsExactly("", "", "", "", "open", "", "");
    }

    @Test
    void whatWasDoneStandsInTheDay() {
        visit.log(visit.set(SLIDE, 10, 1));
        visit.log(visit.set(SLIDE, 10, 1));

        assertThat(week(SLIDE)).containsExactly("", "", "", "2 sets", "open", "open", "open");
    }

    @Test
    void ofTwoWhoPlaceTheSameTheSecondIsTold() {
        visit.post("/week", form(SLIDE, "TUESDAY"));
        Map<String, String> mine = form(SLIDE, "MONDAY");
        Map<String, String> theirs = form(SLIDE, "FRIDAY");
        visit.post("/week", theirs);

        Visitor.Answer refused = visit.post("/week", mine);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("Somebody placed this exercise on other days");
        assertThat(week(SLIDE)).containsExactly("", "", "", "", "open", "", "");
    }

    /** A press on a day turns it: what stands there goes, what does not comes. */
    @Test
    void aPressTakesADayOutAndPutsOneIn() {
        Map<String, String> out = form(SLIDE, "THURSDAY,FRIDAY");
        out.put("turn", "FRIDAY");
        assertThat(visit.post("/week", out).status()).isEqualTo(302);
        assertThat(week(SLIDE)).containsExactly("", "", "", "open", "", "", "");

        Map<String, String> in = form(SLIDE, "THURSDAY");
        in.put("turn", "SUNDAY");
        visit.post("/week", in);
        assertThat(week(SLIDE)).containsExactly("", "", "", "open", "", "", "open");
    }

    @ParameterizedTest
    @CsvSource({
        "weekday,,Found no day",
        "weekday,NODAY,Found &#39;NODAY&#39;",
        "turn,FRIDAY,Found no day",
        "turn,NODAY,Found &#39;NODAY&#39;",
        "role,single-leg-hop/operated,which is not in this block",
        "role,nothing,allowed: an exercise of the plan",
        "block,b1a7c5de-0000-4000-8000-000000000000,Somebody wrote another block",
        "changeId,1,This form is damaged"
    })
    void wrongInputIsRefused(String field, String value, String message) {
        Map<String, String> form = form(SLIDE, "FRIDAY");
        form.put(field, value == null ? "" : value);

        Visitor.Answer refused = visit.post("/week", form);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains(message);
        assertThat(week(SLIDE)).containsExactly("", "", "", "open", "open", "open", "open");
    }

    /** The next block has it on the same weekdays, as long as it stays in. */
    @Test
    void aNewBlockKeepsTheDaysOfWhatStays() {
        visit.post("/week", form(SLIDE, "FRIDAY"));
        assertThat(writeBlock(3, SLIDE + ",quad-set/operated").status()).isEqualTo(302);

        assertThat(visit.get("/week")).contains("Block of 3 weeks");
        assertThat(week(SLIDE)).containsExactly("", "", "", "", "open", "", "");
        assertThat(week("quad-set/operated")).containsExactly("", "", "", "open", "open", "open", "open");
    }

    /** Every exercise of a weekly dose comes on as many days; what was placed by hand, or is for every day, stays. */
    @Test
    void aWeekIsSpreadAsTheDosesSay() {
        visit.post("/week", form(SLIDE, "FRIDAY"));
        String page = visit.get("/week?of=2031-04-07");
        Map<String, String> spread = Map.of(
                "changeId",
                Working.hidden(page, "changeId"),
                "block",
                Working.hidden(page, "block"),
                "of",
                "2031-04-07");
        assertThat(page).contains("more often than its dose says");

        Visitor.Answer answer = visit.post("/week/spread", spread);
        assertThat(answer.status()).isEqualTo(302);
        visit.post("/week/spread", spread);

        assertThat(visit.get("/week?of=2031-04-07"))
                .contains("3 of 3 days")
                .doesNotContain("more often than its dose says");
        assertThat(week(SLIDE)).containsExactly("", "", "", "", "open", "", "");
        Map<String, String> again = new HashMap<>(spread);
        again.put("changeId", UUID.randomUUID().toString());
        assertThat(visit.post("/week/spread", again).body()).contains("Found nothing to spread");
    }

    /** The block ends within a week of the day on which it opens: on the weekday before that day it is never open. */
    @Test
    void aDayOnWhichTheGateBarsItThroughoutIsRefused() {
        MatchResult option = LATER.matcher(visit.get("/plan?beginsOn=2031-04-03&weeks=6"))
                .results()
                .filter(each -> opens(each).getDayOfWeek() != TODAY.getDayOfWeek())
                .findFirst()
                .orElseThrow();
        LocalDate opens = opens(option);
        writeBlock(ChronoUnit.WEEKS.between(TODAY, opens) + 1, option.group(1));

        Visitor.Answer refused = visit.post("/week", form(option.group(1), day(opens.minusDays(1))));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("that is left of this block: it opens on", SAID.format(opens));
        assertThat(visit.post("/week", form(option.group(1), day(opens))).status())
                .isEqualTo(302);
    }

    /** A block of these weeks from today on. */
    private Visitor.Answer writeBlock(long weeks, String roles) {
        String plan = visit.get("/plan");
        return visit.post(
                "/plan",
                Map.of(
                        "blockId",
                        Working.hidden(plan, "blockId"),
                        "replaces",
                        Working.hidden(plan, "replaces"),
                        "beginsOn",
                        TODAY.toString(),
                        "weeks",
                        String.valueOf(weeks),
                        "role",
                        roles));
    }

    private static String day(LocalDate date) {
        return date.getDayOfWeek().name();
    }

    private static LocalDate opens(MatchResult option) {
        return LocalDate.parse(option.group(2).strip(), SAID);
    }

    @ParameterizedTest
    @CsvSource({"1899-01-01", "9999-99-99", "abc", "2199-12-31", "''"})
    void aWeekThatCannotBeShownGivesTheNearest(String of) {
        assertThat(visit.get("/week?of=" + of)).contains("Week of ");
    }

    @Test
    void anAssistantLooksAndPlacesNothing() {
        Working assistant = visit.by(Visitor.signedIn("assistant"));

        assertThat(assistant.get("/week")).contains("Week of").doesNotContain("<form method=\"post\" id=\"days-");
        assertThat(assistant
                        .post(
                                "/week",
                                Map.of("changeId", UUID.randomUUID().toString(), "role", SLIDE, "weekday", "FRIDAY"))
                        .status())
                .isEqualTo(403);
    }
}
