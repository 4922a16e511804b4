package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.app.testing.Visitor;

/** Blocks for their own weeks: what opens within comes in on its day, what does not is refused, what was done is told. */
@Tag("served")
class BlockPageTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final String SLIDE = "heel-slide/operated";
    private static final LocalDate TODAY = LocalDate.of(2031, 4, 3);
    private static final DateTimeFormatter SAID = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final Pattern LATER =
            Pattern.compile("<option value=\"([a-z0-9-]+/[a-z0-9-]+)\"[^>]*>([^<]+) · from [A-Z][a-z]{2} ([^<·]+)<");

    private final Working visit = Working.on(THERAPIST, 52).checkedIn();

    private Map<String, String> block(String begins, int weeks, String role) {
        String page = visit.get("/plan");
        return new HashMap<>(Map.of(
                "blockId",
                Working.hidden(page, "blockId"),
                "replaces",
                Working.hidden(page, "replaces"),
                "beginsOn",
                begins,
                "weeks",
                String.valueOf(weeks),
                "role",
                role));
    }

    private String looked(String begins, int weeks) {
        return visit.get("/plan?beginsOn=" + begins + "&weeks=" + weeks);
    }

    /** What opens after so many days at the earliest, by time alone. */
    private static MatchResult later(String page, int days) {
        return LATER.matcher(page)
                .results()
                .filter(option ->
                        !LocalDate.parse(option.group(3).strip(), SAID).isBefore(TODAY.plusDays(days)))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatOpensWithinTheBlockIsPlannedForItsDay() {
        MatchResult option = later(looked("2031-04-03", 6), 1);
        LocalDate opens = LocalDate.parse(option.group(3).strip(), SAID);

        assertThat(visit.post("/plan", block("2031-04-03", 6, option.group(1))).status())
                .isEqualTo(302);

        assertThat(visit.page())
                .contains("Later in this block", option.group(2) + ", from ", SAID.format(opens))
                .doesNotContain("aria-label=\"" + option.group(2) + "\"");
        assertThat(visit.get("/blocks")).contains(option.group(2), "Block", "Written by Maren Arkwell.");
    }

    /** The same exercise in a block that ends before it opens. */
    @Test
    void whatDoesNotOpenInItsWeeksIsRefusedWithTheReason() {
        MatchResult option = later(looked("2031-04-03", 6), 8);

        Visitor.Answer refused = visit.post("/plan", block("2031-04-03", 1, option.group(1)));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body())
                .contains(option.group(2) + " does not open in these weeks.", "Leave it out, or choose other weeks.")
                .contains("Chosen before, kept");
        assertThat(visit.get("/blocks")).contains("No block is written yet.");
    }

    @Test
    void aBlockToComeLeavesTheRunningOneAsItIs() {
        visit.post("/plan", block("2031-04-03", 3, SLIDE));
        assertThat(visit.post("/plan", block("2031-04-24", 3, "quad-set/operated"))
                        .status())
                .isEqualTo(302);

        assertThat(visit.page())
                .contains("Block of 3 weeks since Thu 3 Apr 2031")
                .contains("The next one is written and begins on Thu 24 Apr 2031.")
                .contains("work?role=heel-slide/operated")
                .doesNotContain("work?role=quad-set/operated");
        assertThat(Working.hidden(visit.get("/plan"), "replaces")).isNotEmpty();
        assertThat(visit.get("/plan")).contains("name=\"beginsOn\" value=\"2031-05-15\"");
        assertThat(visit.get("/blocks")).contains("left out", "new");
    }

    /** A block that is to come goes when another one is written for the same time or before it. */
    @Test
    void aBlockWrittenAnewTakesThePlaceOfTheOneToCome() {
        visit.post("/plan", block("2031-04-24", 3, "quad-set/operated"));
        visit.post("/plan", block("2031-04-21", 3, SLIDE));

        assertThat(visit.get("/blocks")).contains("Mon 21 Apr 2031 to ").doesNotContain("Thu 24 Apr 2031 to ");
    }

    /** What is proposed and changed by hand before it begins takes nothing from it. */
    @Test
    void aChangeOfToDayLeavesTheBlockToComeAsItIs() {
        visit.post("/plan", block("2031-04-24", 3, "quad-set/operated"));
        assertThat(visit.page()).contains("Until the block begins this is what is proposed.");

        visit.plan("REMOVE", SLIDE, "");
        visit.plan("ADD", SLIDE, "");

        assertThat(visit.page()).contains("The next one is written and begins on Thu 24 Apr 2031.");
        assertThat(visit.get("/blocks")).contains("Thu 24 Apr 2031 to ", "As proposed; changed by hand.");
    }

    @Test
    void weeksThatAreOverOrTooFarAreRefused() {
        for (String begins : List.of("2031-03-01", "2031-06-27", "2199-12-31", "never")) {
            assertThat(visit.post("/plan", block(begins, 3, SLIDE)).status())
                    .as(begins)
                    .isEqualTo(422);
        }
        assertThat(visit.post("/plan", block("2199-12-31", 3, SLIDE)).body())
                .contains("allowed: weeks that are not all past and begin within 12 weeks.");
        assertThat(THERAPIST
                        .get(visit.path() + "/plan?beginsOn=2199-12-31&weeks=77")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void whatWasDoneStandsBesideWhatWasMeant() {
        visit.post("/plan", block("2031-04-03", 3, SLIDE));
        visit.log(visit.set(SLIDE, 10, 1));
        visit.log(visit.set(SLIDE, 8, 2));
        Map<String, String> besides = visit.set("quad-set/operated", 10, 0);
        besides.put("entryId", UUID.randomUUID().toString());
        visit.log(besides);

        assertThat(visit.get("/blocks"))
                .contains("2 of 3 sets, 66 %", "10, 8 reps", "<td>2</td>", "done besides", "1 set<");
    }

    /** A block that is written over a running one ends it: what is done from then on counts in the new one alone. */
    @Test
    void noSetCountsInTwoBlocks() {
        visit.post("/plan", block("2031-03-27", 3, SLIDE));
        visit.log(visit.set(SLIDE, 10, 1));
        visit.post("/plan", block("2031-04-03", 3, SLIDE));

        assertThat(visit.get("/blocks"))
                .contains("Thu 27 Mar 2031 to Wed 2 Apr 2031, written for 3 weeks")
                .containsOnlyOnce("1 of 3 sets, 33 %");
    }

    /** The reason of the proposal is kept with the block that follows it. */
    @Test
    void theReasonIsKept() {
        visit.post("/plan", block("2031-04-03", 3, SLIDE));

        assertThat(visit.get("/blocks")).contains("First time: the usual dose on the lightest load.");
    }

    @Test
    void directionsWithoutAnExerciseAreTold() {
        visit.post("/plan", block("2031-04-03", 3, "quad-set/operated"));

        assertThat(visit.get("/plan"))
                .contains("Directions that the plan works", "knee extension", "Quad set")
                .containsPattern("knee flexion</th><td>nothing</td><td>[^<]+");
    }

    @Test
    void aBlockOfNothingIsRefused() {
        Visitor.Answer refused = visit.post("/plan", block("2031-04-03", 3, ""));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains("Found 0 exercises, allowed: 1 to 20.");
    }
}
