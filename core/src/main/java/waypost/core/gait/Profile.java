package waypost.core.gait;

import java.util.List;
import java.util.Map;
import waypost.core.anatomy.Sagittal;
import waypost.core.anatomy.Skeleton;

/**
 * A moment of a walk from the side.
 *
 * @param body standing on what stands
 * @param aids what is held, each from where it stands upward
 */
public record Profile(Skeleton body, Map<Part, Stick> aids) {

    /** How high a stair is, in metres. */
    public static final double RISE_METRES = 0.17;

    /** How deep it is, in metres. */
    public static final double TREAD_METRES = 0.28;

    public Profile {
        aids = Map.copyOf(aids);
    }

    /**
     * Something that is held.
     *
     * @param line from its foot to its top, as it is drawn
     * @param handle where the hand is
     */
    public record Stick(List<Sagittal.Place> line, Sagittal.Place handle) {
        public Stick {
            line = List.copyOf(line);
        }
    }
}
