package waypost.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static waypost.core.gate.LadderCourse.operated;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.exercise.RoleKey;

/** Running stages from run to run, worked by hand; then every way in which it can go. */
class RunTableTest {

    /** Stages cost one contact more each; there is room for so many, and so many stages open. */
    private record Track(int stages, int contacts) implements RunTables.Rules {

        static RoleKey stage(int nth) {
            return operated("run-" + nth);
        }

        private static int cost(RoleKey stage) {
            return Integer.parseInt(stage.activity().substring(4));
        }

        @Override
        public RunTables.Opens after(RoleKey stage) {
            return cost(stage) < stages
                    ? new RunTables.Opens(Optional.of(stage(cost(stage) + 1)), Optional.empty())
                    : new RunTables.Opens(Optional.empty(), Optional.of(new Ground.EndOfLadder(true)));
        }

        @Override
        public boolean hasRoom(RoleKey stage, Map<RoleKey, Integer> done) {
            int soFar = done.entrySet().stream()
                    .mapToInt(each -> cost(each.getKey()) * each.getValue())
                    .sum();
            return soFar + cost(stage) <= contacts;
        }
    }

    private static RunTable table(int stages, int contacts, int most) {
        return RunTables.of(Track.stage(1), most, new Track(stages, contacts));
    }

    private static List<Boolean> runs(String text) {
        return text.chars().mapToObj(each -> each == 'c').toList();
    }

    /** c is clean, n is not. Three clean running open the next stage, nine over all stages are enough. */
    @ParameterizedTest
    @CsvSource({
        "9,99,9,'',1 0,",
        "9,99,9,cc,1 2,",
        "9,99,9,ccc,2 0,",
        "9,99,9,ccnccc,2 0,",
        "9,99,9,cccccc,3 0,",
        "9,99,9,ccccccccc,3 3,ENOUGH",
        "9,99,9,ccccccncc,3 2,ENOUGH",
        "9,99,4,cccc,2 1,ENOUGH",
        "1,99,9,ccccc,1 3,",
        "1,99,9,ccccccccc,1 3,ENOUGH",
        "9,99,9,nn,1 0,FORM",
        "9,99,9,ncn,1 0,",
        "9,99,9,cccnn,2 0,FORM",
        "9,9,9,ccccc,2 2,",
        "9,8,9,ccccc,2 2,FULL",
        "9,4,9,ccc,1 3,",
        "9,4,9,cccc,1 3,FULL"
    })
    void goesOnFromRunToRun(int stages, int contacts, int most, String done, String stands, String ended) {
        RunTable table = table(stages, contacts, most);
        RunTable.State state = table.after(runs(done));
        assertThat(state.stage() + 1 + " " + state.clean()).isEqualTo(stands);
        assertThat(state.ended().map(Enum::name).orElse(null)).isEqualTo(ended);
    }

    @Test
    void saysWhatOpened() {
        RunTable table = table(9, 99, 9);
        assertThat(table.after(runs("ccc")).opened()).isTrue();
        assertThat(table.after(runs("cccc")).opened()).isFalse();
        assertThat(table(1, 99, 9).stages())
                .singleElement()
                .satisfies(stage -> assertThat(stage.shut()).contains(new Ground.EndOfLadder(true)));
    }

    /** However it goes: never more than the session has, never over the contacts, never a stage that was not opened. */
    @Test
    void noWayLeadsBeyond() {
        for (int seed = 0; seed < 2000; seed++) {
            Random random = new Random(seed);
            int stages = 1 + random.nextInt(9);
            int contacts = 1 + random.nextInt(40);
            int most = 1 + random.nextInt(9);
            RunTable table = table(stages, contacts, most);
            assertThat(table.states()).hasSizeLessThan(400);
            List<Integer> ran = new ArrayList<>();
            RunTable.State now = table.states().get(0);
            int running = 0;
            while (now.ended().isEmpty()) {
                boolean clean = random.nextInt(4) > 0;
                ran.add(now.stage() + 1);
                RunTable.State next = table.states().get(clean ? now.afterClean() : now.afterOther());
                running = clean ? running + 1 : 0;
                assertThat(next.done()).isEqualTo(ran.size());
                assertThat(next.stage() - now.stage()).isBetween(0, running >= RunTable.CLEAN_TO_OPEN ? 1 : 0);
                running = next.stage() > now.stage() ? 0 : running;
                now = next;
            }
            assertThat(ran.size()).isLessThanOrEqualTo(most);
            assertThat(ran.stream().mapToInt(Integer::intValue).sum()).isLessThanOrEqualTo(contacts);
            assertThat(ran).allSatisfy(stage -> assertThat(stage).isLessThanOrEqualTo(stages));
        }
    }
}
