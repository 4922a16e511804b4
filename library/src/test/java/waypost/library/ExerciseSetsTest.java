package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.exercise.Activity;
import waypost.core.prescription.ExerciseSet;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.SourceText;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** Sets of exercises: what their file may say, and when protocols open what they hold. */
@Tag("slow")
class ExerciseSetsTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    static Stream<ExerciseSet> sets() {
        return BUNDLE.sets().stream();
    }

    private static ExerciseSet set(String id) {
        return sets().filter(set -> set.id().equals(id)).findFirst().orElseThrow();
    }

    /** One course for each answer to the question that decides or leads outside the protocol; one where there is none. */
    private static List<TableCourse> decided(Protocol protocol) {
        return protocol.questions().stream()
                .filter(question ->
                        question.isDecisive() || question.values().stream().anyMatch(value -> value.outside()))
                .findFirst()
                .map(question -> question.values().stream()
                        .map(value -> new TableCourse(protocol.id()).with(question.id() + "=" + value.id()))
                        .toList())
                .orElseGet(() -> List.of(new TableCourse(protocol.id())));
    }

    private static long openBy(int day, ExerciseSet set, TableCourse course) {
        return set.items().stream()
                .filter(item -> course.firstOpen(item.role().toString())
                        .filter(first -> first <= day)
                        .isPresent())
                .count();
    }

    /** A protocol that speaks of every exercise of a set opens the whole set within the year. */
    @ParameterizedTest
    @MethodSource("sets")
    void isOpenedWhollyWhereAProtocolSpeaksOfIt(ExerciseSet set) {
        List<Activity.Exercise> exercises = set.items().stream()
                .map(item -> (Activity.Exercise)
                        BUNDLE.findActivity(item.role().activity()).orElseThrow())
                .toList();
        List<String> opens = BUNDLE.protocols().stream()
                .filter(protocol -> decided(protocol).stream()
                        .anyMatch(course -> exercises.stream().allMatch(course.course()::speaksOf)
                                && openBy(366, set, course) == exercises.size()))
                .map(Protocol::id)
                .toList();

        assertThat(opens).as(set.title()).isNotEmpty();
    }

    /** So many of a set are open by a day where nothing of the note is known, so that the stricter rules hold. */
    @ParameterizedTest
    @CsvSource({
        "seven-basics,hip-or-knee.before-replacement,joint=hip,-1,7",
        "seven-basics,hip-or-knee.before-replacement,joint=knee,-1,7",
        "seven-basics,hip.replacement,'',1,6",
        "seven-basics,knee.replacement,'',1,5",
        "first-week-knee,knee.replacement,'',7,3",
        "first-week-hip,hip.replacement,'',0,5",
        "first-week-shoulder,shoulder.cuff-repair,'',7,2",
        "first-week-hand,hand.flexor-tendon-zone-2,digit=finger,3,2",
        "light-cuff,shoulder.labral-debridement,'',28,16",
        "sustained-cuff,shoulder.labral-repair,'',70,0",
        "strain-lengthening,muscle.hamstring-strain,'',0,0",
        "first-week-back,back.lumbar-decompression,'',1,3"
    })
    void opensAsTheProtocolHasIt(String id, String protocol, String answers, int day, int open) {
        assertThat(openBy(day, set(id), new TableCourse(protocol).with(answers)))
                .isEqualTo(open);
    }

    private static List<String> problems(String items) {
        List<SourceText> sources = new ArrayList<>(BUNDLE.sources().stream()
                .filter(source -> !source.file().equals("sets.yaml"))
                .toList());
        sources.add(new SourceText(
                "sets.yaml",
                "set-list: tried\nsets:\n  - { id: tried, title: Tried, says: s, exercises: [" + items + "] }\n"));
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> Bundle.read(sources));
        return refused.problems().stream().map(Problem::toString).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "role: quad-sett/operated, sets: '1', amount: 10 reps | allowed: quad-set/operated",
                "role: quad-set/operated, sets: '1', amount: 10 m | found m, allowed: reps, as the exercise counts",
                "role: quad-set/operated, sets: '1', amount: ten | such as '8 to 10 reps'",
                "role: quad-set/operated, sets: '1', amount: 10 reps, often: now and then | '10 a day' or '3 a week'",
                "role: heel-slide/operated, sets: '1', amount: 10 reps | found one of them twice"
            })
    void whatItsFileMayNotSayIsRefusedWithItsPlace(String item, String says) {
        assertThat(problems("{ role: heel-slide/operated, sets: '1', amount: 10 reps }, { " + item + " }"))
                .anySatisfy(problem -> assertThat(problem).contains("sets.yaml", says));
    }

    /** A set is offered to what it is for, whatever else a protocol speaks of. */
    @ParameterizedTest
    @CsvSource({
        "first-week-hip,hip.replacement,true",
        "first-week-hip,knee.ligament-reconstruction,false",
        "first-week-knee,knee.ligament-reconstruction,true",
        "light-cuff,shoulder.cuff-repair,true",
        "light-cuff,elbow.collateral-ligament-reconstruction,false",
        "leg-strength,hip.replacement,true",
        "first-week-back,back.lumbar-decompression,true"
    })
    void isForTheJointsThatItNames(String set, String protocol, boolean offered) {
        assertThat(set(set).concerns(
                                new TableCourse(protocol).course().resolved().region()))
                .isEqualTo(offered);
    }
}
