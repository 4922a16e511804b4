package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.DAY_ZERO;
import static waypost.core.gate.Fixture.reading;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.exercise.Purpose;
import waypost.core.gate.LadderCourse;
import waypost.core.log.Response;
import waypost.core.log.WorkLog;
import waypost.core.measure.Amount;
import waypost.core.measure.Measure;
import waypost.core.measure.MeasuringError;
import waypost.core.measure.Method;
import waypost.core.measure.Reading;
import waypost.core.measure.Taken;
import waypost.core.measure.Unit;
import waypost.core.safety.CheckIn;
import waypost.core.safety.RedFlag;
import waypost.core.safety.Tier;

/** What of a check-in, of the joint and of the last session holds every dose of a day; and what sport takes. */
class DayOfWorkTest {

    private static final Measure EFFUSION = measure("effusion", Unit.EFFUSION_GRADE);
    private static final List<RedFlag> ASKED = Arrays.stream(Tier.values())
            .map(tier -> new RedFlag(tier.name(), "?", tier, "", "", Set.of(), Set.of()))
            .toList();

    private static Measure measure(String id, Unit unit) {
        return new Measure(
                id,
                id,
                unit,
                Optional.empty(),
                Optional.empty(),
                MeasuringError.NONE,
                List.of(),
                14,
                true,
                Measure.Better.LOWER,
                0,
                4,
                Optional.empty(),
                OptionalInt.empty(),
                Taken.by(Method.GRADE),
                "test");
    }

    private static CheckIn said(CheckIn.Swelling swelling, String... flags) {
        return new CheckIn(2, Optional.empty(), Optional.empty(), swelling, Set.of(flags));
    }

    private static LadderCourse course() {
        return new LadderCourse().measure(EFFUSION).open(exercise("press", "press", 1, Purpose.STRENGTH));
    }

    private static Optional<Brake> brake(Optional<CheckIn> said, LadderCourse course, WorkLog work) {
        return DayOfWork.of(said, ASKED, course.standing(), work).brake();
    }

    @ParameterizedTest
    @CsvSource(
            value = {
                "NONE,-,-",
                "AS_BEFORE,-,-",
                "MORE,-,MORE_SWELLING",
                "NONE,HOLD_PROGRESS,FLAG_HOLDS_PROGRESS",
                "MORE,HOLD_PROGRESS,FLAG_HOLDS_PROGRESS",
                "NONE,STEP_BACK,FLAG_STEPS_BACK",
                "NONE,EMERGENCY,FLAG_HOLDS_PROGRESS",
                "NONE,somebody else's,-"
            },
            nullValues = "-")
    void whatIsSaidOnComingIn(CheckIn.Swelling swelling, String flag, Brake expected) {
        CheckIn said = flag == null ? said(swelling) : said(swelling, flag);

        assertThat(brake(Optional.of(said), course(), WorkLog.NONE)).isEqualTo(Optional.ofNullable(expected));
    }

    @Test
    void theGraverOfTwoFlagsCountsAndTheBaselineIsWhatWasSaid() {
        DayOfWork day = DayOfWork.of(
                Optional.of(said(CheckIn.Swelling.NONE, "HOLD_PROGRESS", "STEP_BACK")),
                ASKED,
                course().standing(),
                WorkLog.NONE);

        assertThat(day.brake()).contains(Brake.FLAG_STEPS_BACK);
        assertThat(day.baseline()).isEqualTo(2);
        assertThat(DayOfWork.of(Optional.empty(), ASKED, course().standing(), WorkLog.NONE))
                .isEqualTo(new DayOfWork(0, Optional.empty(), Optional.empty()));
    }

    /** 2+ by the stroke test, which is the third step of its scale, while it is fresh: 14 days. */
    @ParameterizedTest
    @CsvSource({"2,40,false", "3,40,true", "4,40,true", "3,26,true", "3,25,false"})
    void effusionHolds(int grade, int day, boolean holds) {
        LadderCourse course = course().reading(reading(EFFUSION, Side.RIGHT, grade, day));

        assertThat(brake(Optional.empty(), course, WorkLog.NONE))
                .isEqualTo(holds ? Optional.of(Brake.EFFUSION) : Optional.empty());
    }

    /** Only the last answer counts, and not one of the day itself. */
    @Test
    void aFlareAfterTheLastSessionHolds() {
        assertThat(brake(Optional.empty(), course(), answered(2, true))).contains(Brake.FLARED_LAST_TIME);
        assertThat(brake(Optional.empty(), course(), answered(2, false))).isEmpty();
        assertThat(brake(Optional.empty(), course(), answered(0, true))).isEmpty();
        assertThat(brake(
                        Optional.empty(),
                        course(),
                        new WorkLog(List.of(), List.of(response(5, true), response(2, false)))))
                .isEmpty();
    }

    private static WorkLog answered(int daysBack, boolean swollen) {
        return new WorkLog(List.of(), List.of(response(daysBack, swollen)));
    }

    private static Response response(int daysBack, boolean swollen) {
        return new Response(
                DATE.minusDays(daysBack), 0, Optional.empty(), Optional.empty(), swollen, Response.Soreness.NONE);
    }

    private static Reading sport(int day, int minutes) {
        return new Reading(
                DayOfWork.SPORT_MINUTES,
                Side.RIGHT,
                Mode.ACTIVE,
                Amount.of(minutes, Unit.COUNT),
                DAY_ZERO.plusDays(day),
                true,
                "tester",
                Optional.empty(),
                Optional.empty());
    }

    /** The minutes of a week against those told at least five days before; told within the last ten days. */
    @ParameterizedTest
    @CsvSource({"35,40,true", "36,40,false", "20,30,true", "20,29,false"})
    void sportOfThisWeekAgainstTheWeekBefore(int before, int now, boolean rose) {
        LadderCourse course = course().reading(sport(before, 100)).reading(sport(now, 180));

        assertThat(DayOfWork.of(Optional.empty(), ASKED, course.standing(), WorkLog.NONE)
                        .sport())
                .isEqualTo(rose ? Optional.of(new Ground.SportRose(100, 180)) : Optional.empty());
    }
}
