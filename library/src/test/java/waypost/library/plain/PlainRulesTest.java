package waypost.library.plain;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import waypost.core.course.DutyStatus;
import waypost.core.exercise.Activity;
import waypost.core.limit.Allowed;
import waypost.core.limit.Authority;
import waypost.core.limit.Limit;
import waypost.core.limit.Provenance;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Duty;
import waypost.core.protocol.Protocol;
import waypost.core.time.CourseDay;
import waypost.core.time.Schedule;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/** Every rule of every shipped protocol says itself to a patient, in each language, short and plain. */
class PlainRulesTest {

    static final List<Locale> LANGUAGES = PlainText.LANGUAGES;

    private static final Bundle BUNDLE = Shipped.BUNDLE;
    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 3, 3);
    private static final double HARDEST_ON_AVERAGE = 6;

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void everyRuleIsToldInShortPlainSentences(Locale language) {
        List<String> texts = BUNDLE.protocols().stream()
                .flatMap(protocol -> told(protocol, language))
                .distinct()
                .toList();

        assertThat(texts).hasSizeGreaterThan(400);
        PlainText words = PlainText.in(language);
        assertThat(texts).allSatisfy(text -> {
            assertThat(PlainSentence.of(text, language).flatMap(sentence -> sentence.faults(words)))
                    .as(text)
                    .isEmpty();
            assertThat(text).doesNotContain("{", "«").doesNotContain("  ");
        });
        assertThat(Readability.of(texts, language).grade()).isLessThanOrEqualTo(HARDEST_ON_AVERAGE);
    }

    private static Stream<String> told(Protocol protocol, Locale language) {
        Plainly plainly = Plainly.of(protocol, language);
        List<String> texts = new ArrayList<>();
        protocol.limits().forEach(limit -> texts.addAll(plainly.limit(limit)));
        protocol.duties().forEach(duty -> texts.addAll(duty.accept(plainly)));
        protocol.rules()
                .setUps()
                .forEach(setUp -> bounds(setUp.schedule()).forEach(way -> texts.add(plainly.duties.setUp(way))));
        protocol.rules().pain().forEach(rule -> texts.add(plainly.rules.pain(rule.most())));
        protocol.criteria().forEach(criterion -> texts.addAll(plainly.goals.say(criterion)));
        return texts.stream();
    }

    private static <T> Stream<T> bounds(Schedule<Allowed<T>> schedule) {
        return schedule.entries().stream().map(entry -> entry.value().most()).flatMap(Optional::stream);
    }

    /** Nothing falls back on the technical words of a rule. */
    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void nothingIsLeftToTheTherapistsWords(Locale language) {
        PlainText words = PlainText.in(language);
        Set<String> missing = new TreeSet<>();
        BUNDLE.protocols().forEach(protocol -> {
            Plainly plainly = Plainly.of(protocol, language);
            Stream.of(
                            protocol.limits().stream().map(Limit::head),
                            protocol.duties().stream().map(Duty::head),
                            protocol.rules().setUps().stream().map(setUp -> setUp.head()))
                    .flatMap(heads -> heads)
                    .filter(head -> plainly.rules.why(head, from(head)).isEmpty())
                    .forEach(head -> missing.add("why " + protocol.id() + " " + head.id()));
            protocol.duties().stream()
                    .filter(Duty.Wear.class::isInstance)
                    .map(Duty.Wear.class::cast)
                    .forEach(wear -> bounds(wear.schedule())
                            .filter(setting -> words.find(
                                            "wear." + PlainText.key(wear.item()) + "." + PlainText.key(setting))
                                    .isEmpty())
                            .forEach(setting -> missing.add("wear " + wear.item() + ": " + setting)));
            protocol.rules()
                    .setUps()
                    .forEach(setUp -> bounds(setUp.schedule())
                            .filter(way ->
                                    words.find("setup." + PlainText.key(way)).isEmpty())
                            .forEach(way -> missing.add("setup " + way)));
            protocol.limits().stream()
                    .flatMap(limit -> limit.head().unless().stream())
                    .filter(setUp -> words.find("unless." + setUp).isEmpty())
                    .forEach(setUp -> missing.add("unless " + setUp));
        });
        BUNDLE.measures().stream()
                .filter(measure -> words.find("measure." + measure.id()).isEmpty())
                .forEach(measure -> missing.add("measure " + measure.id()));
        BUNDLE.redFlags().stream()
                .filter(flag -> words.find("flag." + flag.id() + ".ask").isEmpty()
                        || words.find("flag." + flag.id() + ".do").isEmpty())
                .forEach(flag -> missing.add("flag " + flag.id()));
        assertThat(missing).isEmpty();
    }

    private static Provenance from(RuleHead head) {
        return new Provenance(head.id(), head.title(), new Authority.FromProtocol("face"), List.of(), false);
    }

    /** The words of one protocol; its duties one day each. */
    private record Plainly(PlainRules rules, PlainGoals goals, PlainDuties duties)
            implements Duty.Visitor<List<String>> {

        static Plainly of(Protocol protocol, Locale language) {
            PlainText words = PlainText.in(language);
            PlainExercises exercises = new PlainExercises(
                    words, id -> BUNDLE.findActivity(id).map(Activity::title).orElseThrow());
            PlainRules rules = new PlainRules(words, new PlainDates(words, DAY_ZERO), protocol.id());
            PlainGoals goals = new PlainGoals(words, exercises);
            return new Plainly(rules, goals, new PlainDuties(rules, goals, exercises));
        }

        <T> List<String> limit(Limit<T> limit) {
            String why = rules.heals(limit.head()).orElseThrow();
            return limit.schedule().entries().stream()
                    .filter(entry -> !entry.value().isFree())
                    .flatMap(entry -> Stream.of(rules.what(limit, entry.value()), why))
                    .toList();
        }

        @Override
        public List<String> wear(Duty.Wear duty) {
            return bounds(duty.schedule())
                    .map(setting -> duties.worn(duty, setting))
                    .toList();
        }

        @Override
        public List<String> practise(Duty.Practise duty) {
            return bounds(duty.schedule())
                    .flatMap(often -> duties
                            .say(new DutyStatus.ToPractise(
                                    duty, from(duty.head()), often, Optional.of(CourseDay.ZERO), false))
                            .all()
                            .stream())
                    .toList();
        }

        @Override
        public List<String> begin(Duty.Begin duty) {
            return duties.say(new DutyStatus.ToBegin(duty, from(duty.head()), CourseDay.ZERO, false, false, false))
                    .all();
        }

        /** Its milestone is told among the protocol's. */
        @Override
        public List<String> reach(Duty.Reach duty) {
            return List.of();
        }
    }

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void aRuleOfAClinicsOwnProtocolSaysWhoWantsItSo(Locale language) {
        PlainText words = PlainText.in(language);
        RuleHead own = BUNDLE.protocols().stream()
                .flatMap(protocol -> protocol.limits().stream())
                .map(Limit::head)
                .filter(head -> head.part().isEmpty())
                .findFirst()
                .orElseThrow();
        PlainRules rules = new PlainRules(words, new PlainDates(words, DAY_ZERO), "knee.surgeon-own");

        assertThat(rules.heals(own)).isEmpty();
        assertThat(rules.why(own, from(own))).contains(words.say("why.clinic"));
    }

    /** Both languages say the same; only English leaves the exercises to the library. */
    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void everyLanguageSaysEverything(Locale language) {
        Set<String> others = LANGUAGES.stream()
                .flatMap(other -> PlainText.in(other).keys().stream())
                .filter(key -> language.equals(Locale.GERMAN)
                        || !Set.of("exercise", "cue", "stop", "easier").contains(key.split("\\.")[0]))
                .collect(Collectors.toSet());
        assertThat(PlainText.in(language).keys()).containsAll(others);
        assertThat(PlainText.in(language).keys())
                .allSatisfy(key -> assertThat(PlainText.in(language).say(key, "", "", "", "", ""))
                        .isNotNull());
    }

    @ParameterizedTest
    @FieldSource("LANGUAGES")
    void everyExerciseIsNamedAndCued(Locale language) {
        PlainText words = PlainText.in(language);
        if (language.equals(Locale.ENGLISH)) {
            return;
        }
        Set<String> missing = new TreeSet<>();
        BUNDLE.activities().forEach(activity -> {
            words.find("exercise." + activity.id()).ifPresentOrElse(title -> {}, () -> missing.add(activity.id()));
            if (activity instanceof Activity.Exercise exercise) {
                untold(words, "cue", exercise.teaching().cues()).forEach(missing::add);
                untold(words, "stop", exercise.teaching().stop()).forEach(missing::add);
                untold(words, "easier", exercise.teaching().easier()).forEach(missing::add);
            }
        });
        assertThat(missing).isEmpty();
    }

    private static Stream<String> untold(PlainText words, String kind, List<String> written) {
        return written.stream()
                .filter(each -> words.find(kind + "." + PlainText.key(each)).isEmpty());
    }
}
