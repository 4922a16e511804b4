package waypost.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import waypost.core.body.Region;
import waypost.core.safety.RedFlag;
import waypost.library.bundle.Bundle;

/** Which signs are asked after which operation: those of one are not asked of another. Common practice, no source. */
class RedFlagsAskedTest {

    private static final Bundle BUNDLE = Shipped.BUNDLE;

    private static List<String> asked(String protocol) {
        Region region = BUNDLE.protocol(protocol).scope().region();
        return BUNDLE.redFlags().stream()
                .filter(flag -> flag.concerns(region))
                .map(RedFlag::id)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "back.lumbar-decompression,saddle,true",
        "back.lumbar-decompression,legs-weaker,true",
        "knee.replacement,saddle,false",
        "hip.replacement,groin,true",
        "hip.fracture,groin,true",
        "knee.replacement,groin,false",
        "ankle.achilles-repair,heel-gap,true",
        "ankle.achilles-without-surgery,heel-gap,true",
        "shoulder.biceps-tenodesis,arm-bulge,true",
        "shoulder.labral-debridement,arm-bulge,false",
        "shoulder.replacement-anatomic,turns-out-too-far,true",
        "shoulder.instability-repair,turns-out-too-far,true",
        "wrist.radius-fracture,little-finger,true",
        "wrist.radius-fracture,tight-limb,true",
        "hand.flexor-tendon-zone-2,tight-splint,true",
        "knee.ligament-reconstruction,tight-splint,false",
        "knee.replacement,hot-joint,true",
        "shoulder.cuff-repair,breathless,true"
    })
    void asksWhatBelongsToTheOperation(String protocol, String flag, boolean asks) {
        assertThat(asked(protocol).contains(flag)).isEqualTo(asks);
    }
}
