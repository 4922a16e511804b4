package waypost.app.work;

import java.util.List;
import java.util.stream.Collectors;
import waypost.core.block.BlockAhead;
import waypost.core.block.Meant;
import waypost.core.block.PlanesCovered;
import waypost.core.exercise.RoleKey;
import waypost.library.words.Terms;

/** Lays out into which directions the plan works, and what could be put in where nothing does. */
final class Planes {

    private static final int IN_SIGHT = 3;

    private Planes() {}

    /**
     * One direction.
     *
     * @param planned titles; empty where nothing of the plan works into it
     * @param couldBe titles of some that open in the block, where nothing is planned
     */
    record Line(String direction, String planned, String couldBe) {}

    static List<Line> of(DayOfVisit day, BlockAhead ahead) {
        List<RoleKey> plan = day.plan().meant().stream().map(Meant::role).toList();
        return PlanesCovered.of(day.standing().course(), plan, ahead).planes().stream()
                .map(plane -> new Line(
                        Terms.direction(plane.motion(), plane.direction()),
                        titles(day, plane.planned()),
                        plane.planned().isEmpty() ? titles(day, plane.couldBe()) : ""))
                .toList();
    }

    private static String titles(DayOfVisit day, List<RoleKey> roles) {
        String first = roles.stream()
                .limit(IN_SIGHT)
                .map(day.signs()::title)
                .distinct()
                .collect(Collectors.joining("; "));
        return roles.size() > IN_SIGHT ? first + "; " + (roles.size() - IN_SIGHT) + " more" : first;
    }
}
