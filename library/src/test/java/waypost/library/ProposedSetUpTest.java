package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.course.Standing;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.RoleKey;
import waypost.core.log.SetDone;
import waypost.core.log.WorkLog;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Ground;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;
import waypost.core.progression.Way;

/** Where the usual set-up asks too much, the nearest easier one is proposed before a part of the movement is cut away. */
class ProposedSetUpTest {

    private static final String POSTERIOR =
            "block=none operation=first side-muscles=none bone=none approach=posterior weight=as-tolerated precautions=set duration=twelve";
    private static final DayOfWork WELL = new DayOfWork(0, Optional.empty(), Optional.empty());

    /** A chair of 45 cm bends the hip past 90°; one of 50 cm does not. */
    @ParameterizedTest
    @CsvSource({"20,seat height: 50 cm", "100,seat height: 45 cm"})
    void theSeatIsAsHighAsTheHipNeeds(int day, String setUp) {
        Proposal proposal = new Proposals(
                        new TableCourse("hip.replacement").with(POSTERIOR).standing(day), WorkLog.NONE, WELL)
                .of(RoleKey.of("chair-rise/both"));

        assertThat(proposal.toDo().orElseThrow().dose().setUp()).hasToString(setUp);
    }

    /** Twice clean on 50 cm, and 45 cm would bend the hip too far: the same again, and not called more. */
    @Test
    void whatTheGateDoesNotLeaveIsNotCalledMore() {
        RoleKey rise = RoleKey.of("chair-rise/both");
        Standing standing = new TableCourse("hip.replacement").with(POSTERIOR).standing(20);
        Arrangement seat = Arrangement.parse("seat height: 50 cm");
        List<SetDone> sets = Stream.of(4, 4, 4, 2, 2, 2)
                .map(back -> new SetDone(
                        rise, standing.date().minusDays(back), 8, Optional.empty(), seat, 0, SetDone.Form.GOOD))
                .toList();

        Proposal.Do next = new Proposals(standing, new WorkLog(sets, List.of()), WELL)
                .of(rise)
                .toDo()
                .orElseThrow();

        assertThat(next.dose().setUp()).isEqualTo(seat);
        assertThat(next.way()).isEqualTo(Way.SAME);
        assertThat(next.why()).hasAtLeastOneElementOfType(Ground.UnderTheGate.class);
    }
}
