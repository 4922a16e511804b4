package waypost.core.sport;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.progression.Ground;

class SportPlanTest {

    private static final LocalDate MONDAY = LocalDate.of(2031, 4, 7);

    private static SportGoal goal(int weeksAhead, int rise, double load) {
        return new SportGoal("spring run", MONDAY.plusWeeks(weeksAhead).plusDays(5), rise, load);
    }

    private static Map<LocalDate, Double> weeks(double... loads) {
        Map<LocalDate, Double> byDay = new HashMap<>();
        for (int back = 0; back < loads.length; back++) {
            byDay.put(MONDAY.minusWeeks(loads.length - back).plusDays(2), loads[back]);
        }
        return byDay;
    }

    /** Worked by hand: 300, then 330, 363, 399, 438, 481 at most; half of that in the last two weeks. */
    @Test
    void risesByTheStatedShareAndIsHalvedBeforeTheDay() {
        SportPlan plan = SportPlan.of(goal(6, 10, 1000), MONDAY.plusDays(3), weeks(280, 300));

        assertThat(plan.ahead())
                .extracting(LoadWeek::load)
                .containsExactly(330.0, 363.0, 399.0, 438.0, 481.0, 240.0, 240.0);
        assertThat(plan.ahead())
                .extracting(LoadWeek::kind)
                .endsWith(LoadWeek.Kind.BUILD, LoadWeek.Kind.TAPER, LoadWeek.Kind.TAPER);
        assertThat(plan.reached()).isEmpty();
        // 529, 581, 639, 702, 772, 849, 933, 1000
        assertThat(plan.weeksMissing()).hasValue(8);
    }

    @Test
    void neverRisesAboveWhatTheSportAsks() {
        SportPlan plan = SportPlan.of(goal(5, 20, 350), MONDAY, weeks(300));

        assertThat(plan.ahead()).extracting(LoadWeek::load).containsExactly(350.0, 350.0, 350.0, 350.0, 175.0, 175.0);
        assertThat(plan.reached()).contains(MONDAY);
        assertThat(plan.weeksMissing()).isEmpty();
    }

    /** After a week without sport it begins at half of the last one with any: 400, nothing, then 200 and a tenth. */
    @Test
    void aBreakSetsItBack() {
        assertThat(SportPlan.of(goal(4, 10, 1000), MONDAY, weeks(400, 0))
                        .ahead()
                        .get(0)
                        .load())
                .isEqualTo(220);
    }

    @Test
    void nothingIsPlannedFromNothingAndNothingAfterTheEvent() {
        assertThat(SportPlan.of(goal(4, 10, 1000), MONDAY, Map.of()).ahead()).isEmpty();
        assertThat(SportPlan.of(goal(4, 10, 1000), MONDAY, Map.of()).weeksMissing())
                .isEmpty();
        assertThat(SportPlan.of(goal(-3, 10, 1000), MONDAY, weeks(300)).ahead()).isEmpty();
    }

    /** Days of one week add up; this week is not counted as done. */
    @Test
    void daysOfAWeekAddUp() {
        Map<LocalDate, Double> loads =
                new HashMap<>(Map.of(MONDAY.minusDays(1), 100.0, MONDAY.minusDays(7), 120.0, MONDAY, 999.0));

        assertThat(SportPlan.of(goal(4, 10, 1000), MONDAY.plusDays(1), loads).done())
                .extracting(LoadWeek::load)
                .containsExactly(0.0, 0.0, 0.0, 220.0);
    }

    @ParameterizedTest
    @CsvSource({"0, 100", "21, 100", "10, 0", "10, -5"})
    void aGoalBeyondBoundsIsRefused(int rise, double load) {
        assertThatThrownBy(() -> goal(4, rise, load)).hasMessageContaining("allowed: 1 to 20 %");
    }

    /** Whatever was done and is wanted, no week is more than the stated share above the one before, nor above the goal. */
    @Test
    void noGeneratedPlanRisesFaster() {
        Random random = new Random(31);
        for (int nth = 0; nth < 10_000; nth++) {
            SportGoal goal = goal(random.nextInt(40), 1 + random.nextInt(20), 1 + random.nextInt(4000));
            Map<LocalDate, Double> done = weeks(
                    random.nextInt(3000), random.nextInt(4) == 0 ? 0 : random.nextInt(3000), random.nextInt(3) * 500);
            SportPlan plan = SportPlan.of(goal, MONDAY.plusDays(random.nextInt(7)), done);
            double before =
                    done.values().stream().mapToDouble(load -> load).max().orElse(0);
            List<LoadWeek> ahead = plan.ahead();
            for (int week = 0; week < ahead.size(); week++) {
                double most = week == 0 ? before : ahead.get(week - 1).load();
                if (week > 0 || most > 0) {
                    assertThat(ahead.get(week).load())
                            .isLessThanOrEqualTo(most * (100 + goal.mostRisePercent()) / 100)
                            .isLessThanOrEqualTo(goal.load());
                }
            }
        }
    }

    /** The event is on a Saturday: strength tapers from the Monday of the week before until that day. */
    @ParameterizedTest
    @CsvSource({"-13,false", "-12,true", "-1,true", "0,true", "1,false"})
    void strengthTapersInTheLastTwoWeeks(int days, boolean tapers) {
        SportGoal goal = goal(3, 10, 500);

        assertThat(goal.taperOn(goal.on().plusDays(days)))
                .isEqualTo(tapers ? Optional.of(new Ground.EventNear(goal.on())) : Optional.empty());
    }
}
