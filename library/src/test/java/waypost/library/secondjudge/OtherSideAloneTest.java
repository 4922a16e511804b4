package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.gate.DayGate;
import waypost.core.gate.Facts;
import waypost.core.gate.Gate;
import waypost.core.gate.Verdict;
import waypost.core.log.Hold;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;

/** What the other side does alone is judged as the second judge does: no hold, fall, landing or closed part is passed over. */
@Tag("slow")
class OtherSideAloneTest {

    private static final int COURSES = 80;

    @Test
    void asTheSecondJudgeSays() {
        Bundle bundle = Agreement.withHardCases();
        int open = 0;
        int freed = 0;
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse course = GeneratedCourse.of(bundle, seed);
            Gate gate = Gate.of(
                    Resolver.resolve(course.protocol(), course.answers(), course.clocks(), course.decisions()),
                    bundle.activities(),
                    bundle.measures());
            Facts facts = Agreement.facts(course);
            SecondPerson second = new SecondPerson(course);
            for (Activity activity : bundle.activities()) {
                for (Role role : activity.roles()) {
                    Verdict verdict = DayGate.alone(gate, facts).judgeOnOtherSide(role.key());
                    Optional<SecondJudge.Opinion> opinion =
                            role.hasImpact() ? Optional.of(second.judge(role)) : second.meanwhile(role);
                    opinion.ifPresent(said -> assertThat(verdict.kind().name())
                            .as(
                                    "%s on %s: %s",
                                    role.key(), course.date(), course.protocol().id())
                            .isEqualTo(said.kind()));
                    if (verdict.kind().isOpen()) {
                        assertThat(course.holds()).as(role.key().toString()).noneMatch(Hold::stopsEverything);
                        open++;
                        freed += gate.judge(role.key(), facts).kind().isOpen() ? 0 : 1;
                    }
                }
            }
        }
        assertThat(open).isGreaterThan(2000);
        assertThat(freed).as("open though closed on the operated side").isGreaterThan(200);
    }
}
