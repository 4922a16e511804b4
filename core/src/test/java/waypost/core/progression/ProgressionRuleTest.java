package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.Progression;
import waypost.core.prescription.GoesOnBy;

/**
 * Each rule by what was done. A row: pain rule, usual dose, what was told, day of the next bout; then the way, the dose and
 * the day from which it may be done where that is later.
 */
class ProgressionRuleTest {

    private static void assertNext(Progression rule, int pain, String usual, String told, int today, String expected) {
        Step step = ProgressionRule.named(GoesOnBy.usual(rule)).next(Told.task(usual, told, today, pain));
        String dose = step.way() == Way.NEXT_RUNG || step.way() == Way.RUNG_BEFORE ? "" : " " + Told.told(step.dose());
        String from = step.from().isAfter(Told.START.plusDays(today))
                ? " from " + Told.START.until(step.from()).getDays()
                : "";
        assertThat(step.way() + dose + from).isEqualTo(expected);
    }

    /** Top of the range in every set, two sessions running (common practice, no source). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            3; 3 x 8 to 12 reps @5 kg;  0: 8 8 8 @5 kg;                                  2; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg;                               2; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg;           4; UP 3 x 8 to 12 reps @6 kg
            3; 3 x 8 to 12 reps @4 kg;  0: 12 12 12 @4 kg | 2: 12 12 12 @4 kg;           4; UP 3 x 8 to 12 reps @4.5 kg
            3; 3 x 8 to 12 reps @20 kg; 0: 12 12 12 @20 kg | 2: 12 12 12 @20 kg;         4; UP 3 x 8 to 12 reps @22.5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 11 @5 kg;           4; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 @5 kg;              4; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @6 kg;           4; SAME 3 x 8 to 12 reps @6 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg helped;    4; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg lost;      4; DOWN 3 x 8 to 12 reps @4.5 kg
            3; 3 x 8 to 12 reps @10 kg; 0: 9 8 7 @10 kg;                                 2; DOWN 3 x 8 to 12 reps @9 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg p4;        4; DOWN 3 x 8 to 12 reps @4.5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg after4;    4; DOWN 3 x 8 to 12 reps @4.5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg am2;       4; DOWN 3 x 8 to 12 reps @4.5 kg
            0; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg am1;       4; DOWN 3 x 8 to 12 reps @4.5 kg
            0; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg am1 | 2: 12 12 12 @5 kg;       4; SAME 3 x 8 to 12 reps @5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg swollen;   4; DOWN 3 x 8 to 12 reps @4.5 kg
            3; 3 x 8 to 12 reps @5 kg;  0: 12 12 12 @5 kg | 2: 12 12 12 @5 kg p3;        4; UP 3 x 8 to 12 reps @6 kg
            3; 3 x 10 reps;             0: 10 10 10 | 2: 10 10 10;                       4; NEXT_RUNG
            3; 3 x 10 reps;             0: 8 8 8;                                        2; SAME 3 x 10 reps
            3; 3 x 10 reps;             0: 8 8 7;                                        2; RUNG_BEFORE
            3; 3 x 8 reps @0.5 kg;      0: 5 5 5 @0.5 kg;                                2; RUNG_BEFORE
            """)
    void doubleProgression(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.DOUBLE_PROGRESSION, pain, usual, told, today, expected);
    }

    /**
     * Three sets in range at acceptable pain move up, under both schools of pain: 0 of 10 and up to 4 of 10 (Hickey et al.
     * 2020, from memory).
     */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            0; 3 x 10 to 12 reps;      0: 10 10 10;          2; NEXT_RUNG
            0; 3 x 10 to 12 reps;      0: 12 12 12 p1;       2; RUNG_BEFORE
            0; 3 x 10 to 12 reps;      0: 12 12 12 am1;      2; RUNG_BEFORE
            4; 3 x 10 to 12 reps;      0: 12 12 12 p4;       2; NEXT_RUNG
            4; 3 x 10 to 12 reps;      0: 12 12 12 p5;       2; RUNG_BEFORE
            0; 3 x 10 to 12 reps;      0: 10 10;             2; SAME 3 x 10 to 12 reps
            0; 3 x 10 to 12 reps;      0: 10 10 9;           2; SAME 3 x 10 to 12 reps
            4; 3 x 6 to 8 reps @5 kg;  0: 6 6 6 @5 kg p2;    2; UP 3 x 6 to 8 reps @6 kg
            4; 3 x 6 to 8 reps @5 kg;  0: 6 6 6 @5 kg p6;    2; DOWN 3 x 6 to 8 reps @4.5 kg
            """)
    void completion(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.COMPLETION, pain, usual, told, today, expected);
    }

    /** 5 s, a few more after two days on a level, 10 s open the next position (common practice, no source). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            2; 3 x 5 s each way; 0: 5 5 5;                                         1; SAME 3 x 5 s each way
            2; 3 x 5 s each way; 0: 5 5 5;                                         2; UP 3 x 7 s each way
            2; 3 x 5 s each way; 0: 5 5 5 | 2: 7 7 7;                              3; SAME 3 x 7 s each way
            2; 3 x 5 s each way; 0: 5 5 5 | 2: 7 7 7;                              4; UP 3 x 9 s each way
            2; 3 x 5 s each way; 0: 5 5 5 | 2: 7 7 7 | 4: 9 9 9;                   6; UP 3 x 10 s each way
            2; 3 x 5 s each way; 0: 5 5 5 | 2: 7 7 7 | 4: 9 9 9 | 6: 10 10 10;     8; NEXT_RUNG
            2; 3 x 5 s each way; 0: 5 5 5 | 2: 7 7 7 after4;                       4; DOWN 3 x 5 s each way
            2; 3 x 5 s each way; 0: 7 7 7 | 2: 5 5 5;                              3; SAME 3 x 5 s each way
            2; 3 x 5 s each way; 0: 5 5 5 p3;                                      2; RUNG_BEFORE
            2; 3 x 30 s;         0: 20 20 20;                                      4; UP 3 x 22 s
            2; 3 x 30 s;         0: 30 30;                                         4; SAME 3 x 30 s
            """)
    void holdLadder(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.HOLD_LADDER, pain, usual, told, today, expected);
    }

    /** A week at least on a colour, top of the range in good form (common practice, no source). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2;                                 3; SAME 3 x 15 reps @band 2
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2 | 6: 15 15 15 @band 2;           7; UP 3 x 15 reps @band 3
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2 | 6: 15 15 14 @band 2;           9; SAME 3 x 15 reps @band 2
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2 | 6: 15 15 15 @band 2 helped;    9; SAME 3 x 15 reps @band 2
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2 | 6: 15 15 15 @band 2 lost;      9; DOWN 3 x 15 reps @band 1
            2; 3 x 15 reps @band 2; 0: 15 15 15 @band 2 | 8: 15 15 15 @band 3;          10; SAME 3 x 15 reps @band 3
            2; 3 x 15 reps @band 1; 0: 15 15 15 @band 1 p3;                              2; RUNG_BEFORE
            """)
    void bandLadder(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.BAND_LADDER, pain, usual, told, today, expected);
    }

    /** The University of Delaware soreness rules, from memory: five answers of the joint. */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg stayed;                          2; DOWN 3 x 10 reps @9 kg from 3
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg stayed;                          3; DOWN 3 x 10 reps @9 kg
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg gone;                            9; SAME 3 x 10 reps @10 kg
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg back;                            1; DOWN 3 x 10 reps @9 kg from 3
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg day-after;                       1; SAME 3 x 10 reps @10 kg from 2
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg day-after;                       9; SAME 3 x 10 reps @10 kg
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg | 4: 10 10 10 @10 kg;            6; SAME 3 x 10 reps @10 kg
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg | 4: 10 10 10 @10 kg;            7; UP 3 x 10 reps @11 kg
            2; 3 x 10 reps @10 kg; 0: 10 10 10 @10 kg | 4: 10 10 10 @10 kg p5;         7; DOWN 3 x 10 reps @9 kg
            2; 3 x 10 reps;        0: 10 10 10 | 7: 10 10 10;                          9; NEXT_RUNG
            """)
    void sorenessRules(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.SORENESS_RULES, pain, usual, told, today, expected);
    }

    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            3; 2 x 5 min; 0: 5 5;                    1; SAME 2 x 5 min
            3; 2 x 5 min; 0: 5 5;                    2; UP 2 x 6 min
            3; 2 x 5 min; 0: 5 5 | 2: 6 6;           4; UP 2 x 7 min
            3; 2 x 5 min; 0: 6 6 p4;                 2; DOWN 2 x 5 min
            3; 2 x 5 min; 0: 5 5 p4;                 2; RUNG_BEFORE
            3; 2 x 5 min; 0: 15 15;                  9; SAME 2 x 15 min
            3; 3 x 30 s;  0: 30 30 30;               2; UP 3 x 35 s
            """)
    void minutesUntilEqual(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.MINUTES_UNTIL_EQUAL, pain, usual, told, today, expected);
    }

    /** Three clean runs open the next stage, at most nine a session (Hickey et al. 2020, from memory). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            0; 1 x 3 to 9 runs; 0: 2;                                2; SAME 1 x 3 to 9 runs
            0; 1 x 3 to 9 runs; 0: 3;                                2; NEXT_RUNG
            0; 1 x 3 to 9 runs; 0: 1 1 1;                            2; NEXT_RUNG
            0; 1 x 3 to 9 runs; 0: 3 p1;                             2; RUNG_BEFORE
            0; 1 x 3 to 9 runs; 0: 3 helped;                         2; SAME 1 x 3 to 9 runs
            0; 1 x 3 to 9 runs; 0: 3 lost;                           2; RUNG_BEFORE
            0; 1 x 3 to 9 runs; 0: 3 am1;                            2; RUNG_BEFORE
            4; 1 x 3 to 9 runs; 0: 3 p4;                             2; NEXT_RUNG
            2; 2 x 25 throws;   0: 25 25 | 2: 25 25;                 4; SAME 2 x 25 throws
            2; 2 x 25 throws;   0: 25 25 | 2: 25 25 | 4: 25 25;      6; NEXT_RUNG
            2; 2 x 25 throws;   0: 25 25 | 2: 25 25 p3 | 4: 25 25;   6; SAME 2 x 25 throws
            """)
    void stages(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.STAGES, pain, usual, told, today, expected);
    }

    /** Three of nine runs gave pain: the stage before is offered with no more than those three. */
    @Test
    void afterPainAStageNeverAsksForMoreThanWasDone() {
        Step step = ProgressionRule.named(GoesOnBy.usual(Progression.STAGES))
                .next(Told.task("1 x 3 to 9 runs", "0: 3 p5", 2, 0));

        assertThat(step.way()).isEqualTo(Way.RUNG_BEFORE);
        assertThat(step.dose().aim().most()).isEqualTo(3);
    }

    /** Minutes first; what is harder after a week at the top (common practice, no source). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            3; 1 x 15 to 30 min; 0: 15;                              2; SAME 1 x 15 min
            3; 1 x 15 to 30 min; 0: 15 | 2: 15;                      4; UP 1 x 20 min
            3; 1 x 15 to 30 min; 0: 15 | 2: 15 am2;                  4; RUNG_BEFORE
            3; 1 x 15 to 30 min; 0: 20 | 2: 25 swollen;              4; DOWN 1 x 20 min
            3; 1 x 15 to 30 min; 0: 30 | 3: 30;                      6; SAME 1 x 30 min
            3; 1 x 15 to 30 min; 0: 30 | 3: 30;                      7; NEXT_RUNG
            3; 1 x 15 to 30 min; 0: 30 | 3: 30 helped;               7; SAME 1 x 30 min
            """)
    void volumeBeforeIntensity(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.VOLUME_BEFORE_INTENSITY, pain, usual, told, today, expected);
    }

    /** A tenth a week at most, a fifth off after a flare (common practice, no source). */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
            2; 2 x 20 contacts; 0: 20 20;                            3; SAME 2 x 20 contacts
            2; 2 x 20 contacts; 0: 20 20;                            7; UP 2 x 22 contacts
            2; 2 x 20 contacts; 0: 20 20 am2;                        7; DOWN 2 x 16 contacts
            2; 2 x 20 contacts; 0: 20 20 | 7: 20 20;                10; REST 2 x 22 contacts from 11
            2; 2 x 20 contacts; 0: 20 20 | 3: 20 20 | 7: 22 22;     10; SAME 2 x 22 contacts
            """)
    void contacts(int pain, String usual, String told, int today, String expected) {
        assertNext(Progression.CONTACTS, pain, usual, told, today, expected);
    }
}
