package waypost.library.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Degrees;
import waypost.core.body.Motion;
import waypost.core.gate.Verdict;
import waypost.core.log.Hold;
import waypost.core.reason.NotYet;
import waypost.core.reason.Reason;
import waypost.core.time.CourseDay;
import waypost.library.KneeCourse;

class WordsTest {

    private static List<String> sentences(KneeCourse course, int day, String role) {
        Words words = Words.of(course.resolved());
        Verdict verdict = course.on(day, role);
        return verdict.reasons().stream().map(r -> words.say(r).whole()).toList();
    }

    @Test
    void sayTheNumberOnBothSidesAndTheDate() {
        assertThat(sentences(new KneeCourse(), 45, "single-leg-squat/operated"))
                .containsExactly("Stop at 60°; 75° asked. Until Mon 7 Apr 2031 (8 weeks completed).");
        assertThat(sentences(new KneeCourse(), 45, "long-arc/operated"))
                .containsExactly(
                        "Opens Mon 5 May 2031 (12 weeks completed).",
                        "No knee extension like this; 0° to 90° asked. Until Mon 5 May 2031 (12 weeks completed).");
        assertThat(sentences(new KneeCourse().with("meniscus-repair", "vertical"), 30, "step-up/operated"))
                .contains("At most 50 % of body weight on the affected leg; 100 % of body weight asked."
                        + " Until Mon 24 Mar 2031 (6 weeks completed).");
        assertThat(sentences(new KneeCourse(), 90, "jump-box/both"))
                .contains("At most low impact; moderate impact asked. Until Mon 19 May 2031 (14 weeks completed).");
        assertThat(sentences(new KneeCourse(), 30, "pogo/both"))
                .contains("No impact; low impact asked. Until Mon 5 May 2031 (12 weeks completed).");
        assertThat(sentences(
                        new KneeCourse().with("graft", "hamstring").with("open-chain", "early"),
                        60,
                        "long-arc-band/operated"))
                .containsExactly("At most own weight in knee extension; added load asked."
                        + " Until Mon 5 May 2031 (12 weeks completed).");
        assertThat(sentences(new KneeCourse().with("graft", "hamstring"), 45, "prone-curl/operated"))
                .contains("No effort for the hamstring (resisted); moderate effort asked."
                        + " Until Mon 7 Apr 2031 (8 weeks completed).");
    }

    @Test
    void nameTheRuleTheProtocolAndTheAnswerBehindIt() {
        KneeCourse unknown = new KneeCourse().with("meniscus-repair", "not stated");
        Words words = Words.of(unknown.resolved());

        assertThat(unknown.on(30, "wall-slide-bend/operated").reasons().stream()
                        .map(r -> words.say(r).source()))
                .containsExactly(
                        "Bend after meniscus repair · Repaired meniscus 1.0, part of Knee ligament reconstruction 1.0 ·"
                                + " meniscus repair not stated: the stricter rule applies. Surgeon only.");
    }

    @Test
    void sayWhyNothingIsCoveredAndWhatToAsk() {
        assertThat(sentences(new KneeCourse(), 30, "quadriceps-isometric-15/operated"))
                .contains("The protocol says nothing about this, so it stays closed."
                        + " Ask the surgeon: may this be done, and from when?");
    }

    @Test
    void sayWhenSomethingIsCoveredNoLonger() {
        assertThat(Words.of(new KneeCourse().resolved())
                        .say(new KneeCourse()
                                .on(100, "cuffed-squat/both")
                                .reasons()
                                .get(0))
                        .whole())
                .isEqualTo(
                        "Covered only until Mon 19 May 2031 (14 weeks completed). Ask for an order if it should go on.");
        assertThat(new KneeCourse().on(97, "cuffed-squat/both").kind().isOpen()).isTrue();
    }

    @Test
    void sayHoldsAndRange() {
        Words words = Words.of(new KneeCourse().resolved());
        LocalDate day = LocalDate.of(2031, 4, 2);
        Hold hold = new Hold(Hold.Kind.FLARE, "flare", day, day.plusDays(2), Optional.empty(), "Maren Arkwell");

        assertThat(words.say(new Reason.OnHold(hold)))
                .isEqualTo(new Said(
                        "On hold since Wed 2 Apr 2031: flare.",
                        "Review on Fri 4 Apr 2031.",
                        "Hold placed by Maren Arkwell"));
        assertThat(words.say(new Reason.RangeShort(Motion.KNEE_FLEXION, Degrees.of(110), Degrees.of(106), day, false))
                        .sentence())
                .isEqualTo("Needs 110° of knee flexion; 106° measured, 4° missing.");
        assertThat(words.say(new NotYet.RangeUnknown(Motion.KNEE_FLEXION, Degrees.of(110), Optional.of(day), 14))
                        .sentence())
                .isEqualTo("Needs 110° of knee flexion; last measured Wed 2 Apr 2031, which counts for 14 days.");
    }

    @ParameterizedTest
    @CsvSource({
        "39,5 weeks 4 days completed · in week 6",
        "42,6 weeks completed · in week 7",
        "8,1 week 1 day completed · in week 2",
        "-12,12 days before",
        "-1,1 day before"
    })
    void tellBothCountings(int day, String said) {
        assertThat(Dates.bothCountings(new CourseDay(day))).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource({
        "knee-extension,-10,10",
        "knee-extension,+5,-5",
        "knee-effusion,2+,3",
        "gait-clean,not seen,0",
        "single-hop,'128,5',128.5"
    })
    void readingsAreTakenAsTheyAreSaid(String measure, String said, double kept) {
        assertThat(SpokenReading.parse(KneeCourse.BUNDLE.measure(measure), said).value())
                .isEqualTo(kept);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "knee-effusion|much|Knee effusion, stroke test: found 'much', allowed: zero, trace, 1+, 2+, 3+",
                "pain-during|11|Pain during exercise: found 11, allowed: 0 to 10",
                "single-hop|far|Single hop for distance: found 'far', allowed: a number",
                "knee-flexion|170|Knee flexion: found 170°, allowed: 0° to 165°"
            })
    void unreadableReadingsSayWhatIsAllowed(String measure, String said, String message) {
        assertThatThrownBy(() -> SpokenReading.parse(KneeCourse.BUNDLE.measure(measure), said))
                .hasMessage(message);
    }
}
