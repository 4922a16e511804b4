package waypost.library.bundle;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The library that ships with the application. */
public final class ShippedLibrary {

    private static final String ROOT = "/waypost/library/";
    private static final List<String> FILES = List.of(
            "measures.yaml",
            "red-flags.yaml",
            "exercises/ankle.yaml",
            "exercises/elbow.yaml",
            "exercises/hand.yaml",
            "exercises/hip.yaml",
            "exercises/knee.yaml",
            "exercises/running.yaml",
            "exercises/shoulder.yaml",
            "exercises/trunk.yaml",
            "milestones/general.yaml",
            "milestones/legs.yaml",
            "milestones/shoulder.yaml",
            "parts/biceps.yaml",
            "parts/cartilage.yaml",
            "parts/collateral.yaml",
            "parts/cuff.yaml",
            "parts/labrum.yaml",
            "parts/meniscus.yaml",
            "protocols/ankle.achilles-repair.yaml",
            "protocols/ankle.lateral-ligament-repair.yaml",
            "protocols/elbow.collateral-ligament-reconstruction.yaml",
            "protocols/hand.flexor-tendon-zone-2.yaml",
            "protocols/hip-or-knee.before-replacement.yaml",
            "protocols/hip.arthroscopy-labral-repair.yaml",
            "protocols/hip.replacement.yaml",
            "protocols/knee.beginner-strength.yaml",
            "protocols/knee.cartilage-restoration.yaml",
            "protocols/knee.kneecap-stabilisation.yaml",
            "protocols/knee.ligament-reconstruction.yaml",
            "protocols/knee.meniscectomy.yaml",
            "protocols/knee.meniscus-repair.yaml",
            "protocols/knee.replacement.yaml",
            "protocols/muscle.hamstring-strain.yaml",
            "protocols/muscle.strain.yaml",
            "protocols/shoulder.biceps-tenodesis.yaml",
            "protocols/shoulder.cuff-repair.yaml",
            "protocols/shoulder.dislocation.yaml",
            "protocols/shoulder.instability-repair.yaml",
            "protocols/shoulder.labral-debridement.yaml",
            "protocols/shoulder.labral-repair.yaml",
            "protocols/shoulder.replacement-anatomic.yaml",
            "protocols/shoulder.replacement-reverse.yaml");

    private ShippedLibrary() {}

    /** Its files as written. */
    public static List<SourceText> sources() {
        return FILES.stream().map(ShippedLibrary::source).toList();
    }

    public static Bundle read() {
        return Bundle.read(sources());
    }

    private static SourceText source(String file) {
        try (InputStream in = ShippedLibrary.class.getResourceAsStream(ROOT + file)) {
            if (in == null) {
                throw new IllegalStateException("library: found no " + ROOT + file + " in the application");
            }
            return new SourceText(file, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
