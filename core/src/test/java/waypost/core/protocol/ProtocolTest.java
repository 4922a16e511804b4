package waypost.core.protocol;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import waypost.core.gate.Fixture;
import waypost.core.limit.ActivityLimit;
import waypost.core.limit.Allowed;
import waypost.core.log.Hold;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;

class ProtocolTest {

    private static final Protocol PROTOCOL = new Fixture()
            .limit(new ActivityLimit(Fixture.head("first"), Set.of("a"), Fixture.sixWeeks(Allowed.nothing())))
            .limit(new ActivityLimit(Fixture.head("second"), Set.of("b"), Fixture.sixWeeks(Allowed.nothing())))
            .protocol();

    @Test
    void findsItsPartsByIdAndNamesThemWhenOneIsUnknown() {
        assertThat(PROTOCOL.limit("second").head().id()).isEqualTo("second");
        assertThat(PROTOCOL.phase("second")).isEqualTo(Fixture.SECOND);
        assertThat(PROTOCOL.criterion("bend")).isEqualTo(Fixture.BEND);
        assertThat(PROTOCOL.question("graft")).isEqualTo(Fixture.GRAFT);
        assertThatThrownBy(() -> PROTOCOL.limit("x")).hasMessage("limit: found 'x', allowed: first, second");
        assertThatThrownBy(() -> PROTOCOL.phase("x")).hasMessage("phase: found 'x', allowed: first, second");
        assertThatThrownBy(() -> PROTOCOL.criterion("x")).hasMessage("criterion: found 'x', allowed: bend");
        assertThatThrownBy(() -> PROTOCOL.question("x")).hasMessage("question: found 'x', allowed: graft");
    }

    @Test
    void phasesFollowEachOther() {
        assertThat(PROTOCOL.after(Fixture.FIRST)).contains(Fixture.SECOND);
        assertThat(PROTOCOL.after(Fixture.SECOND)).isEmpty();
        assertThat(PROTOCOL.hasReached("second", "first")).isTrue();
        assertThat(PROTOCOL.hasReached("first", "first")).isTrue();
        assertThat(PROTOCOL.hasReached("first", "second")).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"1 a day", "24 a day", "1 a week", "21 a week"})
    void frequenciesAreReadAsTheyAreWritten(String text) {
        assertThat(Frequency.parse(text)).hasToString(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 a day|frequency: found 0 a day, allowed: 1 to 24",
                "25 a day|frequency: found 25 a day, allowed: 1 to 24",
                "22 a week|frequency: found 22 a week, allowed: 1 to 21",
                "often|found 'often', allowed: such as '10 a day' or '3 a week'"
            })
    void otherFrequenciesAreRefused(String text, String message) {
        assertThatThrownBy(() -> Frequency.parse(text)).hasMessage(message);
    }

    @ParameterizedTest
    @CsvSource({"0,5", "100,5", "50,0"})
    void aReEntryIsLowerThanTheLastDoseForAtLeastADay(int percent, int days) {
        assertThatThrownBy(() -> new HoldRule.ReEntry(percent, days))
                .hasMessage("re-entry: found " + percent + " % for " + days
                        + " days, allowed: 1 to 99 % for at least one day");
        assertThat(new HoldRule.ReEntry(1, 1).percent()).isEqualTo(1);
        assertThat(new HoldRule.ReEntry(99, 1).percent()).isEqualTo(99);
    }

    @Test
    void aRuleOnHoldsIsAboutItsKindsOrAboutAll() {
        LocalDate day = Fixture.DAY_ZERO;
        Hold wound = new Hold(Hold.Kind.WOUND, "w", day, day, Optional.empty(), "tester");

        assertThat(rule(Set.of()).isAbout(wound)).isTrue();
        assertThat(rule(Set.of(Hold.Kind.WOUND)).isAbout(wound)).isTrue();
        assertThat(rule(Set.of(Hold.Kind.FLARE)).isAbout(wound)).isFalse();
    }

    private static HoldRule rule(Set<Hold.Kind> kinds) {
        return new HoldRule("h", kinds, OptionalInt.empty(), "", Optional.empty());
    }

    @Test
    void aCorridorNamesItsLesserBoundFirst() {
        assertThat(new FollowUp.Point(Moment.parse("day 0"), 5, 5).low()).isEqualTo(5);
        assertThatThrownBy(() -> new FollowUp.Point(Moment.parse("day 0"), 6, 5))
                .hasMessage("corridor: found 6.0 to 5.0, allowed: the lesser first");
    }

    @Test
    void aCourseBeginsOnDayZeroUnlessItsFirstPhaseComesBefore() {
        assertThat(new Fixture().protocol().begins(Fixture.DAY_ZERO)).isEqualTo(CourseDay.ZERO);
        assertThat(beginning("day -180").begins(Fixture.DAY_ZERO)).isEqualTo(new CourseDay(-180));
    }

    private static Protocol beginning(String moment) {
        return new Protocol(
                PROTOCOL.id(),
                PROTOCOL.title(),
                PROTOCOL.version(),
                PROTOCOL.clock(),
                PROTOCOL.source(),
                PROTOCOL.review(),
                PROTOCOL.scope(),
                PROTOCOL.questions(),
                List.of(Fixture.phase("learn", moment, List.of()), Fixture.SECOND),
                PROTOCOL.criteria(),
                PROTOCOL.rules(),
                PROTOCOL.followUp(),
                PROTOCOL.parts());
    }
}
