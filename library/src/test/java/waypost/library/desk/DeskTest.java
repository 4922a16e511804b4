package waypost.library.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static waypost.library.desk.ShippedDesks.SHIPPED;
import static waypost.library.desk.ShippedDesks.desk;
import static waypost.library.desk.ShippedDesks.moved;
import static waypost.library.desk.ShippedDesks.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import waypost.core.time.CourseDay;
import waypost.core.time.Moment;
import waypost.library.bundle.Bundle;
import waypost.library.text.RefusedException;

class DeskTest {

    @Test
    void aPhaseIsMovedInItsOwnWordsAndNothingElseIsWrittenAnew() {
        Desk before = desk("knee.meniscus-repair");
        Desk after = moved(before, "phases/walk/earliest", 56);
        assertThat(after.text(""))
                .isEqualTo(before.text("")
                        .replace("earliest: completed week 6\n", "earliest: completed week 8\n")
                        .replace("expected: completed week 6\n", "expected: completed week 8\n"));
        assertThat(moved(after, "phases/walk/earliest", 42).text("")).isEqualTo(before.text(""));
        assertThat(moved(before, "phases/walk/earliest", 45).text(""))
                .contains("earliest: day 45\n")
                .contains("expected: day 45\n");
    }

    @Test
    void whatAPartSaysIsTakenOverWhenItIsChanged() {
        Desk before = desk("knee.meniscus-repair");
        Post step = before.posts().stream()
                .filter(post -> post.file().equals("meniscus") && post.kind() == Post.Kind.LIMIT)
                .filter(post -> post.day().number() > 0)
                .findFirst()
                .orElseThrow();
        Desk after = moved(before, step.key(), step.day().number() + 7);
        assertThat(after.text("")).isEqualTo(before.text("").replace("- part: meniscus\n", "- part: own.meniscus\n"));
        assertThat(after.own().parts()).containsOnlyKeys("own.meniscus");
        assertThat(after.movedFrom(before)).hasSize(1).containsEntry("own." + step.key(), Optional.of(step));
        assertThat(after.text("own.meniscus"))
                .startsWith("part: own.meniscus\ntitle: \"Repaired meniscus, the clinic's own\"\n");
        assertThat(moved(after, "own." + step.key(), step.day().number()).text("own.meniscus"))
                .containsOnlyOnce("the clinic's own");
        assertThatThrownBy(() -> new OwnFiles(Optional.empty(), Map.of("meniscus", "part: meniscus"), Optional.empty()))
                .hasMessageContaining("allowed: one beginning with own.");
        Bundle read = after.read("own.1", List.of());
        assertThat(read.protocol("knee.meniscus-repair").parts().stream().map(part -> part.id()))
                .contains("own.meniscus", "leg-fall");
    }

    @Test
    void anOpeningGoesWithItsDayToThePhaseThatHasBegunByThen() {
        Desk before = desk("knee.meniscus-repair");
        String key = "openings/step-up/operated";
        assertThat(post(before, key).day()).isEqualTo(new CourseDay(42));
        Desk later = moved(before, key, 84);
        assertThat(later.text("")).contains("{ open: step-up/operated, phase: strength }");
        Desk between = moved(before, key, 49);
        assertThat(between.text("")).contains("{ open: step-up/operated, from: completed week 7, phase: walk }");
        assertThat(moved(between, key, 42).text("")).isEqualTo(before.text(""));
        assertThatThrownBy(() -> moved(before, key, -3))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("first phase");
    }

    @Test
    void stepsAreAddedInTheOrderOfTheirDaysAndTakenOutAgain() {
        Desk before = desk("hip.replacement");
        String rule = "limits/revision.weight";
        Desk more = before.with(new Change.Step(rule, new Moment.CompletedWeek(9), "75 %"));
        assertThat(more.text(""))
                .isEqualTo(before.text("")
                        .replace(
                                "      - { from: 12 weeks, allow: free }\n\nduties",
                                "      - { from: completed week 9, allow: 75 % }\n"
                                        + "      - { from: 12 weeks, allow: free }\n\nduties"));
        assertThat(more.with(new Change.Without(rule + "/steps/2")).text("")).isEqualTo(before.text(""));
        Desk last = before.with(new Change.Without(rule + "/steps/2"));
        assertThat(last.text("")).contains("allow: 50 % }\n\nduties");
        assertThat(last.with(new Change.Step(rule, new Moment.Lasting(12), "free"))
                        .text(""))
                .isEqualTo(before.text(""));
        assertThat(post(before.with(new Change.ToValue(rule + "/steps/0", "none")), rule + "/steps/0")
                        .allows())
                .contains("none");
    }

    @Test
    void anOpeningIsPutInBehindTheLastAndARuleIsTakenOut() {
        Desk before = desk("knee.meniscus-repair");
        Desk after = before.with(new Change.Without("openings/pogo/both"))
                .with(new Change.Also("", "openings", "{ open: pogo/both, phase: sport }"))
                .with(new Change.Also("", "follow-up/visits", "{ from: month 6, often: 1 a week }"))
                .with(new Change.Also(
                        "",
                        "limits",
                        "id: turn\ntitle: No turning\nstrain: twisting\nsteps: [{ from: day 0, allow: none }, { from: 6 weeks,"
                                + " allow: free }]"));
        assertThat(after.text(""))
                .endsWith("allow: free }]\n")
                .contains("\nlimits:\n  - id: turn\n    title: No turning");
        assertThat(post(after, "openings/pogo/both").phase()).contains("sport");
        assertThat(after.read("own.1", List.of()).findProtocol("knee.meniscus-repair"))
                .isPresent();
        assertThat(after.with(new Change.Without("limits/turn")).text("")).contains("limits:\n  []\n");
    }

    @Test
    void whatIsNotThereOrCanNotBeReadIsRefusedWithWhatIsAllowed() {
        Desk desk = desk("hip.replacement");
        assertThatThrownBy(() -> moved(desk, "limits/none/steps/0", 3))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("allowed");
        assertThatThrownBy(() -> desk.with(new Change.ToValue("limits/revision.weight/steps/0", "plenty"))
                        .read("own.1", List.of()))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("plenty");
        assertThatThrownBy(() -> moved(desk, "limits/revision.weight/steps/1", 90))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("each later than the one before");
        assertThatThrownBy(() -> desk.withText("", "protocol: x\nlimits:\n  - {}\n"))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> desk.with(new Change.ToValue("limits/revision.weight/steps/0", "a\", b: ["))
                        .read("own.1", List.of()))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void whatIsReadAloneIsWhatIsReadWithAll() {
        for (var protocol : SHIPPED.protocols()) {
            Bundle read = desk(protocol.id()).read(protocol.id(), List.of());
            if (!supplemented(protocol.id())) {
                assertThat(read.protocol(protocol.id())).as(protocol.id()).isEqualTo(protocol);
            }
        }
    }

    private static boolean supplemented(String protocol) {
        return SHIPPED.sources().stream().anyMatch(source -> source.text().contains("\nto: " + protocol + "\n"));
    }

    @Test
    void undoAndRedoLeadAlongWhatWasDone() {
        assertThat(turns(1)).isEqualTo(new Turns(Optional.empty(), Optional.empty()));
        assertThat(turns(1, 2, 3)).isEqualTo(new Turns(Optional.of(2), Optional.empty()));
        assertThat(turns(1, 2, 3, -2)).isEqualTo(new Turns(Optional.of(1), Optional.of(3)));
        assertThat(turns(1, 2, 3, -2, -1)).isEqualTo(new Turns(Optional.empty(), Optional.of(2)));
        assertThat(turns(1, 2, 3, -2, -1, -2)).isEqualTo(new Turns(Optional.of(1), Optional.of(3)));
        assertThat(turns(1, 2, 3, -2, 5)).isEqualTo(new Turns(Optional.of(2), Optional.empty()));
    }

    /** Revisions in order; a negative one gives back the one of that number. */
    private static Turns turns(int... revisions) {
        List<Turns.Revision> all = new ArrayList<>();
        for (int at = 0; at < revisions.length; at++) {
            all.add(new Turns.Revision(at + 1, revisions[at] < 0 ? Optional.of(-revisions[at]) : Optional.empty()));
        }
        return Turns.after(all);
    }

    @Test
    void aDayIsSaidInBothCountings() {
        assertThat(DeskWords.say(new CourseDay(42))).isEqualTo("day 42 (6 weeks are over, week 7 begins)");
        assertThat(DeskWords.say(new CourseDay(45))).isEqualTo("day 45 (6 weeks and 3 days after, in week 7)");
        assertThat(DeskWords.say(new CourseDay(7))).isEqualTo("day 7 (1 week is over, week 2 begins)");
        assertThat(DeskWords.say(new CourseDay(-14))).isEqualTo("day -14 (14 days before day 0)");
        assertThat(DeskWords.written(Moment.parse("6 weeks"))).contains("duration");
        assertThat(DeskWords.written(Moment.parse("nth week 6"))).contains("label");
        assertThat(DeskWords.say(post(desk("hip.replacement"), "limits/revision.weight/steps/1")))
                .isEqualTo(
                        "Weight after a revision: 50 % from day 42 (6 weeks are over, week 7 begins); written as 6 weeks,"
                                + " a duration");
    }

    @Test
    void bothEdgesOfWhatIsExpectedAreSetTogether() {
        String point = "follow-up/corridors/0/points/1";
        Desk before = desk("knee.meniscus-repair");
        assertThat(post(before, point).allows()).contains("85 to 100");
        Desk after = before.with(new Change.ToValue(point, "80 to 95"));
        assertThat(post(after, point).allows()).contains("80 to 95");
        assertThat(after.text("")).contains("{ from: 6 weeks, low: \"80\", high: \"95\" }");
        assertThatThrownBy(() -> before.with(new Change.ToValue(point, "95"))).hasMessageContaining("two values");
    }

    @Test
    void whatWasChangedIsSaidOnceAndWhatGoesWithAPhaseIsCounted() {
        Desk before = desk("knee.meniscus-repair");
        Desk after = moved(moved(before, "phases/walk/earliest", 49), "openings/pogo/both", 300)
                .with(new Change.Without("openings/skip/both"))
                .with(new Change.ToValue("follow-up/visits/1", "3 a week"))
                .with(new Change.ToMoment("phases/strength/earliest", new Moment.Lasting(12)));
        assertThat(after.changes(before, role -> "Role " + role))
                .contains(
                        "Walk and bend: day 42 → day 49 (7 weeks are over, week 8 begins)",
                        "Strength on one leg: the same day, written completed week 12 → 12 weeks",
                        "Role pogo/both: phase load → sport, day 120 → day 300 (42 weeks and 6 days after, in week 43)")
                .anyMatch(said -> said.endsWith("openings go with the day of the phase"))
                .anyMatch(said -> said.contains("2 a week → 3 a week"))
                .anyMatch(said -> said.startsWith("Taken out: Role skip/both"))
                .noneMatch(said -> said.contains("wall-squat"));
        assertThat(after.linesUnlike(before))
                .anySatisfy(change -> assertThat(change.gone())
                        .contains("  - { open: skip/both, phase: load, needs: [quadriceps-80] }"))
                .allSatisfy(change -> assertThat(change.file()).isEmpty());
        assertThat(before.changes(before, role -> role)).isEmpty();
        assertThat(before.linesUnlike(before)).isEmpty();
    }
}
