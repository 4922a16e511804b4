package waypost.core.movement;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import waypost.core.body.Joint;
import waypost.core.body.Region;
import waypost.core.exercise.RoleKey;

/** A movement that is watched on both sides. */
public enum Watched {
    ARM_RAISE("active-elevation/operated", "blade-rhythm", Set.of(Joint.SHOULDER)),
    SQUAT("box-squat/both", "", Set.of(Joint.HIP, Joint.KNEE, Joint.ANKLE)),
    STEP_DOWN("step-down-test/operated", "step-down-clean", Set.of(Joint.HIP, Joint.KNEE, Joint.ANKLE)),
    GAIT("limp-check/operated", "gait-clean", Set.of(Joint.TRUNK, Joint.HIP, Joint.KNEE, Joint.ANKLE));

    private final RoleKey asks;
    private final String measure;
    private final Set<Joint> joints;

    Watched(String asks, String measure, Set<Joint> joints) {
        this.asks = RoleKey.of(asks);
        this.measure = measure;
        this.joints = joints;
    }

    /** The role of the library that asks as much of the limb: it has to be open before somebody is asked to move so. */
    public RoleKey asks() {
        return asks;
    }

    /** The id of the measure "seen clean or not" that watching it answers; empty where no milestone asks for it. */
    public Optional<String> measure() {
        return measure.isEmpty() ? Optional.empty() : Optional.of(measure);
    }

    /** What can be seen to go wrong. */
    public List<Fault> faults() {
        return Arrays.stream(Fault.values())
                .filter(fault -> fault.isSeenIn(this))
                .toList();
    }

    /** Whether it is watched after an operation on this region. */
    public boolean concerns(Region region) {
        return joints.stream().anyMatch(region.joints()::contains);
    }
}
