package waypost.core.exercise;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import waypost.core.demand.Posture;

/** Something a patient may do: an exercise that treats or a test that measures. Both are gated alike. */
public sealed interface Activity {

    /** Permanent id, lower case with hyphens; titles may change. */
    String id();

    String title();

    /** At least one; several when the operated limb may play different parts. */
    List<Role> roles();

    /** How the body is placed in each role, by its name. */
    Map<String, Pose> poses();

    /** What it is done with. */
    List<String> equipment();

    /** How the body is placed in a role of it, or in another form of one. */
    default Pose pose(Role role) {
        return Objects.requireNonNull(poses().get(role.name()), () -> "no pose of " + role.key());
    }

    /** The part that the other limb plays meanwhile. */
    default Optional<Role> facing(Role role) {
        return role.facing()
                .flatMap(name -> roles().stream()
                        .filter(part -> part.name().equals(name))
                        .findFirst());
    }

    /** How the body is placed in its first role. */
    default Posture posture() {
        return pose(roles().get(0)).posture();
    }

    /** The ways in which it can be set up. */
    default Arrangements setUps() {
        return Arrangements.NONE;
    }

    /** Whether a role of it may go on after a fall that nobody has looked after: carried motion, and walking about. */
    default boolean isGentle(Role role) {
        return false;
    }

    /**
     * A treatment exercise on a rung of a ladder.
     *
     * @param ladder id of the ladder
     * @param rung place on the ladder, 1 the easiest
     * @param harder what got harder than on the rung below, in plain words
     * @param progression the rule by which its dose moves
     * @param rises what it asks strictly more of than the rung below, to be checked
     * @param poses how the body is placed in each role, by its name
     * @param setUps the ways in which it can be set up; its roles are those of the usual one
     */
    record Exercise(
            String id,
            String title,
            String ladder,
            int rung,
            String harder,
            Rise rises,
            Purpose purpose,
            List<Role> roles,
            Dose dose,
            Progression progression,
            Map<String, Pose> poses,
            Arrangements setUps,
            Teaching teaching)
            implements Activity {
        public Exercise {
            roles = checked(id, roles);
            poses = Map.copyOf(poses);
        }

        /** The same in roles of the same names. */
        public Exercise with(List<Role> others) {
            return done(others, poses);
        }

        /** The same in roles of the same names, with the body placed so. */
        public Exercise done(List<Role> others, Map<String, Pose> placed) {
            return new Exercise(
                    id,
                    title,
                    ladder,
                    rung,
                    harder,
                    rises,
                    purpose,
                    others,
                    dose,
                    progression,
                    placed,
                    setUps,
                    teaching);
        }

        /** The same as it is done in an arrangement. */
        public Exercise in(Arrangement chosen) {
            return setUps.in(chosen).map(so -> done(so.roles(), so.poses())).orElse(this);
        }

        /** A role of it by its key. */
        public Role role(RoleKey key) {
            return roles.stream()
                    .filter(role -> role.key().equals(key))
                    .findFirst()
                    .orElseThrow(
                            () -> new IllegalArgumentException("role: found '" + key + "', allowed: one of " + id));
        }

        /** The same that can be set up in these ways. */
        public Exercise with(Arrangements ways) {
            return new Exercise(
                    id, title, ladder, rung, harder, rises, purpose, roles, dose, progression, poses, ways, teaching);
        }

        /** Whether it asks more than {@code other} as far as ladders tell: another ladder, or a higher rung. */
        public boolean isHarderThan(Exercise other) {
            return !ladder.equals(other.ladder) || rung > other.rung;
        }

        @Override
        public List<String> equipment() {
            return teaching.equipment();
        }

        @Override
        public boolean isGentle(Role role) {
            return role.isCarried() || purpose == Purpose.GAIT && !role.hasImpact();
        }
    }

    /**
     * A test; what it yields is recorded as readings of {@code measure}.
     *
     * @param poses how the body is placed in each role, by its name
     * @param alternative what to do instead while it is not safe
     */
    record Test(
            String id,
            String title,
            String measure,
            List<Role> roles,
            Map<String, Pose> poses,
            List<String> equipment,
            String alternative)
            implements Activity {
        public Test {
            roles = checked(id, roles);
            poses = Map.copyOf(poses);
            equipment = List.copyOf(equipment);
        }

        /** The same in roles of the same names. */
        public Test with(List<Role> others) {
            return new Test(id, title, measure, others, poses, equipment, alternative);
        }
    }

    private static List<Role> checked(String id, List<Role> roles) {
        if (roles.isEmpty()) {
            throw new IllegalArgumentException(id + ": found no role, allowed: at least one");
        }
        return List.copyOf(roles);
    }
}
