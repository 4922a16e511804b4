package waypost.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import waypost.app.course.ReferralForm;
import waypost.app.course.Referrals;
import waypost.app.store.Bundles;
import waypost.app.testing.Referring;
import waypost.app.testing.RunningWaypost;
import waypost.app.testing.Visitor;
import waypost.library.bundle.Bundle;
import waypost.library.bundle.ShippedLibrary;
import waypost.library.bundle.SourceText;

/** An exercise, an extra and a limit come from a YAML file alone, and the page follows it. */
@Tag("slow")
class SupplementTest {

    private final RunningWaypost waypost = RunningWaypost.get();
    private final Visitor therapist = Visitor.signedIn("therapist");

    private static Bundle supplemented() throws IOException {
        String file = "supplements/thigh-bruise.yaml";
        List<SourceText> sources = new ArrayList<>(ShippedLibrary.sources());
        try (var in = SupplementTest.class.getResourceAsStream("/" + file)) {
            sources.add(new SourceText(file, new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        }
        return Bundle.read(sources);
    }

    private String pageOf(Bundle bundle, String number, Map<String, String> answers) {
        Map<String, String> form = Referring.form("Supplement " + number, number, 10);
        form.putAll(answers);
        MultiValueMap<String, String> entered = new LinkedMultiValueMap<>();
        form.forEach(entered::add);
        UUID course = waypost.bean(Referrals.class)
                .open(waypost.staff("therapist"), new ReferralForm(entered), RunningWaypost.TODAY, bundle);
        return therapist.get("/courses/" + course + "?rung=quad-set/operated").body();
    }

    @Test
    void changesTheVerdictOnThePageWithNoJavaTouched() throws IOException {
        Bundle bundle = waypost.bean(Bundles.class).publish(supplemented());

        String shipped = pageOf(waypost.bean(Bundles.class).shipped(), "S-1", Map.of());
        String unknown = pageOf(bundle, "S-2", Map.of());
        String bruised = pageOf(bundle, "S-3", Map.of("answer.thigh-bruise", "bruised"));
        String clear = pageOf(bundle, "S-4", Map.of("answer.thigh-bruise", "none"));

        assertThat(shipped).doesNotContain("Rocking chair").contains("No rule in force stands against it today.");
        assertThat(unknown).contains("Rocking chair").contains("Thigh bruise? not stated");
        assertThat(unknown).contains("No effort for the quadriceps; low effort asked.");
        assertThat(bruised).contains("Bruised thigh · Knee ligament reconstruction 1.0 · thigh bruise: bruised.");
        assertThat(clear).contains("Rocking chair").contains("No rule in force stands against it today.");
    }
}
