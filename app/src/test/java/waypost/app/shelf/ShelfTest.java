package waypost.app.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import waypost.app.testing.Visitor;
import waypost.core.exercise.Activity;
import waypost.core.protocol.Protocol;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;

@Tag("served")
class ShelfTest {

    private static final Visitor THERAPIST = Visitor.signedIn("therapist");
    private static final Bundle BUNDLE = ShippedLibrary.read();
    private static final String KNEE = "knee.ligament-reconstruction";

    static Stream<Protocol> protocols() {
        return BUNDLE.protocols().stream();
    }

    private static String text(String path) {
        Visitor.Answer answer = THERAPIST.get(path);
        assertThat(answer.status()).as(path).isEqualTo(200);
        return answer.body()
                .replaceAll("<[^>]+>", " ")
                .replace("&#39;", "'")
                .replace("&quot;", "\"")
                .replace("&amp;", "&")
                .replaceAll("\\s+", " ");
    }

    @Test
    void everyProtocolStandsOnTheShelfWithItsReviewStatus() {
        String shelf = text("/shelf");

        assertThat(BUNDLE.protocols()).allSatisfy(p -> assertThat(shelf).contains(p.title()));
        assertThat(shelf).contains("unreviewed", "Shoulder", "Hip or knee");
    }

    @Tag("slow")
    @ParameterizedTest
    @MethodSource("protocols")
    void aProtocolIsReadWithRulesSchoolsDutiesMilestonesSourceAndLint(Protocol protocol) {
        String page = text("/shelf/" + protocol.id() + "?dayZero=2031-02-10&on=2031-03-24");

        assertThat(page)
                .contains(protocol.face(), protocol.review(), protocol.source(), "Looked through", "Nothing found");
        assertThat(protocol.questions()).allSatisfy(q -> assertThat(page).contains(q.prompt()));
        assertThat(protocol.criteria()).allSatisfy(c -> assertThat(page).contains(c.title()));
        assertThat(protocol.limits())
                .allSatisfy(limit -> assertThat(page).contains(limit.head().title()));
        assertThat(protocol.duties())
                .allSatisfy(duty -> assertThat(page).contains(duty.head().title()));
        assertThat(THERAPIST
                        .get("/shelf/" + protocol.id() + "/ahead?dayZero=2031-02-10")
                        .body())
                .contains("\"days\"", "\"signs\"");
    }

    @Test
    void anAnswerChangesWhatTheMapShows() {
        String unknown = text("/shelf/" + KNEE + "?dayZero=2031-02-10&on=2031-02-20");
        String none = text("/shelf/" + KNEE + "?dayZero=2031-02-10&on=2031-02-20&answer.meniscus-repair=none");

        String worn = "Brace after meniscus repair, longer: [^,]+(, [^,]+)?, from Mon 10 Feb 2031";
        assertThat(unknown).containsPattern(worn);
        assertThat(none).doesNotContainPattern(worn);
    }

    @Test
    void aProtocolComparedWithItselfDiffersInNothing() {
        assertThat(text("/shelf/compare?left=" + KNEE + "&right=" + KNEE))
                .contains("Nothing differs on this day.", "Nothing differs on any day.");
    }

    private static String plain(String side) {
        return "&" + side + ".ligament=anterior&" + side + ".cartilage-repair=none&" + side + ".collateral-repair=none";
    }

    @Test
    void twoSetsOfAnswersDifferInWhatTheAnswersChange() {
        String page = text("/shelf/compare?left=" + KNEE + "&right=" + KNEE
                + "&left.meniscus-repair=none&right.meniscus-repair=vertical" + plain("left") + plain("right")
                + "&dayZero=2031-02-10&on=2031-03-01");

        assertThat(page)
                .contains(
                        "Bend after meniscus repair",
                        "no limit",
                        "only in B: Brace after meniscus repair",
                        "rungs are judged otherwise in B than in A");
    }

    @Test
    void twoProtocolsAreComparedOnOneRuler() {
        String page = text("/shelf/compare?left=shoulder.replacement-anatomic&right=shoulder.replacement-reverse");

        assertThat(page)
                .contains(
                        "A · phase",
                        "B · phase",
                        "Rungs judged otherwise",
                        "Milestones",
                        "Phases",
                        "Measuring",
                        "only in A: ");
    }

    @Test
    void anExerciseTellsWhoCoversItAndFromWhen() {
        String page = text("/shelf/exercises/quad-set");

        assertThat(page).contains("Covered by", "Knee ligament reconstruction", "Its ladder", "Usual dose");
        assertThat(text("/shelf/exercises/"
                        + BUNDLE.activities().stream()
                                .filter(Activity.Test.class::isInstance)
                                .findFirst()
                                .orElseThrow()
                                .id()))
                .contains("Until it is safe");
    }

    @Test
    void anExerciseSaysHowItCanBeSetUp() {
        assertThat(text("/shelf/exercises/chair-rise"))
                .contains("Seat height 65 cm, 60 cm, 55 cm, 50 cm, 45 cm; usually 45 cm");
    }

    @Test
    void whatIsNotThereOrCannotBeIsRefused() {
        assertThat(THERAPIST.get("/shelf/knee.nothing").status()).isEqualTo(404);
        assertThat(THERAPIST.get("/shelf/exercises/levitation").status()).isEqualTo(404);
        assertThat(THERAPIST.get("/shelf/" + KNEE + "?answer.graft=silk").status())
                .isEqualTo(400);
        assertThat(THERAPIST.get("/shelf/" + KNEE + "?on=soon").status()).isEqualTo(400);
        assertThat(THERAPIST
                        .get("/shelf/compare?left=" + KNEE + "&right=" + KNEE + "&leftBundle=0000")
                        .status())
                .isEqualTo(404);
        assertThat(Visitor.stranger().get("/shelf").status()).isEqualTo(302);
    }
}
