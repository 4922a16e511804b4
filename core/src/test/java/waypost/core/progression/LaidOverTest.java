package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.Fixture.flexion;
import static waypost.core.gate.LadderCourse.DATE;
import static waypost.core.gate.LadderCourse.exercise;
import static waypost.core.gate.LadderCourse.operated;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import waypost.core.body.Mode;
import waypost.core.body.Tissue;
import waypost.core.demand.Demand;
import waypost.core.demand.Level;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Purpose;
import waypost.core.exercise.RoleKey;
import waypost.core.gate.LadderCourse;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;

/** From what was done to another rung, a rest, a neighbour or less, through the brakes of the day. */
class LaidOverTest {

    private static final RoleKey FIRST = operated("press-1");
    private static final RoleKey SECOND = operated("press-2");
    private static final RoleKey THIRD = operated("press-3");
    private static final DayOfWork QUIET = new DayOfWork(0, Optional.empty(), Optional.empty());

    private static Activity.Exercise rung(int rung, Demand... more) {
        return exercise("press-" + rung, "press", rung, Purpose.STRENGTH, more);
    }

    private static LadderCourse threeRungs() {
        return new LadderCourse().open(rung(1)).open(rung(2)).open(rung(3));
    }

    private static List<SetDone> done(RoleKey role, int pain, int... daysBack) {
        List<SetDone> sets = new ArrayList<>();
        for (int back : daysBack) {
            SetDone set = new SetDone(role, DATE.minusDays(back), 10, Optional.empty(), pain, SetDone.Form.GOOD);
            sets.add(set);
            sets.add(set);
        }
        return sets;
    }

    @SafeVarargs
    private static WorkLog work(List<SetDone>... parts) {
        List<SetDone> all = new ArrayList<>();
        for (List<SetDone> part : parts) {
            all.addAll(part);
        }
        return new WorkLog(all, List.of());
    }

    private static Proposal of(RoleKey role, LadderCourse course, WorkLog work, DayOfWork day) {
        return new Proposals(course.standing(), work, day).of(role);
    }

    private static Proposal.Do toDo(RoleKey role, LadderCourse course, WorkLog work, DayOfWork day) {
        return of(role, course, work, day).toDo().orElseThrow();
    }

    /** Ten of ten, twice running, and nothing to hold: the next rung. */
    @Test
    void theTopReachedTwiceLeadsToTheNextRung() {
        Proposal.Do next = toDo(SECOND, threeRungs(), work(done(SECOND, 0, 4, 2)), QUIET);

        assertThat(next.role()).isEqualTo(THIRD);
        assertThat(next.asked()).isEqualTo(SECOND);
        assertThat(next.way()).isEqualTo(Way.NEXT_RUNG);
    }

    @Test
    void onTheLastRungItStays() {
        Proposal.Do stays = toDo(THIRD, threeRungs(), work(done(THIRD, 0, 4, 2)), QUIET);

        assertThat(stays.role()).isEqualTo(THIRD);
        assertThat(stays.why()).contains(new Ground.EndOfLadder(true));
    }

    @Test
    void aNextRungThatIsClosedOrFinishedIsNotLedTo() {
        LadderCourse closed = new LadderCourse().open(rung(1)).open(rung(2)).with(rung(3), "day 41");
        LadderCourse finished = new LadderCourse()
                .reading(flexion(120, 38))
                .open(rung(1))
                .open(rung(2))
                .finishedAtTheBend(rung(3));

        for (LadderCourse course : List.of(closed, finished)) {
            Proposal.Do stays = toDo(SECOND, course, work(done(SECOND, 0, 4, 2)), QUIET);
            assertThat(stays.role()).isEqualTo(SECOND);
            assertThat(stays.why()).anyMatch(Ground.NextRungClosed.class::isInstance);
        }
    }

    /** Who already does the harder rung is led on from what was done there. */
    @Test
    void whatWasDoneOnTheHarderRungSinceIsTheStart() {
        Proposal.Do there = toDo(SECOND, threeRungs(), work(done(SECOND, 0, 8, 6), done(THIRD, 0, 2)), QUIET);
        Proposal.Do back = toDo(SECOND, threeRungs(), work(done(THIRD, 0, 9), done(SECOND, 0, 4, 2)), QUIET);

        assertThat(there.role()).isEqualTo(THIRD);
        assertThat(there.way()).isEqualTo(Way.SAME);
        assertThat(back.way()).isEqualTo(Way.NEXT_RUNG);
    }

    @ParameterizedTest
    @EnumSource(Brake.class)
    void everyBrakeHoldsWhatWouldGoUp(Brake brake) {
        Proposal.Do held = toDo(
                SECOND,
                threeRungs(),
                work(done(SECOND, 0, 4, 2)),
                new DayOfWork(0, Optional.of(brake), Optional.empty()));

        assertThat(held.role()).isEqualTo(SECOND);
        assertThat(held.way()).isEqualTo(Way.SAME);
        assertThat(held.why()).contains(new Ground.ProgressHeld(brake));
    }

    /** More than fourteen days away: as last time. */
    @ParameterizedTest
    @CsvSource({"14,false", "15,true"})
    void aLongBreakHolds(int daysBack, boolean held) {
        Proposal.Do proposed = toDo(SECOND, threeRungs(), work(done(SECOND, 0, daysBack + 2, daysBack)), QUIET);

        assertThat(proposed.why().contains(new Ground.LongBreak(daysBack))).isEqualTo(held);
        assertThat(proposed.role()).isEqualTo(held ? SECOND : THIRD);
    }

    @Test
    void tooMuchPainLeadsBackAndOnTheFirstRungToHalf() {
        Proposal.Do back = toDo(SECOND, threeRungs(), work(done(SECOND, 7, 2)), QUIET);
        Proposal.Do half = toDo(FIRST, threeRungs(), work(done(FIRST, 7, 2)), QUIET);

        assertThat(back.role()).isEqualTo(FIRST);
        assertThat(back.way()).isEqualTo(Way.RUNG_BEFORE);
        assertThat(half.role()).isEqualTo(FIRST);
        assertThat(half.way()).isEqualTo(Way.DOWN);
        assertThat(half.dose().sets()).isEqualTo(1);
        assertThat(half.why()).contains(new Ground.EndOfLadder(false));
    }

    @Test
    void aClosedRungNamesItsEasierNeighbour() {
        LadderCourse course = new LadderCourse().open(rung(1)).with(rung(2), "day 41");
        Proposal closed = of(SECOND, course, WorkLog.NONE, QUIET);

        assertThat(closed).isInstanceOf(Proposal.Closed.class);
        assertThat(closed.toDo()).hasValueSatisfying(instead -> {
            assertThat(instead.role()).isEqualTo(FIRST);
            assertThat(instead.asked()).isEqualTo(SECOND);
        });
    }

    @Test
    void whatIsFinishedIsNotDosed() {
        LadderCourse course = new LadderCourse().reading(flexion(120, 38)).finishedAtTheBend(rung(1));

        assertThat(of(FIRST, course, WorkLog.NONE, QUIET)).isEqualTo(new Proposal.Finished(FIRST));
    }

    /** What its tissue did yesterday closes it today, and no neighbour that rests stands in. */
    @Test
    void aTissueThatWorkedHardYesterdayRests() {
        Demand hard = new Demand.TissueLoad(Tissue.QUADRICEPS, Level.HIGH, Mode.RESISTED, Optional.empty());
        LadderCourse course =
                new LadderCourse().open(rung(1, hard)).open(rung(2, hard)).with(rung(3, hard), "day 41");
        WorkLog yesterday = work(done(FIRST, 0, 1));

        assertThat(of(SECOND, course, yesterday, QUIET))
                .isEqualTo(new Proposal.Rest(
                        SECOND,
                        DATE.plusDays(1),
                        List.of(new Ground.TissueRests(Tissue.QUADRICEPS, FIRST, DATE.minusDays(1)))));
        assertThat(of(THIRD, course, yesterday, QUIET).toDo()).isEmpty();
    }

    /** A set less of strength, never the last set, and nothing of what is not strength. */
    @Test
    void strengthGivesWayToSportThatRose() {
        DayOfWork sporty = new DayOfWork(0, Optional.empty(), Optional.of(new Ground.SportRose(100, 180)));
        LadderCourse mobility = new LadderCourse().open(exercise("slide", "slide", 1, Purpose.MOBILITY));

        Proposal.Do strength = toDo(FIRST, threeRungs(), WorkLog.NONE, sporty);
        assertThat(strength.dose().sets()).isEqualTo(1);
        assertThat(strength.why()).contains(new Ground.SportRose(100, 180));
        assertThat(toDo(operated("slide"), mobility, WorkLog.NONE, sporty)
                        .dose()
                        .sets())
                .isEqualTo(2);
        assertThat(toDo(FIRST, threeRungs(), work(done(FIRST, 7, 2)), sporty)
                        .dose()
                        .sets())
                .isEqualTo(1);
    }
}
