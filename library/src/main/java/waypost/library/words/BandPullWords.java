package waypost.library.words;

import java.util.Locale;
import java.util.Optional;
import waypost.core.done.BandPull;
import waypost.core.strength.Calibration;
import waypost.core.strength.Force;

/** Says how hard a band pulls where a movement begins and ends, and what that is at the joint that works against it. */
public final class BandPullWords {

    /** A band that pulls so near to the joint, in metres, pulls along the limb. */
    private static final double ALONG = 0.02;

    private BandPullWords() {}

    /** "The band pulls 9 N at the start and 21 N at the end: 2 and 5 N·m at the shoulder, for somebody of 1.75 m." */
    public static String say(BandPull pull, Calibration band) {
        Optional<Force> start = band.at(pull.start().lengthMetres());
        Optional<Force> end = band.at(pull.end().lengthMetres());
        if (start.isEmpty() || end.isEmpty()) {
            double longest = Math.max(pull.start().lengthMetres(), pull.end().lengthMetres());
            return String.format(
                    Locale.ROOT,
                    "The band would be %.0f cm long; nobody has measured it beyond %.0f cm. Come nearer to the anchor or take a"
                            + " longer band.",
                    longest * 100,
                    band.longestMetres() * 100);
        }
        String forces =
                "The band pulls " + newtons(start.get()) + " at the start and " + newtons(end.get()) + " at the end";
        return pull.start().armMetres().isEmpty()
                ? forces + "."
                : forces + ": " + torque(start.get(), pull.start()) + " and " + torque(end.get(), pull.end())
                        + " at the " + Terms.joint(pull.movement().motion()) + ", for somebody of 1.75 m.";
    }

    private static String newtons(Force force) {
        return force.newtons() == 0 ? "nothing" : String.format(Locale.ROOT, "%.0f N", force.newtons());
    }

    private static String torque(Force force, BandPull.At at) {
        double arm = at.armMetres().orElseThrow();
        double torque = force.newtons() * arm;
        return Math.abs(arm) < ALONG
                ? "next to nothing"
                : String.format(Locale.ROOT, "%.1f N·m", Math.abs(torque)) + (torque < 0 ? " in help" : "");
    }
}
