package waypost.library.secondjudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import waypost.core.course.Course;
import waypost.core.course.Outlook;
import waypost.core.exercise.Activity;
import waypost.core.gate.Verdict;
import waypost.core.reason.Reason;
import waypost.library.plain.PlainDates;
import waypost.library.plain.PlainDuties;
import waypost.library.plain.PlainExercises;
import waypost.library.plain.PlainGoals;
import waypost.library.plain.PlainReasons;
import waypost.library.plain.PlainRules;
import waypost.library.plain.PlainSentence;
import waypost.library.plain.PlainText;

/** Whatever closes or limits an exercise in a generated course is told to the patient, short and plain. */
@Tag("slow")
class PlainReasonsTest {

    static final List<Locale> LANGUAGES = PlainText.LANGUAGES;

    private static final int COURSES = 80;

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void everyReasonOfEveryVerdictIsTold(Locale language) {
        var bundle = Agreement.withHardCases();
        PlainText words = PlainText.in(language);
        PlainExercises exercises = new PlainExercises(
                words, id -> bundle.findActivity(id).map(Activity::title).orElse(id));
        Set<String> kinds = new TreeSet<>();
        for (int seed = 0; seed < COURSES; seed++) {
            GeneratedCourse generated = GeneratedCourse.of(bundle, seed);
            Course course = LaterDay.course(generated);
            PlainRules rules = new PlainRules(
                    words,
                    new PlainDates(words, generated.dayZero()),
                    generated.protocol().id());
            PlainGoals goals = new PlainGoals(words, exercises);
            PlainReasons reasons = new PlainReasons(rules, goals, new PlainDuties(rules, goals, exercises));
            for (Verdict verdict : course.on(generated.date(), generated.date(), Outlook.TIME_ONLY)
                    .verdicts()) {
                for (Reason reason : verdict.reasons()) {
                    kinds.add(reason.getClass().getSimpleName());
                    assertThat(reasons.say(reason)).isNotEmpty().allSatisfy(told -> {
                        assertThat(told).isNotBlank().doesNotContain("{");
                        assertThat(PlainSentence.of(told, language)
                                        .map(sentence -> sentence.words().size()))
                                .as(told)
                                .allMatch(length -> length <= PlainSentence.MOST_WORDS);
                    });
                }
            }
        }
        assertThat(kinds).contains("Exceeded", "BeforeDay", "MilestoneNotMet", "NotCovered", "OnHold", "SetUpNeeded");
    }
}
