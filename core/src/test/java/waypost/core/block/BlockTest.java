package waypost.core.block;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.body.Motion;
import waypost.core.course.Course;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.prescription.DayKind;
import waypost.core.prescription.Week;

/** A block looks at its own weeks; hand-worked on a course whose day 40 is {@link LadderCourse#DATE}. */
class BlockTest {

    private static final Course COURSE = new LadderCourse()
            .open(exercise("press-1", "press", 1, Purpose.STRENGTH))
            .with(exercise("press-2", "press", 2, Purpose.STRENGTH), "day 47")
            .with(exercise("press-3", "press", 3, Purpose.STRENGTH), "day 61")
            .with(exercise("press-4", "press", 4, Purpose.STRENGTH), "day 90")
            .open(exercise("bend", "bend", 1, Purpose.MOBILITY))
            .standing()
            .course();

    /** Weeks of four from today: what opens on day 61 is in, what opens on day 90 is not. */
    @ParameterizedTest
    @CsvSource({
        "0,4,press-1,0",
        "0,4,press-2,7",
        "0,4,press-3,21",
        "0,4,press-4,",
        "7,4,press-2,7",
        "14,4,press-1,14",
        "-21,4,press-1,0",
        "-21,4,press-2,",
        "0,1,press-2,",
        "28,4,press-4,50",
        "-28,4,press-1,"
    })
    void theFirstDayOnWhichItIsMeant(int begins, int weeks, String role, Integer meant) {
        BlockAhead ahead = BlockAhead.of(COURSE, DATE, new BlockSpan(DATE.plusDays(begins), weeks));

        assertThat(ahead.of(operated(role)).map(FirstDay::on))
                .isEqualTo(Optional.ofNullable(meant).map(DATE::plusDays));
    }

    /** The next block takes over on its first day; one that begins at the same time or later leaves it whole. */
    @ParameterizedTest
    @CsvSource({"7,7,1", "10,10,1", "27,27,3", "28,28,4", "40,28,4", "0,28,4"})
    void runsUntilTheNextBegins(int next, int days, int weeks) {
        BlockSpan ran = new BlockSpan(DATE, 4).until(DATE.plusDays(next));

        assertThat(ran.endsBefore()).isEqualTo(DATE.plusDays(days));
        assertThat(ran.weeks()).isEqualTo(weeks);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 7, -1})
    void weeksAreOneToSix(int weeks) {
        assertThatThrownBy(() -> new BlockSpan(DATE, weeks)).hasMessageContaining("allowed: 1 to 6 weeks");
    }

    @ParameterizedTest
    @CsvSource({
        "press-1 bend,press-1 bend,Stays press-1;Stays bend",
        "press-1,press-3,Harder press-3 from press-1 by 2",
        "press-3,press-2,Easier press-2 from press-3",
        "press-1,bend,New bend;LeftOut press-1",
        "press-1 press-2,press-2 press-3,Stays press-2;Harder press-3 from press-1 by 2",
        "'',bend,New bend",
        "bend,'',LeftOut bend"
    })
    void whatChanges(String before, String after, String changes) {
        assertThat(BlockChange.between(COURSE, roles(before), roles(after)).stream()
                        .map(BlockTest::told))
                .containsExactly(changes.split(";"));
    }

    private static List<RoleKey> roles(String written) {
        return Arrays.stream(written.split(" "))
                .filter(id -> !id.isEmpty())
                .map(LadderCourse::operated)
                .toList();
    }

    private static String told(BlockChange change) {
        String what = change.getClass().getSimpleName() + " " + change.role().activity();
        if (change instanceof BlockChange.Harder harder) {
            return what + " from " + harder.before().activity() + " by "
                    + harder.steps().size();
        }
        return change instanceof BlockChange.Easier easier
                ? what + " from " + easier.before().activity()
                : what;
    }

    /** Worked on six days of a block of two weeks; three sets of it were asked on each from its day on. */
    @ParameterizedTest
    @CsvSource({
        // meant from, days of kind, sets done on days 0 2 4 7 9 11 -> days meant, sets meant, done, share
        "-,-,3 3 3 3 3 3,6,18,18,100",
        "-,-,3 2 0 3 1 0,6,18,9,50",
        "7,-,0 0 0 3 3 1,3,9,7,77",
        "-,A,3 0 3 3 0 0,4,12,9,75",
        "-,-,4 4 4 4 4 4,6,18,24,100",
        "20,-,0 0 0 0 0 0,0,0,0,-"
    })
    void whatWasDoneOfWhatWasMeant(String from, String kind, String done, int days, int meant, int sets, String share) {
        BlockSpan span = new BlockSpan(LocalDate.of(2031, 3, 3), 2);
        RoleKey role = operated("press-1");
        BlockDone.Asked asked = new BlockDone.Asked(
                new Meant(
                        role,
                        from.equals("-")
                                ? Optional.empty()
                                : Optional.of(span.begins().plusDays(Integer.parseInt(from)))),
                kind.equals("A") ? Set.of(DayKind.STRENGTH_A) : Set.of(),
                3);
        Week week = new Week(Stream.of("A", "O", "B", "O", "A", "O", "O")
                .map(day -> day.equals("O") ? DayKind.OFF : day.equals("A") ? DayKind.STRENGTH_A : DayKind.STRENGTH_B)
                .toList());

        BlockDone found = BlockDone.of(asked, work(span, role, done.split(" ")), span, week);

        assertThat(found.daysMeant()).isEqualTo(days);
        assertThat(found.setsMeant()).isEqualTo(meant);
        assertThat(found.setsDone()).isEqualTo(sets);
        assertThat(found.percent().isPresent() ? String.valueOf(found.percent().getAsInt()) : "-")
                .isEqualTo(share);
    }

    /** Another exercise is done on each day, so that the day was worked; before and after the block too. */
    private static WorkLog work(BlockSpan span, RoleKey role, String[] sets) {
        int[] days = {0, 2, 4, 7, 9, 11};
        List<SetDone> done = new ArrayList<>();
        done.add(set(role, span.begins().minusDays(1), 9));
        done.add(set(role, span.endsBefore(), 9));
        for (int nth = 0; nth < days.length; nth++) {
            LocalDate on = span.begins().plusDays(days[nth]);
            done.add(set(operated("bend"), on, 0));
            for (int set = 0; set < Integer.parseInt(sets[nth]); set++) {
                done.add(set(role, on, nth));
            }
        }
        return new WorkLog(done, List.of());
    }

    private static SetDone set(RoleKey role, LocalDate on, int pain) {
        return new SetDone(role, on, 8, Optional.empty(), pain, SetDone.Form.GOOD);
    }

    @Test
    void theMostPainIsThatOfTheBlock() {
        BlockSpan span = new BlockSpan(DATE, 2);
        RoleKey role = operated("press-1");
        BlockDone found = BlockDone.of(
                new BlockDone.Asked(Meant.always(role), Set.of(), 3),
                work(span, role, "3 3 3 1 0 0".split(" ")),
                span,
                Week.UNSAID);

        assertThat(found.worstPain()).hasValue(3);
        assertThat(found.first().orElseThrow().on()).isEqualTo(DATE);
        assertThat(found.last().orElseThrow().on()).isEqualTo(DATE.plusDays(7));
    }

    /** Every exercise of the course bends the knee by its own force; nothing straightens it. */
    @ParameterizedTest
    @CsvSource({"press-1,press-1,press-2 press-3 bend", "'','',press-1 press-2 press-3 bend"})
    void directionsThatThePlanWorks(String plan, String planned, String couldBe) {
        BlockAhead ahead = BlockAhead.of(COURSE, DATE, new BlockSpan(DATE, 4));

        assertThat(PlanesCovered.of(COURSE, roles(plan), ahead).planes())
                .singleElement()
                .satisfies(plane -> {
                    assertThat(plane.motion()).isEqualTo(Motion.KNEE_FLEXION);
                    assertThat(plane.planned()).isEqualTo(roles(planned));
                    assertThat(plane.couldBe()).isEqualTo(roles(couldBe));
                });
    }
}
