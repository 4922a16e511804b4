package waypost.library.bundle;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import waypost.core.demand.Demand;
import waypost.core.done.Raised;
import waypost.core.exercise.Activity;
import waypost.core.exercise.Arranged;
import waypost.core.exercise.Arrangement;
import waypost.core.exercise.Arrangements;
import waypost.core.exercise.Pose;
import waypost.core.exercise.Role;
import waypost.core.exercise.Setting;
import waypost.library.text.Entry;

/** Reads how an exercise can be set up, and works out what its roles ask in each set-up. */
final class SettingReader {

    private static final double CENTIMETRES = 100;

    /** By how many metres a step or a seat may be off what the written bend comes to: shoes, cushions, build. */
    private static final double OFF_METRES = 0.04;

    /** A setting, and what a choice makes of an exercise. */
    private interface Read {
        Setting setting();

        Activity.Exercise chosen(Activity.Exercise exercise, String choice);
    }

    /** Something stands at a height. */
    private record Height(Setting setting, Raised.What what) implements Read {
        @Override
        public Activity.Exercise chosen(Activity.Exercise exercise, String choice) {
            return Raised.by(exercise, what, Centimetres.metres(choice) - Centimetres.metres(setting.usual()));
        }
    }

    /** A band is anchored at a distance. */
    private record Distance(Setting setting) implements Read {
        @Override
        public Activity.Exercise chosen(Activity.Exercise exercise, String choice) {
            return Raised.anchored(exercise, Centimetres.metres(choice) - Centimetres.metres(setting.usual()));
        }
    }

    /** Something is done in this way or that. */
    private record Ways(Setting setting, Map<String, Way> ways) implements Read {
        @Override
        public Activity.Exercise chosen(Activity.Exercise exercise, String choice) {
            return ways.getOrDefault(choice, Way.AS_WRITTEN).of(exercise);
        }
    }

    /** What is asked otherwise in a way, in every role. */
    private record Way(List<Demand> asks, Optional<String> because) {

        static final Way AS_WRITTEN = new Way(List.of(), Optional.empty());

        Activity.Exercise of(Activity.Exercise exercise) {
            Map<String, Pose> poses = new LinkedHashMap<>();
            exercise.poses().forEach((role, pose) -> poses.put(role, pose.because(because)));
            return exercise.done(
                    exercise.roles().stream().map(role -> role.instead(asks)).toList(), poses);
        }
    }

    private SettingReader() {}

    /** The exercise with what it asks as it is usually set up, and in every other way. */
    static Activity.Exercise arranged(Activity.Exercise exercise, Entry entry) {
        List<Read> read = entry.list("settings", SettingReader::setting);
        Activity.Exercise usual = exercise.with(DoneReader.entailing(exercise, entry));
        if (read.isEmpty()) {
            return usual;
        }
        checkUsual(exercise, read, entry);
        List<Setting> settings = read.stream().map(Read::setting).toList();
        Map<Arrangement, Arranged> ways = new LinkedHashMap<>();
        for (Arrangement arrangement : Arrangements.of(settings)) {
            ways.put(arrangement, arranged(exercise, usual, read, arrangement, entry));
        }
        return entry.make(at -> usual.with(new Arrangements(settings, ways)));
    }

    private static Arranged arranged(
            Activity.Exercise exercise, Activity.Exercise usual, List<Read> read, Arrangement chosen, Entry entry) {
        try {
            Activity.Exercise so = exercise;
            for (Read each : read) {
                so = each.chosen(so, chosen.choice(each.setting().name()).orElseThrow());
            }
            List<Role> roles = asksTheSame(so, exercise) ? usual.roles() : DoneReader.entailing(so, entry);
            return new Arranged(roles, so.poses());
        } catch (IllegalArgumentException unreached) {
            entry.problem(chosen + ": " + unreached.getMessage());
            return new Arranged(exercise.roles(), exercise.poses());
        }
    }

    /** A band's anchor, a towel roll: nothing of the body has to be worked out anew. */
    private static boolean asksTheSame(Activity.Exercise so, Activity.Exercise written) {
        return so.roles().equals(written.roles())
                && so.roles().stream().allMatch(role -> so.pose(role).isPlacedAs(written.pose(role)));
    }

    private static Read setting(Entry entry) {
        if (entry.has("distances")) {
            return new Distance(lengths(entry, "distances"));
        }
        return entry.has("heights")
                ? new Height(lengths(entry, "heights"), Word.at(entry, "of", Raised.What.class))
                : ways(entry);
    }

    private static Setting lengths(Entry entry, String key) {
        List<String> lengths = entry.list(key, text -> text.as(SettingReader::written));
        return entry.make(at -> new Setting(at.text("set"), lengths, at.text("usual")));
    }

    private static Read ways(Entry entry) {
        Map<String, Way> ways = new LinkedHashMap<>();
        entry.list("ways", way -> Map.entry(way.text("way"), way(way)))
                .forEach(way -> ways.put(way.getKey(), way.getValue()));
        Setting setting =
                entry.make(at -> new Setting(at.text("set"), new ArrayList<>(ways.keySet()), at.text("usual")));
        if (!ways.getOrDefault(setting.usual(), Way.AS_WRITTEN).asks().isEmpty()) {
            entry.problem("found what '" + setting.usual() + "' asks, allowed: only of what is not usual");
        }
        return new Ways(setting, ways);
    }

    private static Way way(Entry entry) {
        return new Way(
                entry.list("asks", DemandReader::demand), entry.find("because").map(Entry::text));
    }

    private static String written(String height) {
        Centimetres.metres(height);
        return height;
    }

    /** A step or a seat is as high as the written bend of the leg makes it. */
    private static void checkUsual(Activity.Exercise exercise, List<Read> read, Entry entry) {
        for (Read each : read) {
            if (each instanceof Height height) {
                String usual = height.setting().usual();
                height.what()
                        .heightMetres(exercise.roles().get(0))
                        .filter(worked -> Math.abs(worked - Centimetres.metres(usual)) > OFF_METRES)
                        .ifPresent(worked -> entry.problem("found " + usual + " as the usual "
                                + height.setting().name() + ", allowed: about "
                                + Math.round(worked * CENTIMETRES) + " cm, to which the written bend comes"));
            }
        }
    }
}
