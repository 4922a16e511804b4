package waypost.core.block;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import waypost.core.body.Direction;
import waypost.core.body.Mode;
import waypost.core.body.Motion;
import waypost.core.course.Course;
import waypost.core.demand.Demand;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Role;
import waypost.core.exercise.RoleKey;

/**
 * Into which directions the joints of the operated region are worked by a plan: what its own muscles do, actively or
 * against something.
 */
public record PlanesCovered(List<Plane> planes) {

    public PlanesCovered {
        planes = List.copyOf(planes);
    }

    /**
     * One direction of one axis.
     *
     * @param planned what of the plan works into it
     * @param couldBe what opens in the block, is spoken of by the protocol and would work into it
     */
    public record Plane(Motion motion, Direction direction, List<RoleKey> planned, List<RoleKey> couldBe) {
        public Plane {
            planned = List.copyOf(planned);
            couldBe = List.copyOf(couldBe);
        }
    }

    /** Every direction into which an exercise of the library works a joint of the region. */
    public static PlanesCovered of(Course course, List<RoleKey> plan, BlockAhead ahead) {
        List<Role> roles = course.activities().stream()
                .filter(Activity.Exercise.class::isInstance)
                .flatMap(activity -> activity.roles().stream())
                .toList();
        List<Plane> planes = new ArrayList<>();
        for (Motion motion : Motion.values()) {
            if (course.resolved().region().joints().contains(motion.joint())) {
                Arrays.stream(Direction.values())
                        .map(direction ->
                                plane(course, working(roles, motion, direction), motion, direction, plan, ahead))
                        .filter(plane ->
                                !plane.planned().isEmpty() || !plane.couldBe().isEmpty())
                        .forEach(planes::add);
            }
        }
        return new PlanesCovered(planes);
    }

    private static List<RoleKey> working(List<Role> roles, Motion motion, Direction direction) {
        return roles.stream()
                .filter(role -> role.demands().stream().anyMatch(demand -> works(demand, motion, direction)))
                .map(Role::key)
                .toList();
    }

    private static Plane plane(
            Course course,
            List<RoleKey> working,
            Motion motion,
            Direction direction,
            List<RoleKey> plan,
            BlockAhead ahead) {
        return new Plane(
                motion,
                direction,
                working.stream().filter(plan::contains).toList(),
                working.stream()
                        .filter(role -> !plan.contains(role)
                                && ahead.of(role).isPresent()
                                && course.speaksOf(course.exercise(role.activity())))
                        .toList());
    }

    private static boolean works(Demand demand, Motion motion, Direction direction) {
        return demand instanceof Demand.Movement movement
                && movement.motion() == motion
                && movement.working() == direction
                && (movement.mode() == Mode.ACTIVE || movement.mode() == Mode.RESISTED);
    }
}
