package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.RoleKey;
import waypost.core.log.WorkLog;
import waypost.core.progression.DayOfWork;
import waypost.core.progression.Proposal;
import waypost.core.progression.Proposals;

/** Where the usual set-up asks too much, the nearest easier one is proposed before a part of the movement is cut away. */
class ProposedSetUpTest {

    private static final DayOfWork WELL = new DayOfWork(0, Optional.empty(), Optional.empty());

    /** A chair of 45 cm bends the hip past 90°; one of 50 cm does not. */
    @ParameterizedTest
    @CsvSource({
        "hip.replacement,approach=posterior weight=as-tolerated precautions=set duration=twelve,20,chair-rise/both,seat height: 50 cm",
        "hip.replacement,approach=posterior weight=as-tolerated precautions=set duration=twelve,100,chair-rise/both,seat height: 45 cm"
    })
    void theSeatIsAsHighAsTheHipNeeds(String protocol, String answers, int day, String role, String setUp) {
        Proposal proposal = new Proposals(
                        new TableCourse(protocol).with(answers).standing(day), WorkLog.NONE, WELL)
                .of(RoleKey.of(role));

        assertThat(proposal.toDo().orElseThrow().dose().setUp()).hasToString(setUp);
    }
}
