package waypost.library.diary;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.log.Evidence;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

/**
 * The diaries of the shipped protocols under their main answers, as a clinician reads them. A diary that changes on
 * purpose is written anew by {@code -Ddiaries.approve=true} and read before it is committed.
 */
@Tag("slow")
class ApprovedDiariesTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = ShippedLibrary.read();

    /** A protocol under main answers. */
    private record Told(String name, String protocol, Map<String, String> answers) {
        @Override
        public String toString() {
            return name;
        }
    }

    static Stream<Told> diaries() {
        return Stream.of(
                new Told("knee-donor-alone", "knee.ligament-reconstruction", knee("donor", "none")),
                new Told("knee-hamstring-root", "knee.ligament-reconstruction", knee("hamstring", "root")),
                new Told("knee-early-schools", "knee.ligament-reconstruction", early()),
                new Told("knee-nothing-stated", "knee.ligament-reconstruction", Map.of()),
                new Told(
                        "cuff-small-supraspinatus",
                        "shoulder.cuff-repair",
                        cuff("small", "supraspinatus", "untouched")),
                new Told(
                        "cuff-large-subscapularis-tenodesis",
                        "shoulder.cuff-repair",
                        cuff("large", "all", "tenodesis")),
                new Told("cuff-nothing-stated", "shoulder.cuff-repair", Map.of()),
                new Told("hip-posterior-twelve", "hip.replacement", hip("posterior", "set", "twelve")),
                new Told("hip-anterior", "hip.replacement", hip("anterior", "set", "six")),
                new Told("hip-lateral-no-precautions", "hip.replacement", hip("lateral", "none", "six")),
                new Told("hip-nothing-stated", "hip.replacement", Map.of()),
                new Told("finger-passive", "hand.flexor-tendon-zone-2", Map.of("nerve", "whole")),
                new Told(
                        "finger-early-active",
                        "hand.flexor-tendon-zone-2",
                        Map.of("nerve", "repaired", "school", "early-active")),
                new Told("finger-nothing-stated", "hand.flexor-tendon-zone-2", Map.of()));
    }

    private static Map<String, String> knee(String graft, String meniscus) {
        return Map.of(
                "graft", graft, "meniscus-repair", meniscus, "cartilage-repair", "none", "collateral-repair", "none");
    }

    private static Map<String, String> early() {
        Map<String, String> answers = new HashMap<>(knee("patellar-tendon", "none"));
        answers.putAll(Map.of("open-chain", "early", "rear-leg", "early", "run-start", "week-12"));
        return answers;
    }

    private static Map<String, String> cuff(String size, String tendon, String biceps) {
        return Map.of("tear-size", size, "tendon", tendon, "biceps", biceps);
    }

    private static Map<String, String> hip(String approach, String precautions, String duration) {
        return Map.of("approach", approach, "precautions", precautions, "duration", duration, "weight", "as-tolerated");
    }

    @ParameterizedTest
    @MethodSource("diaries")
    void isTheOneThatWasApproved(Told told) throws IOException {
        Map<String, Set<String>> stated = new HashMap<>();
        told.answers().forEach((question, value) -> stated.put(question, Set.of(value)));
        Course course = Course.of(
                Resolver.resolve(BUNDLE.protocol(told.protocol()), new Answers(stated), DAY_ZERO),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));

        String diary = Diary.of(told.name(), course, DAY_ZERO.minusDays(1), BUNDLE);
        Path approved = Path.of("src/test/resources/diaries", told.name() + ".txt");
        if (Boolean.getBoolean("diaries.approve")) {
            Files.writeString(approved, diary);
        }

        assertThat(diary).isEqualTo(Files.readString(approved));
    }
}
