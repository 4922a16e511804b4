package waypost.library.bundle;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import waypost.core.body.Degrees;
import waypost.core.body.Limb;
import waypost.core.body.Motion;
import waypost.core.demand.Level;
import waypost.core.demand.Posture;
import waypost.core.done.Carried;
import waypost.core.done.Done;
import waypost.core.done.Effort;
import waypost.core.done.Entailed;
import waypost.core.done.Strapped;
import waypost.core.done.Understated;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.library.text.Entry;

/** Reads how an activity is done in each role, and works out what that asks beside what the role says. */
final class DoneReader {

    private DoneReader() {}

    /** How the body is placed in each role, by its name: as the activity says, but for what the role says itself. */
    static Map<String, Pose> poses(Entry activity) {
        Pose common = activity.at("done").make(entry -> pose(entry, Word.at(entry, "posture", Posture.class)));
        Map<String, Pose> poses = new LinkedHashMap<>();
        activity.list("roles", role -> Map.entry(role.text("name"), own(role, common)))
                .forEach(pose -> poses.put(pose.getKey(), pose.getValue()));
        return poses;
    }

    private static Pose own(Entry role, Pose common) {
        return role.find("done")
                .map(done -> over(common, pose(done, common.posture())))
                .orElse(common);
    }

    private static Pose over(Pose common, Pose own) {
        return new Pose(
                common.posture(),
                both(common.still(), own.still()),
                own.isOfBothSides() ? own.sides() : common.sides(),
                both(common.other(), own.other()),
                own.touching().isEmpty() ? common.touching() : own.touching(),
                common.inPassing() || own.inPassing(),
                own.band().or(common::band),
                own.because().or(common::because));
    }

    private static Map<Motion, Degrees> both(Map<Motion, Degrees> common, Map<Motion, Degrees> own) {
        Map<Motion, Degrees> all = new EnumMap<>(Motion.class);
        all.putAll(common);
        all.putAll(own);
        return all;
    }

    private static Pose pose(Entry entry, Posture posture) {
        return new Pose(
                posture,
                angles(entry),
                entry.has("both") ? Word.at(entry, "both", Pose.Sides.class) : Pose.Sides.ONE,
                entry.find("other").map(DoneReader::angles).orElse(Map.of()),
                entry.list("touching", touch -> touch.as(Touch::parse)).stream()
                        .flatMap(List::stream)
                        .toList(),
                entry.maybe("in-passing", Boolean::parseBoolean).orElse(false),
                entry.find("band").map(TetherReader::tether),
                entry.find("because").map(Entry::text));
    }

    private static Map<Motion, Degrees> angles(Entry entry) {
        Map<Motion, Degrees> still = new EnumMap<>(Motion.class);
        for (Motion motion : Motion.values()) {
            entry.find(Word.of(motion)).ifPresent(angle -> still.put(motion, angle.as(Degrees::parse)));
        }
        return still;
    }

    /** The roles with what doing them asks; one that can't be held as it is said, or says too little, is refused. */
    static List<Role> entailing(Activity activity, Entry entry) {
        return activity.roles().stream()
                .map(role -> entailing(activity, role, entry))
                .toList();
    }

    private static Role entailing(Activity activity, Role role, Entry entry) {
        try {
            Done done = Done.of(activity, role);
            Carried carried = Carried.by(done);
            List<Effort> efforts = Effort.of(done, carried, role);
            if (activity.pose(role).because().isEmpty()) {
                for (Limb limb : Limb.values()) {
                    Understated.in(role, carried, limb).ifPresent(less -> entry.problem(role.key() + ": " + say(less)));
                }
                for (Effort effort : efforts) {
                    effort.understated(role).ifPresent(less -> entry.problem(role.key() + ": " + say(effort, less)));
                }
            }
            return role.asking(Entailed.by(done, carried, efforts, role, activity.equipment())
                    .with(Strapped.of(activity.pose(role), role))
                    .with(role.besides().operated()));
        } catch (IllegalArgumentException unheld) {
            entry.problem(role.key() + ": " + unheld.getMessage() + "; say under 'done' what touches what");
            return role;
        }
    }

    private static String say(Effort effort, Level said) {
        return "the " + Word.of(effort.tissue()) + ": found the effort " + Word.of(said)
                + ", allowed: more, since done so it holds " + Math.round(100 * effort.share())
                + " % of what strong people can, or a 'because' in words";
    }

    private static String say(Understated less) {
        return "the " + Word.of(less.limb()) + ": found " + Math.round(less.said())
                + " % of body mass, allowed: at least "
                + Math.round(less.least()) + " %, since done so it carries " + Math.round(less.worked())
                + " %, or a 'because' in words";
    }
}
