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
            "sets.yaml",
            "sessions.yaml",
            "transfers.yaml",
            "batteries.yaml",
            "programs.yaml",
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
            "milestones/return.yaml",
            "milestones/shoulder.yaml",
            "parts/abductors.yaml",
            "parts/ankle-ligament.yaml",
            "parts/arm-block.yaml",
            "parts/arm-fall.yaml",
            "parts/biceps.yaml",
            "parts/bone-block.yaml",
            "parts/broken-arm.yaml",
            "parts/broken-leg.yaml",
            "parts/cartilage.yaml",
            "parts/collarbone-end.yaml",
            "parts/collateral.yaml",
            "parts/cuff.yaml",
            "parts/deep-wound.yaml",
            "parts/digital-nerve.yaml",
            "parts/dislocated.yaml",
            "parts/donor-site.yaml",
            "parts/elbow-ligament.yaml",
            "parts/extensor.yaml",
            "parts/finger-extensor.yaml",
            "parts/flare-careful.yaml",
            "parts/flare.yaml",
            "parts/flexor-tendon.yaml",
            "parts/frail.yaml",
            "parts/freed-capsule.yaml",
            "parts/heel-cord.yaml",
            "parts/heel-propped.yaml",
            "parts/held-arm.yaml",
            "parts/hip-labrum.yaml",
            "parts/hip-precautions.yaml",
            "parts/injection.yaml",
            "parts/instability.yaml",
            "parts/kneecap-ligament.yaml",
            "parts/labrum.yaml",
            "parts/late-running.yaml",
            "parts/leg-fall.yaml",
            "parts/lumbar.yaml",
            "parts/meniscus.yaml",
            "parts/moved-nerve.yaml",
            "parts/nerve-block.yaml",
            "parts/nerve-legs.yaml",
            "parts/new-joint.yaml",
            "parts/new-shoulder.yaml",
            "parts/operation-pain.yaml",
            "parts/overhead-climb.yaml",
            "parts/posterior-cruciate.yaml",
            "parts/pulley.yaml",
            "parts/repair-pain.yaml",
            "parts/revised.yaml",
            "parts/shoulder-injection.yaml",
            "parts/shoulder-trim.yaml",
            "parts/sling-hand.yaml",
            "parts/sore-sitting.yaml",
            "parts/straight-knee.yaml",
            "parts/stretch-pain.yaml",
            "parts/subscapularis.yaml",
            "parts/syndesmosis.yaml",
            "parts/tuberosity.yaml",
            "parts/upset-labrum.yaml",
            "parts/wound.yaml",
            "parts/wrist-bone.yaml",
            "protocols/ankle.achilles-repair.yaml",
            "protocols/ankle.achilles-without-surgery.yaml",
            "protocols/ankle.fracture-fixation.yaml",
            "protocols/ankle.lateral-ligament-repair.yaml",
            "protocols/back.lumbar-decompression.yaml",
            "protocols/elbow.collateral-ligament-reconstruction.yaml",
            "protocols/hand.carpal-tunnel.yaml",
            "protocols/hand.extensor-tendon.yaml",
            "protocols/hand.flexor-tendon-zone-2.yaml",
            "protocols/hip-or-knee.before-replacement.yaml",
            "protocols/hip.arthroscopy-labral-repair.yaml",
            "protocols/hip.fracture.yaml",
            "protocols/hip.replacement.yaml",
            "protocols/knee.beginner-strength.yaml",
            "protocols/knee.cartilage-restoration.yaml",
            "protocols/knee.extensor-repair.yaml",
            "protocols/knee.kneecap-stabilisation.yaml",
            "protocols/knee.ligament-reconstruction.yaml",
            "protocols/knee.meniscectomy.yaml",
            "protocols/knee.meniscus-repair.yaml",
            "protocols/knee.posterior-cruciate.yaml",
            "protocols/knee.replacement.yaml",
            "protocols/muscle.hamstring-strain.yaml",
            "protocols/muscle.hamstring-tendon.yaml",
            "protocols/muscle.strain.yaml",
            "protocols/shoulder.acromioplasty.yaml",
            "protocols/shoulder.biceps-tenodesis.yaml",
            "protocols/shoulder.bone-block.yaml",
            "protocols/shoulder.capsular-release.yaml",
            "protocols/shoulder.cuff-overload.yaml",
            "protocols/shoulder.cuff-repair.yaml",
            "protocols/shoulder.dislocation.yaml",
            "protocols/shoulder.instability-repair.yaml",
            "protocols/shoulder.labral-debridement.yaml",
            "protocols/shoulder.labral-repair.yaml",
            "protocols/shoulder.labral-tear.yaml",
            "protocols/shoulder.proximal-humerus-fracture.yaml",
            "protocols/shoulder.replacement-anatomic.yaml",
            "protocols/shoulder.replacement-reverse.yaml",
            "protocols/wrist.radius-fracture.yaml");

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
