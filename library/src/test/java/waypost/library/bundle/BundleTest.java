package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.Activity;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

@Tag("slow")
class BundleTest {

    private static List<String> problemsAfter(String file, String old, String changed) {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        sources.replaceAll(s -> s.file().equals(file) ? changed(s, old, changed) : s);
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> Bundle.read(sources));
        return refused.problems().stream().map(Problem::toString).toList();
    }

    private static SourceText changed(SourceText source, String old, String changed) {
        assertThat(source.text()).contains(old);
        return new SourceText(source.file(), source.text().replaceFirst(java.util.regex.Pattern.quote(old), changed));
    }

    private static final String PROTOCOL = "protocols/knee.ligament-reconstruction.yaml";

    @Test
    void theShippedLibraryReadsAndHasWhatItPromises() {
        Bundle bundle = ShippedLibrary.read();

        assertThat(bundle.activities().stream().filter(Activity.Exercise.class::isInstance))
                .hasSizeGreaterThanOrEqualTo(240);
        assertThat(bundle.ladders()).hasSizeGreaterThanOrEqualTo(34);
        assertThat(bundle.protocols())
                .extracting(p -> p.id())
                .containsExactly(
                        "ankle.achilles-repair",
                        "ankle.achilles-without-surgery",
                        "ankle.fracture-fixation",
                        "ankle.lateral-ligament-repair",
                        "back.lumbar-decompression",
                        "elbow.collateral-ligament-reconstruction",
                        "hand.carpal-tunnel",
                        "hand.extensor-tendon",
                        "hand.flexor-tendon-zone-2",
                        "hip-or-knee.before-replacement",
                        "hip.arthroscopy-labral-repair",
                        "hip.fracture",
                        "hip.replacement",
                        "knee.beginner-strength",
                        "knee.cartilage-restoration",
                        "knee.extensor-repair",
                        "knee.kneecap-stabilisation",
                        "knee.ligament-reconstruction",
                        "knee.meniscectomy",
                        "knee.meniscus-repair",
                        "knee.posterior-cruciate",
                        "knee.replacement",
                        "muscle.hamstring-strain",
                        "muscle.hamstring-tendon",
                        "muscle.strain",
                        "shoulder.acromioplasty",
                        "shoulder.biceps-tenodesis",
                        "shoulder.bone-block",
                        "shoulder.capsular-release",
                        "shoulder.cuff-overload",
                        "shoulder.cuff-repair",
                        "shoulder.dislocation",
                        "shoulder.instability-repair",
                        "shoulder.labral-debridement",
                        "shoulder.labral-repair",
                        "shoulder.labral-tear",
                        "shoulder.proximal-humerus-fracture",
                        "shoulder.replacement-anatomic",
                        "shoulder.replacement-reverse",
                        "wrist.radius-fracture");
        assertThat(bundle.protocols()).extracting(p -> p.review()).containsOnly("unreviewed");
        assertThat(bundle.hash()).hasSize(64).isEqualTo(ShippedLibrary.read().hash());
    }

    @Test
    void noCueIsUsedTwice() {
        List<String> cues = ShippedLibrary.read().activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .flatMap(a -> ((Activity.Exercise) a).teaching().cues().stream())
                .toList();

        assertThat(cues).doesNotHaveDuplicates();
    }

    @Test
    void anUnknownKeyIsRefusedWithItsLineAndASuggestion() {
        assertThat(problemsAfter(PROTOCOL, "surgeon-only: true", "surgeon-olny: true"))
                .singleElement()
                .asString()
                .contains(PROTOCOL + ":")
                .contains("limits[6]: found the unknown key 'surgeon-olny', allowed: id, title, when, surgeon-only")
                .endsWith("Maybe 'surgeon-only'");
    }

    @Test
    void anUnreadableMomentIsRefusedAtItsPlace() {
        assertThat(problemsAfter(PROTOCOL, "earliest: completed week 6", "earliest: 6w"))
                .first()
                .asString()
                .contains("phases[2].earliest: found '6w', allowed: 'day N', 'N weeks', 'completed week N'")
                .endsWith("Maybe 'completed week 6'");
    }

    @Test
    void allProblemsComeAtOnce() {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        sources.add(new SourceText("protocols/a.yaml", "protocol: [\n"));
        sources.add(new SourceText("protocols/b.yaml", "nothing: known\n"));
        RefusedException refused = catchThrowableOfType(RefusedException.class, () -> Bundle.read(sources));

        assertThat(refused.problems())
                .extracting(Problem::file)
                .containsExactly("protocols/a.yaml", "protocols/b.yaml");
    }

    @Test
    void rulesThatNameWhatDoesNotExistAreRefused() {
        assertThat(problemsAfter(PROTOCOL, "open: quad-set/operated", "open: quad-sett/operated"))
                .singleElement()
                .asString()
                .contains("found 'quad-sett/operated'")
                .endsWith("Maybe 'quad-set/operated'");
        assertThat(problemsAfter(
                        PROTOCOL,
                        "when: [graft is hamstring]\n    loading",
                        "when: [graft is hamstrings]\n    loading"))
                .singleElement()
                .asString()
                .contains("graft: found 'hamstrings', allowed: patellar-tendon, quadriceps-tendon, hamstring, donor");
        assertThat(problemsAfter(PROTOCOL, "reach: extension-equal\n", "reach: extension-equals\n"))
                .singleElement()
                .asString()
                .endsWith("Maybe 'extension-equal'");
        assertThat(problemsAfter("exercises/knee.yaml", "arc: -5 to 30", "arc: -5 to 300"))
                .singleElement()
                .asString()
                .contains("degrees: found 300.0, allowed: -180 to 180");
    }

    @Test
    void aSupplementAddsAQuestionARuleAndAnExercise() {
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        sources.add(new SourceText("supplements/x.yaml", """
                supplement: x
                to: knee.ligament-reconstruction
                questions:
                  - id: thigh-bruise
                    ask: Is the thigh bruised?
                    values: [{ id: none, title: no }, { id: bruised, title: bruised }]
                limits:
                  - id: bruise.quadriceps
                    title: Bruised thigh
                    when: [thigh-bruise is bruised]
                    tissue: quadriceps
                    steps: [{ from: day 0, allow: none }, { from: completed week 3, allow: free }]
                """));
        Bundle bundle = Bundle.read(sources);

        assertThat(bundle.protocol("knee.ligament-reconstruction")
                        .question("thigh-bruise")
                        .valueIds())
                .containsExactly("none", "bruised");
        assertThat(bundle.hash()).isNotEqualTo(ShippedLibrary.read().hash());
    }
}
