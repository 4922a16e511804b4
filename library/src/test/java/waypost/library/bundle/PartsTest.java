package waypost.library.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import waypost.core.exercise.RoleKey;
import waypost.core.limit.RuleHead;
import waypost.core.protocol.Opening;
import waypost.core.protocol.Protocol;
import waypost.core.question.Question;
import waypost.library.text.Problem;
import waypost.library.text.RefusedException;

/** How the rules of a part come to stand in a protocol that includes it. */
@Tag("slow")
class PartsTest {

    private static final String PART = """
            part: patch
            title: Patch
            version: "1.0"
            source: common practice
            review: unreviewed
            region: { joints: [knee], tissues: [], limbs: [leg] }
            questions:
              - id: size
                ask: How large?
                values: [{ id: small, title: small }, { id: large, title: large }]
              - id: glue
                ask: Which glue?
                values: [{ id: quick, title: quick }, { id: slow, title: slow }]
            limits:
              - { id: bearing, title: Weight, bearing: leg, steps: [{ from: day 0, allow: 50 % }] }
              - { id: large, title: Weight, when: [size is large], bearing: leg, steps: [{ from: day 0, allow: 20 % }] }
              - { id: slow, title: Weight, when: [glue is slow], bearing: leg, steps: [{ from: day 0, allow: 10 % }] }
            openings:
              - { open: heel-slide/operated, from: 2 weeks }
            """;

    private static final String PROTOCOL = """
            protocol: test.patched
            title: Patched
            version: "1.0"
            clock: surgery
            source: common practice
            review: unreviewed
            region: { joints: [knee], tissues: [], limbs: [leg] }
            includes:
              - INCLUDE
            questions:
              - id: patch
                ask: Was it patched?
                values: [{ id: none, title: no }, { id: small, title: small }, { id: large, title: large }]
            phases:
              - { id: first, title: First, goals: [rest], earliest: day 0, expected: day 0, leave: [] }
            openings:
              - { open: heel-slide/operated, from: day 0 }
              - { open: prone-hang/operated, phase: first }
              - { open: grip-ball/operated, from: day 0 }
            """;

    private static final String MAPPED =
            "{ part: patch, when: [patch is not none], asks: { size: patch }, answers: { glue: quick } }";

    private static List<SourceText> shared;

    @BeforeAll
    static void withoutTheShippedProtocols() {
        shared = ShippedLibrary.sources().stream()
                .filter(source -> !source.file().startsWith("protocols/"))
                .toList();
    }

    private static Bundle bundle(String include) {
        List<SourceText> sources = new ArrayList<>(shared);
        sources.add(new SourceText("parts/patch.yaml", PART));
        sources.add(new SourceText("protocols/test.patched.yaml", PROTOCOL.replace("INCLUDE", include)));
        return Bundle.read(sources);
    }

    private static Protocol patched(String include) {
        return bundle(include).protocol("test.patched");
    }

    private static List<String> problems(String include) {
        return catchThrowableOfType(RefusedException.class, () -> bundle(include)).problems().stream()
                .map(Problem::toString)
                .toList();
    }

    @Test
    void itsRulesAreNamedAfterItAndSayWhereTheyComeFrom() {
        List<RuleHead> heads =
                patched(MAPPED).limits().stream().map(limit -> limit.head()).toList();

        assertThat(heads).extracting(RuleHead::id).containsExactly("patch.bearing", "patch.large");
        assertThat(heads).allSatisfy(head -> assertThat(head.part()).isEqualTo("Patch 1.0"));
    }

    /** A rule for an answer that the protocol excludes is left; one for an answer of its own question hangs on that. */
    @Test
    void itsConditionsAreSaidOfTheProtocolsQuestions() {
        Protocol protocol = patched(MAPPED);

        assertThat(protocol.limit("patch.bearing").head().when().oneOf())
                .containsOnly(java.util.Map.entry("patch", Set.of("small", "large")));
        assertThat(protocol.limit("patch.large").head().when().oneOf())
                .containsOnly(java.util.Map.entry("patch", Set.of("large")));
    }

    @Test
    void whatIsNeitherMappedNorAnsweredIsAskedOnlyWithThePart() {
        Protocol protocol = patched("{ part: patch, when: [patch is not none], asks: { size: patch } }");

        assertThat(protocol.questions()).extracting(Question::id).containsExactly("patch", "glue");
        assertThat(protocol.question("glue").asked().oneOf())
                .containsOnly(java.util.Map.entry("patch", Set.of("small", "large")));
    }

    @Test
    void aPartWithOpeningsIsSilentOnWhatItDoesNotNameInItsRegionAndNowhereElse() {
        Protocol protocol = patched(MAPPED);

        assertThat(said(protocol, "heel-slide/operated"))
                .singleElement()
                .satisfies(said -> assertThat(said.cases()).hasSize(1));
        assertThat(said(protocol, "prone-hang/operated"))
                .singleElement()
                .satisfies(said -> assertThat(said.cases()).isEmpty());
        assertThat(said(protocol, "grip-ball/operated")).isEmpty();
    }

    private static List<Opening.OfPart> said(Protocol protocol, String role) {
        return protocol.openings().stream()
                .filter(opening -> opening.role().equals(RoleKey.of(role)))
                .findFirst()
                .orElseThrow()
                .parts();
    }

    @Test
    void whatIsOffIsSaidWithWhatIsAllowed() {
        assertThat(problems("{ part: pathc }"))
                .singleElement()
                .asString()
                .contains("found 'pathc', allowed: ")
                .contains("patch");
        assertThat(problems("{ part: patch, asks: { size: patch } }"))
                .singleElement()
                .asString()
                .contains("found the answer 'none' of 'patch', allowed for 'size': small, large");
        assertThat(problems("{ part: patch, when: [patch is not none], answers: { glue: hot } }"))
                .singleElement()
                .asString()
                .contains("glue: found 'hot', allowed: quick, slow");
        assertThat(problems("{ part: patch, when: [patch is not none], answers: { colour: red } }"))
                .singleElement()
                .asString()
                .contains("found 'colour', allowed: size, glue");
    }
}
