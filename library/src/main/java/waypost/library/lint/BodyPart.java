package waypost.library.lint;

import java.util.Set;
import java.util.stream.Stream;
import waypost.core.body.Joint;
import waypost.core.body.Limb;
import waypost.core.body.Region;
import waypost.core.exercise.Role;

/** Of which part of the body an exercise is, for a count. */
enum BodyPart {
    ARMS(
            "the arms",
            new Region(
                    Set.of(Joint.SHOULDER, Joint.ELBOW, Joint.FOREARM, Joint.WRIST, Joint.MCP, Joint.PIP, Joint.DIP),
                    Set.of(),
                    Set.of(Limb.ARM))),
    LEGS("the legs", new Region(Set.of(Joint.HIP, Joint.KNEE, Joint.ANKLE), Set.of(), Set.of(Limb.LEG))),
    TRUNK("the trunk", new Region(Set.of(Joint.TRUNK), Set.of(), Set.of()));

    private final String words;
    private final Region region;

    BodyPart(String words, Region region) {
        this.words = words;
        this.region = region;
    }

    /** The first of the parts that the exercise asks something of; the trunk where it asks nothing of a limb. */
    static BodyPart of(Role role) {
        return Stream.of(values())
                .filter(part -> role.demands().stream().anyMatch(demand -> demand.concerns(part.region)))
                .findFirst()
                .orElse(TRUNK);
    }

    String words() {
        return words;
    }
}
