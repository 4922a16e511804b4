package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.exercise.Progression;
import waypost.core.log.Bout;
import waypost.core.log.Response;
import waypost.core.log.SetDone;
import waypost.core.prescription.GoesOnBy;
import waypost.core.prescription.WorkingDose;

/** Each rule over many visits by a patient who does just what it says. */
class ProgressionSequenceTest {

    private static Bout done(WorkingDose dose, LocalDate on, int pain, boolean flares) {
        List<SetDone> sets = new ArrayList<>();
        for (int nth = 0; nth < dose.sets(); nth++) {
            sets.add(new SetDone(Told.ROLE, on, dose.aim().most(), dose.load(), pain, SetDone.Form.GOOD));
        }
        Optional<Integer> morning = Optional.of(flares ? 3 : 0);
        return new Bout(
                on, sets, Optional.of(new Response(on, 0, Optional.of(0), morning, false, Response.Soreness.NONE)));
    }

    /** What was done at each visit, as load or amount, until the rung is left. */
    private static String lived(Progression rule, int visits, int everyDays, String usual, int pain, int flareAt) {
        WorkingDose dose = Told.dose(usual);
        List<Bout> bouts = new ArrayList<>();
        List<String> told = new ArrayList<>();
        for (int visit = 0; visit < visits; visit++) {
            LocalDate on = Told.START.plusDays((long) visit * everyDays);
            if (!bouts.isEmpty()) {
                Step step = ProgressionRule.named(GoesOnBy.usual(rule))
                        .next(new Task(Told.dose(usual), bouts, new PainLimit(4, PainLimit.From.PROTOCOL), on));
                if (step.way() == Way.NEXT_RUNG || step.way() == Way.RUNG_BEFORE) {
                    told.add(step.way().name());
                    break;
                }
                if (step.way() == Way.REST || step.from().isAfter(on)) {
                    told.add("rest");
                    continue;
                }
                dose = step.dose();
            }
            told.add(dose.load()
                    .map(load -> String.valueOf(load.amount()).replaceAll("\\.0$", ""))
                    .orElse(String.valueOf(dose.aim().most())));
            bouts.add(done(dose, on, pain, visit == flareAt));
        }
        return String.join(" ", told);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            DOUBLE_PROGRESSION;      12; 2; 3 x 8 to 12 reps @5 kg;  0; -1; 5 5 6 6 7 7 8 8 9 9 10 10
            DOUBLE_PROGRESSION;      10; 2; 3 x 8 to 12 reps @20 kg; 0;  3; 20 20 22.5 22.5 20 20 22.5 22.5 25 25
            DOUBLE_PROGRESSION;       6; 2; 3 x 8 to 12 reps @5 kg;  5; -1; 5 4.5 4 3.5 3 2.5
            COMPLETION;               6; 3; 3 x 6 to 8 reps @5 kg;   4; -1; 5 6 7 8 9 10
            COMPLETION;               6; 3; 3 x 10 to 12 reps;       4; -1; 12 NEXT_RUNG
            HOLD_LADDER;             20; 1; 3 x 5 s each way;        0; -1; 5 5 7 7 9 9 10 10 NEXT_RUNG
            HOLD_LADDER;             20; 1; 3 x 5 s each way;        0;  3; 5 5 7 7 5 5 7 7 9 9 10 10 NEXT_RUNG
            BAND_LADDER;              9; 4; 3 x 15 reps @band 1;     0; -1; 1 1 2 2 3 3 4 4 5
            SORENESS_RULES;           9; 3; 3 x 10 reps @10 kg;      0; -1; 10 10 10 11 11 11 12 12 12
            MINUTES_UNTIL_EQUAL;     14; 1; 2 x 5 min;               0; -1; 5 5 6 6 7 7 8 8 9 9 10 10 11 11
            MINUTES_UNTIL_EQUAL;     16; 2; 2 x 3 min;               0; -1; 3 4 5 6 7 8 9 9 9 9 9 9 9 9 9 9
            STAGES;                   6; 2; 1 x 3 to 9 runs;         0; -1; 9 NEXT_RUNG
            STAGES;                   6; 2; 2 x 25 throws;           0; -1; 25 25 25 NEXT_RUNG
            VOLUME_BEFORE_INTENSITY; 20; 2; 1 x 15 to 30 min;        0; -1; 30 30 30 30 NEXT_RUNG
            """)
    void everyVisitDoneAsAsked(
            Progression rule, int visits, int everyDays, String usual, int pain, int flareAt, String expected) {
        assertThat(lived(rule, visits, everyDays, usual, pain, flareAt)).isEqualTo(expected);
    }

    /** No session takes seven days more than a tenth above the seven days before, however the visits fall. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void contactsNeverRiseByMoreThanATenthAWeek(int seed) {
        Random random = new Random(seed);
        WorkingDose usual = Told.dose("2 x 20 contacts");
        List<Bout> bouts = new ArrayList<>();
        LocalDate on = Told.START;
        for (int visit = 0; visit < 60; visit++) {
            if (bouts.isEmpty()) {
                bouts.add(done(usual, on, 0, false));
            } else {
                Step step = ProgressionRule.named(GoesOnBy.usual(Progression.CONTACTS))
                        .next(new Task(usual, bouts, new PainLimit(2, PainLimit.From.PROTOCOL), on));
                if (step.way() != Way.REST) {
                    bouts.add(done(step.dose(), on, 0, random.nextInt(8) == 0));
                }
            }
            int before = sum(bouts, on.minusDays(13), on.minusDays(7));
            if (before > 0 && bouts.get(bouts.size() - 1).on().equals(on)) {
                assertThat(sum(bouts, on.minusDays(6), on) * 10)
                        .as(bouts.stream()
                                .map(Bout::on)
                                .map(LocalDate::toString)
                                .collect(Collectors.joining(" ")))
                        .isLessThanOrEqualTo(before * 11);
            }
            on = on.plusDays(1 + random.nextInt(4));
        }
    }

    private static int sum(List<Bout> bouts, LocalDate from, LocalDate to) {
        return bouts.stream()
                .filter(bout -> !bout.on().isBefore(from) && !bout.on().isAfter(to))
                .mapToInt(Bout::total)
                .sum();
    }
}
