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
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.core.body.Side;
import waypost.core.course.Course;
import waypost.core.course.History;
import waypost.core.log.Decisions;
import waypost.core.log.Evidence;
import waypost.core.question.Answers;
import waypost.core.resolved.Resolver;
import waypost.core.time.Clocks;
import waypost.library.Shipped;
import waypost.library.bundle.Bundle;

/**
 * The diaries of the shipped protocols under their main answers, as a clinician reads them. A diary that changes on
 * purpose is written anew by {@code -Ddiaries.approve=true} and read before it is committed.
 */
@Tag("slow")
class ApprovedDiariesTest {

    private static final LocalDate DAY_ZERO = LocalDate.of(2031, 2, 10);
    private static final Bundle BUNDLE = Shipped.BUNDLE;

    /** What an answer is called that is none, but an event and its day. */
    private static final String EVENT = "event.";

    /** A protocol under main answers, and events by the course day on which they happen. */
    private record Told(String name, String protocol, Map<String, String> answers) {

        Answers stated() {
            Map<String, Set<String>> stated = new HashMap<>();
            answers.forEach((question, value) -> {
                if (!question.startsWith(EVENT)) {
                    stated.put(question, Set.of(value));
                }
            });
            return new Answers(stated);
        }

        Clocks clocks() {
            Map<String, List<LocalDate>> events = new HashMap<>();
            answers.forEach((question, value) -> {
                if (question.startsWith(EVENT)) {
                    events.put(question.substring(EVENT.length()), List.of(DAY_ZERO.plusDays(Integer.parseInt(value))));
                }
            });
            return Clocks.startingOn(DAY_ZERO).with(events);
        }

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
                new Told(
                        "finger-passive",
                        "hand.flexor-tendon-zone-2",
                        Map.of("nerve", "whole", "digit", "finger", "strands", "four", "pulley", "none")),
                new Told(
                        "finger-early-active",
                        "hand.flexor-tendon-zone-2",
                        Map.of(
                                "nerve",
                                "repaired",
                                "school",
                                "early-active",
                                "digit",
                                "finger",
                                "strands",
                                "four",
                                "pulley",
                                "none")),
                new Told("finger-nothing-stated", "hand.flexor-tendon-zone-2", Map.of()),
                told("achilles-cautious", "ankle.achilles-repair", "school=cautious", "repair=first"),
                told("achilles-early", "ankle.achilles-repair", "school=early", "repair=first"),
                told("achilles-nothing-stated", "ankle.achilles-repair"),
                told("ankle-ligament-alone", "ankle.lateral-ligament-repair", "support=none", "cartilage=none"),
                told(
                        "elbow-ligament-forearm-graft",
                        "elbow.collateral-ligament-reconstruction",
                        "graft=forearm",
                        "nerve=kept"),
                told("before-hip-replacement", "hip-or-knee.before-replacement", "joint=hip", "irritable=no"),
                told(
                        "before-knee-replacement-irritable",
                        "hip-or-knee.before-replacement",
                        "joint=knee",
                        "irritable=yes"),
                told("hip-labrum-alone", "hip.arthroscopy-labral-repair", "bone=none", "capsule=closed", "psoas=none"),
                told("knee-beginner-worn", "knee.beginner-strength", "reason=worn", "pain-school=some"),
                told(
                        "kneecap-hamstring-graft",
                        "knee.kneecap-stabilisation",
                        "bone=none",
                        "graft=hamstring",
                        "groove=none"),
                told("kneecap-bone-moved", "knee.kneecap-stabilisation", "bone=moved", "graft=donor", "groove=none"),
                told("meniscectomy-alone", "knee.meniscectomy", "cartilage=none"),
                told("meniscus-vertical", "knee.meniscus-repair", "tear=vertical", "early-weight=restricted"),
                told("meniscus-nothing-stated", "knee.meniscus-repair"),
                told(
                        "knee-replacement-total",
                        "knee.replacement",
                        "kind=total",
                        "weight=as-tolerated",
                        "extensor=none",
                        "side=none",
                        "bone=none",
                        "block=none"),
                told("hamstring-no-pain", "muscle.hamstring-strain", "pain-school=none", "tendon=whole"),
                told("hamstring-threshold", "muscle.hamstring-strain", "pain-school=threshold", "tendon=whole"),
                told("strain-calf", "muscle.strain", "muscle=calf", "grade=mild"),
                told("strain-adductors", "muscle.strain", "muscle=adductors", "grade=moderate"),
                told("cartilage-condyle", "knee.cartilage-restoration", "cartilage-site=condyle"),
                told("tenodesis-alone", "shoulder.biceps-tenodesis", "labrum=none", "cuff=none"),
                told(
                        "dislocation-anterior",
                        "shoulder.dislocation",
                        "direction=anterior",
                        "cuff-tear=young",
                        "sling-time=three",
                        "bone=none"),
                told("dislocation-nothing-stated", "shoulder.dislocation"),
                told(
                        "instability-anterior",
                        "shoulder.instability-repair",
                        "direction=anterior",
                        "tendon=kept",
                        "anchor=none",
                        "filled=none",
                        "hands-knees=late"),
                told(
                        "instability-posterior",
                        "shoulder.instability-repair",
                        "direction=posterior",
                        "tendon=kept",
                        "anchor=none",
                        "filled=none",
                        "hands-knees=late"),
                told("labral-debridement-alone", "shoulder.labral-debridement", "other-work=none"),
                told(
                        "labral-repair-front",
                        "shoulder.labral-repair",
                        "location=front",
                        "anchors=few",
                        "cuff=none",
                        "biceps=untouched",
                        "end-rotation=twelve"),
                told("labral-repair-nothing-stated", "shoulder.labral-repair"),
                told(
                        "shoulder-replacement-anatomic-tendon",
                        "shoulder.replacement-anatomic",
                        "approach=tendon",
                        "biceps=kept"),
                told(
                        "shoulder-replacement-reverse-alone",
                        "shoulder.replacement-reverse",
                        "subscapularis=none",
                        "biceps=kept",
                        "fracture=none"),
                told("knee-extensor-patellar", "knee.extensor-repair", "mended=patellar-tendon", "block=none"),
                told(
                        "posterior-cruciate-alone",
                        "knee.posterior-cruciate",
                        "graft=donor",
                        "meniscus-repair=none",
                        "collateral-repair=none",
                        "block=none"),
                told("ankle-fracture-partial", "ankle.fracture-fixation", "weight=partial", "syndesmosis=none"),
                told("achilles-not-sewn", "ankle.achilles-without-surgery", "school=cautious"),
                told(
                        "hip-fracture-nail",
                        "hip.fracture",
                        "fixed-with=nail",
                        "weight=as-tolerated",
                        "side-muscles=none",
                        "block=none"),
                told("upper-arm-fracture-sling", "shoulder.proximal-humerus-fracture", "treatment=sling"),
                told("bone-block", "shoulder.bone-block"),
                told("acromioplasty-collarbone", "shoulder.acromioplasty", "collarbone=shortened"),
                told("capsular-release", "shoulder.capsular-release", "block=given"),
                told("carpal-tunnel", "hand.carpal-tunnel", "block=none"),
                told("extensor-tendon-hand", "hand.extensor-tendon", "zone=hand"),
                told("radius-cast", "wrist.radius-fracture", "treatment=cast"),
                told("lumbar-not-fused", "back.lumbar-decompression", "fusion=none", "leak=none"),
                told("labral-tear", "shoulder.labral-tear", "seen=labrum"),
                told("cuff-overload-tenodesis", "shoulder.cuff-overload", "earlier=tenodesis"),
                told("hamstring-tendon-whole", "muscle.hamstring-tendon", "torn=whole"),
                told("ankle-ligament-nothing-stated", "ankle.lateral-ligament-repair"),
                told("ankle-ligament-drilled", "ankle.lateral-ligament-repair", "support=tape", "cartilage=drilled"),
                told("hip-labrum-nothing-stated", "hip.arthroscopy-labral-repair"),
                told("lumbar-nothing-stated", "back.lumbar-decompression"),
                told("elbow-nothing-stated-fall", "elbow.collateral-ligament-reconstruction", "event.fall=50"),
                told("ankle-fracture-nothing-stated", "ankle.fracture-fixation"),
                told("radius-nothing-stated", "wrist.radius-fracture"),
                told("radius-plate", "wrist.radius-fracture", "treatment=plate"),
                told("instability-nothing-stated", "shoulder.instability-repair"),
                told("instability-early", "shoulder.instability-repair", "hands-knees=early"),
                told("knee-extensor-kneecap", "knee.extensor-repair", "mended=kneecap"),
                told("extensor-tendon-tip", "hand.extensor-tendon", "zone=tip"),
                told("extensor-tendon-middle", "hand.extensor-tendon", "zone=middle"),
                told(
                        "finger-place-and-hold-again",
                        "hand.flexor-tendon-zone-2",
                        "school=place-and-hold",
                        "digit=finger",
                        "event.rupture-repair=60"),
                told("hip-fracture-nothing-stated", "hip.fracture"),
                told("labral-debridement-nothing-stated", "shoulder.labral-debridement"),
                told("anatomic-nothing-stated", "shoulder.replacement-anatomic"),
                told("cuff-fall", "shoulder.cuff-repair", "event.fall=50"),
                told("knee-fall", "knee.meniscus-repair", "event.fall=50"),
                told("cuff-overload-injected", "shoulder.cuff-overload", "event.injection=30"),
                new Told("hip-posterior-six", "hip.replacement", hip("posterior", "set", "six")));
    }

    /** A diary under answers written {@code question=value}. */
    private static Told told(String name, String protocol, String... answers) {
        return new Told(
                name,
                protocol,
                Stream.of(answers).map(answer -> answer.split("=", 2)).collect(Collectors.toMap(a -> a[0], a -> a[1])));
    }

    private static Map<String, String> knee(String graft, String meniscus) {
        return Map.of(
                "ligament",
                "anterior",
                "graft",
                graft,
                "meniscus-repair",
                meniscus,
                "cartilage-repair",
                "none",
                "collateral-repair",
                "none");
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
        return Map.of(
                "approach",
                approach,
                "precautions",
                precautions,
                "duration",
                duration,
                "weight",
                "as-tolerated",
                "operation",
                "first",
                "side-muscles",
                "none",
                "bone",
                "none",
                "block",
                "none");
    }

    @ParameterizedTest
    @MethodSource("diaries")
    void isTheOneThatWasApproved(Told told) throws IOException {
        Course course = Course.of(
                Resolver.resolve(BUNDLE.protocol(told.protocol()), told.stated(), told.clocks(), Decisions.NONE),
                BUNDLE.activities(),
                BUNDLE.measures(),
                History.of(Side.RIGHT, Evidence.NONE, List.of(), List.of()));

        String diary = Diary.of(told.name(), course, before(course), BUNDLE);
        Path approved = Path.of("src/test/resources/diaries", told.name() + ".txt");
        if (Boolean.getBoolean("diaries.approve")) {
            Files.writeString(approved, diary);
        }

        assertThat(diary).isEqualTo(Files.readString(approved));
    }

    private static LocalDate before(Course course) {
        return course.resolved().protocol().begins(DAY_ZERO).dateFrom(DAY_ZERO).minusDays(1);
    }
}
