package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Mode;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.course.Outlook;
import waypost.core.followup.StrictRange;
import waypost.core.followup.StrictRange.Asked;
import waypost.core.followup.StrictRange.Compensation;
import waypost.core.followup.StrictTaken;
import waypost.core.followup.StrictTaken.Objection;
import waypost.core.log.Evidence;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.simulated.PlainAnswers;

class StrictRangeTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);

    private static StrictRange on(String protocol, int day) {
        Course course = Course.of(
                Resolver.resolve(BUNDLE.protocol(protocol), PlainAnswers.of(BUNDLE.protocol(protocol)), DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));
        LocalDate date = DAY_ZERO.plusDays(day);
        return StrictRange.of(course.on(date, DAY_ZERO, Outlook.TO_PLAN));
    }

    private static String told(StrictRange range, String measure) {
        Asked asked = asked(range, measure);
        return told(asked, Mode.PASSIVE) + " " + told(asked, Mode.ACTIVE);
    }

    private static String told(Asked asked, Mode mode) {
        return asked.by(mode)
                .map(reach -> reach.degrees().isPresent()
                        ? String.valueOf(Math.round(reach.degrees().getAsDouble()))
                        : "free")
                .orElse("no");
    }

    private static Asked asked(StrictRange range, String measure) {
        return range.asked().stream()
                .filter(each -> each.measure().id().equals(measure))
                .findFirst()
                .orElseThrow();
    }

    /** Moved and by itself, read off the protocols' own limits and openings; "free" as far as it goes. */
    @ParameterizedTest
    @CsvSource({
        "shoulder.cuff-repair, 10, shoulder-flexion, no no",
        "shoulder.cuff-repair, 10, shoulder-external-rotation-90, no no",
        "shoulder.cuff-repair, 30, shoulder-external-rotation, 30 no",
        "shoulder.cuff-repair, 70, shoulder-flexion, free free",
        "shoulder.cuff-repair, 70, shoulder-abduction, free no",
        "shoulder.cuff-repair, 70, behind-back-level, no no",
        "shoulder.cuff-repair, 100, shoulder-external-rotation-45, free free",
        "shoulder.cuff-repair, 100, shoulder-external-rotation-90, no no",
        "shoulder.cuff-repair, 180, behind-back-level, free free",
        "shoulder.instability-repair, 30, shoulder-external-rotation, 30 30",
        "shoulder.instability-repair, 30, behind-back-level, no no",
        "shoulder.replacement-reverse, 50, shoulder-flexion, 120 120",
        "shoulder.replacement-reverse, 50, shoulder-external-rotation, 40 no"
    })
    void isAskedNoFurtherThanAnExerciseMovesIt(String protocol, int day, String measure, String expected) {
        assertThat(told(on(protocol, day), measure)).isEqualTo(expected);
    }

    private static StrictTaken taken(double passive, double active, double strict, Compensation... by) {
        return new StrictTaken(
                OptionalDouble.of(passive), OptionalDouble.of(active), OptionalDouble.of(strict), Set.of(by));
    }

    @Test
    void whatHelpedIsNamed() {
        Asked raise = asked(on("shoulder.cuff-repair", 180), "shoulder-flexion");
        assertThat(taken(150, 140, 120).objection(raise)).contains(new Objection.HelpUnnamed());
        assertThat(taken(150, 140, 120, Compensation.BACK_ARCHES).objection(raise))
                .isEmpty();
        assertThat(taken(150, 140, 140, Compensation.BACK_ARCHES).objection(raise))
                .contains(new Objection.HelpForNothing());
        assertThat(taken(150, 140, 145, Compensation.BACK_ARCHES).objection(raise))
                .contains(new Objection.FurtherThan("without help", 145, "by itself", 140));
        assertThat(taken(130, 140, 140).objection(raise))
                .contains(new Objection.FurtherThan("by itself", 140, "moved", 130));
        assertThat(taken(136, 140, 140).objection(raise)).isEmpty();
        assertThat(taken(400, 140, 140).objection(raise))
                .contains(new Objection.NoValue(
                        400, raise.measure().least(), raise.measure().most()));
    }

    @Test
    void noFurtherThanToday() {
        StrictRange early = on("shoulder.cuff-repair", 30);
        Asked out = asked(early, "shoulder-external-rotation");
        assertThat(new StrictTaken(OptionalDouble.of(31), OptionalDouble.empty(), OptionalDouble.empty(), Set.of())
                        .objection(out))
                .contains(new Objection.TooFar(Mode.PASSIVE, 31, 30));
        assertThat(new StrictTaken(OptionalDouble.empty(), OptionalDouble.of(10), OptionalDouble.empty(), Set.of())
                        .objection(out))
                .contains(new Objection.NotOpen(Mode.ACTIVE));
        assertThat(new StrictTaken(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Set.of())
                        .objection(out))
                .contains(new Objection.Nothing());
    }

    @Test
    void theWorseArmSetsHowFarBothGo() {
        assertThat(StrictRange.both(OptionalDouble.of(150), OptionalDouble.of(120)))
                .hasValue(120);
        assertThat(StrictRange.both(OptionalDouble.of(150), OptionalDouble.empty()))
                .isEmpty();
    }
}
