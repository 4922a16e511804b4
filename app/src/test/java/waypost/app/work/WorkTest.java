package waypost.app.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.app.store.SetRow;
import waypost.app.store.WorkStore;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;

/** The working part of a visit: the plan, sets as they were done, stops, and what may be changed by whom. */
@Tag("served")
class WorkTest {

    private static final String SQUAT = "heel-slide/operated";
    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Visitor ASSISTANT = Visitor.signedIn("assistant");

    private final Working visit = Working.on(THERAPIST, 52);

    private List<SetRow> kept() {
        return RunningWaypost.get().bean(WorkStore.class).sets(visit.id());
    }

    @Test
    void nothingIsDoneBeforeTheRedFlagsWereAsked() {
        assertThat(visit.page()).contains("Not checked in yet.").doesNotContain("Pain in this set");
        assertThat(visit.checkedIn().page())
                .contains("Pain in this set", "First time: the usual dose on the lightest load.");
    }

    @Test
    void aVisitGoesOnWhereItStands() {
        assertThat(THERAPIST.get(visit.path() + "/visit").location()).endsWith("/check-in");
        visit.checkedIn();
        assertThat(THERAPIST.get(visit.path() + "/visit").location()).endsWith("/work");
    }

    @Test
    void aSetIsKeptOnceHoweverOftenItIsSent() {
        Map<String, String> set = visit.checkedIn().set(SQUAT, 10, 1);

        assertThat(visit.log(set).body()).contains("Set 2 of 3", "10 reps", "pain 1", "1 of 3");
        visit.log(set);

        assertThat(kept()).singleElement().satisfies(row -> {
            assertThat(row.amount()).isEqualTo(10);
            assertThat(row.enteredBy()).isEqualTo("Maren Arkwell");
        });
        assertThat(visit.get("/record")).contains("heel-slide/operated: 10, pain 1 (asked 3 × 10 reps)");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "pain;;Tap the pain in this set first",
                "pain;11;allowed: a whole number from 0 to 10",
                "amount;-1;allowed: a whole number from 0 to 2000",
                "amount;;Say how much was done",
                "load;heavy;allowed: a number such as 2.5",
                "entryId;x;This form is damaged",
                "form;splendid;allowed: one of the choices shown"
            })
    void whatCannotBeIsRefusedAndNothingIsKept(String field, String value, String says) {
        Map<String, String> set = visit.checkedIn().set(SQUAT, 10, 1);
        set.put("unit", "KILOGRAMS");
        set.put(field, value == null ? "" : value);

        Visitor.Answer answer = visit.log(set);

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).contains(says);
        assertThat(kept()).isEmpty();
    }

    @Test
    void anUnknownExerciseIsNotFound() {
        assertThat(visit.checkedIn().log(visit.set("no-such/operated", 10, 1)).status())
                .isEqualTo(404);
    }

    @Test
    void painOverTheRuleAsksToStepBackAtOnce() {
        visit.checkedIn();

        assertThat(visit.log(visit.set("quad-set/operated", 10, 2)).body()).doesNotContain("Step back now.");
        assertThat(visit.log(visit.set(SQUAT, 10, 5)).body()).contains("Step back now.");
    }

    @Test
    void aSetIsTakenBackAndTheRecordKeepsBoth() {
        Map<String, String> set = visit.checkedIn().set(SQUAT, 99, 1);
        visit.log(set);

        THERAPIST.post(visit.path() + "/sets/" + set.get("entryId") + "/withdraw", Map.of("role", SQUAT));

        assertThat(kept()).isEmpty();
        assertThat(visit.get("/record")).contains("Set taken back", SQUAT + ": 99");
    }

    @Test
    void whatComesLateLandsOnItsOwnDay() {
        Map<String, String> late = visit.checkedIn().set(SQUAT, 10, 1);
        Instant before =
                RunningWaypost.TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC).minus(2, ChronoUnit.DAYS);
        late.put("doneAt", before.toString());
        Map<String, String> absurd = visit.set(SQUAT, 9, 1);
        absurd.put("doneAt", "2099-01-01T00:00:00Z");

        visit.log(late);
        visit.log(absurd);

        assertThat(kept())
                .extracting(SetRow::doneOn)
                .containsExactly(RunningWaypost.TODAY.minusDays(2), RunningWaypost.TODAY);
    }

    @Test
    void twoDevicesAreKeptInTheOrderDone() {
        visit.checkedIn();
        Instant now = RunningWaypost.TODAY.atTime(8, 0).toInstant(ZoneOffset.UTC);
        for (int nth : List.of(3, 1, 2, 0)) {
            Map<String, String> set = visit.set(SQUAT, nth, 0);
            set.putAll(Map.of(
                    "device", nth % 2 == 0 ? "tablet" : "laptop",
                    "deviceNth", String.valueOf(nth),
                    "doneAt", now.plusSeconds(nth).toString()));
            visit.log(set);
        }

        assertThat(kept()).extracting(SetRow::amount).containsExactly(0, 1, 2, 3);
    }

    @Test
    void onlyWhatIsOpenComesIntoThePlanAndTheReasonIsSaid() {
        Visitor.Answer answer = visit.checkedIn().plan("ADD", "jump-box/operated", "");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).containsAnyOf("is not open today", "allowed: an exercise of this course");
    }

    @Test
    void anAssistantLogsAndSwapsForEasierButNotForMore() {
        visit.checkedIn();
        Working assistant = visit.by(ASSISTANT);

        assertThat(assistant.log(visit.set(SQUAT, 10, 1)).status()).isEqualTo(200);
        assertThat(assistant.plan("ADD", "quad-set/operated", "").body()).contains("Ask the therapist for more.");
        assertThat(assistant.page()).doesNotContain("Add from the rack");
        assertThat(assistant
                        .post(
                                "/plan",
                                Map.of("blockId", UUID.randomUUID().toString(), "beginsOn", "2031-04-03", "weeks", "4"))
                        .status())
                .isEqualTo(403);
        assertThat(kept()).singleElement().extracting(SetRow::enteredBy).isEqualTo("Bram Yarrow");
    }

    @Test
    void thePlanIsChangedAndKeepsWhatWasChanged() {
        visit.checkedIn();
        visit.plan("REMOVE", "quad-set/operated", "");
        assertThat(visit.page())
                .contains("Block of 4 weeks since Thu 3 Apr 2031")
                .doesNotContain("work?role=quad-set/operated");

        visit.plan("ADD", "quad-set/operated", "");

        assertThat(visit.page()).contains("work?role=quad-set/operated");
        assertThat(visit.get("/record")).contains("Into the plan", "Out of the plan");
    }

    @Test
    void aSecondStopWithinSevenDaysIsToBeTold() {
        visit.checkedIn();
        for (int nth = 0; nth < 2; nth++) {
            Map<String, String> stop = new HashMap<>(
                    Map.of("entryId", UUID.randomUUID().toString(), "role", SQUAT, "why", "sharp or shooting pain"));
            assertThat(THERAPIST.postPart(visit.path() + "/stops", stop).body())
                    .contains("Stopped on Thu 3 Apr 2031: sharp or shooting pain.", "Step back now.");
        }

        assertThat(visit.page(SQUAT)).contains("Stopped 2 times within seven days: call the surgeon&#39;s team.");
    }

    @Test
    void anEmergencyStopsTheWorkAndKeepsWhatWasDone() {
        visit.checkedIn();
        visit.log(visit.set(SQUAT, 10, 1));

        visit.checkedIn("flag", "breathless");

        assertThat(visit.page()).contains("Stopped. No treatment today.", "On hold: red flag: ");
        assertThat(visit.page(SQUAT)).doesNotContain("Pain in this set");
        assertThat(kept()).hasSize(1);
    }

    /** The protocol's rule for flares: at most so much of the last dose for some days after the hold. */
    @Test
    void afterAHoldForAFlareTheDoseIsLower() {
        visit.checkedIn();
        Map<String, String> earlier = visit.set(SQUAT, 10, 0);
        earlier.put(
                "doneAt",
                RunningWaypost.TODAY
                        .minusDays(3)
                        .atTime(8, 0)
                        .toInstant(ZoneOffset.UTC)
                        .toString());
        for (int nth = 0; nth < 3; nth++) {
            earlier.put("entryId", UUID.randomUUID().toString());
            visit.log(earlier);
        }
        String holdId = UUID.randomUUID().toString();
        visit.post(
                "/holds",
                Map.of("holdId", holdId, "kind", "FLARE", "why", "hot after the weekend", "reviewOn", "2031-04-04"));
        assertThat(visit.page(SQUAT)).contains("On hold: hot after the weekend.", "is not open today");

        visit.post("/holds/" + holdId + "/end", Map.of("why", "cool again"));

        assertThat(visit.page(SQUAT)).contains("After a hold at most 70 % of the last dose, until ", "2 × 10 reps");
    }

    @ParameterizedTest
    @CsvSource({"sharp,A red flag asks to stop", "night-pain,A red flag holds progress today."})
    void aMilderFlagKeepsEveryDoseFromGoingUp(String flag, String says) {
        assertThat(visit.checkedIn("flag", flag).page()).contains(says, "Pain in this set");
    }

    @Test
    void aBlockIsWrittenBesideTheRunningOne() {
        visit.checkedIn();
        String page = visit.get("/plan");
        assertThat(page).contains("The next block beside the running one", "stays on its rung", "The week");

        Map<String, String> form = new HashMap<>(Map.of(
                "blockId", Working.hidden(page, "blockId"), "beginsOn", "2031-04-03", "weeks", "3", "role", SQUAT));
        assertThat(visit.post("/plan", form).status()).isEqualTo(302);
        assertThat(visit.post("/plan", form).status()).isEqualTo(302);

        assertThat(visit.page()).contains("Block of 3 weeks since Thu 3 Apr 2031, until Wed 23 Apr 2031.");
        assertThat(visit.get("/record")).containsOnlyOnce("Block of 3 weeks");
        form.put("blockId", UUID.randomUUID().toString());
        form.put("weeks", "9");
        assertThat(visit.post("/plan", form).body()).contains("allowed: 1 to 6");
    }

    @Test
    void thePlanGoesOnOneSheetWithItsLimits() {
        assertThat(visit.checkedIn().get("/plan/print"))
                .contains("Plan for <span>Thu 3 Apr 2031", "Pain in a set at most 3", "Operated: left leg");
    }
}
